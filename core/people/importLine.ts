import { isAccountName } from './account.ts'
import type { ImportKept, ImportLine } from './import.ts'
import { DateFault, type DateOrder, readTime } from './importTime.ts'

/** Which column of a file holds what, by what it holds; left out: none. */
export type ImportColumns = Readonly<Partial<Record<ImportColumn, number | undefined>>>
export const IMPORT_COLUMNS = [
  'name',
  'account',
  'issuer',
  'balance',
  'hours',
  'seconds',
  'nickname',
  'moderator',
  'follower_since',
  'tier',
  'subscribed_since',
  'subscribed_until',
  'account_made',
  'circles',
  'ignored',
  'unlisted',
] as const
export type ImportColumn = (typeof IMPORT_COLUMNS)[number]

/** A circle of the channel, which a file names. */
export interface NamedCircle {
  readonly id: number
  readonly name: string
}

/** A line that cannot be taken in: its number in the file, and what to change. */
export interface ImportProblem {
  readonly line: number
  readonly problem: string
}

const MOST_HOURS = 1_000_000
const MOST_SECONDS = MOST_HOURS * 3600

class Fault extends Error {}

/** Reads the cells of one line of a file. @returns The line, or a sentence about what is wrong with it. */
export function readImportLine(
  cells: readonly string[],
  columns: ImportColumns,
  circles: readonly NamedCircle[] = [],
  order: DateOrder = 'day',
): ImportLine | string {
  const cell = (column: ImportColumn) => {
    const at = columns[column]
    return at === undefined ? undefined : withoutQuote(cells[at] ?? '').trim()
  }
  try {
    const figures = {
      balance: readWhole(cell('balance')),
      seconds: readSeconds(cell('seconds')) ?? readHours(cell('hours')),
    }
    const kept = readKept(cell, circles, order)
    return { ...readWho(cell), ...figures, ...(Object.keys(kept).length > 0 && { kept }) }
  } catch (fault) {
    if (fault instanceof Fault || fault instanceof DateFault) return fault.message
    throw fault
  }
}

type Cell = (column: ImportColumn) => string | undefined

/** What a file puts before a cell that a spreadsheet would take for a formula. */
const withoutQuote = (text: string): string => (/^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text)

function readWho(cell: Cell): Pick<ImportLine, 'issuer' | 'account' | 'name'> {
  const [account, issuer] = [cell('account') ?? '', cell('issuer')]
  const name = (cell('name') ?? '').normalize('NFC')
  if (account === '') return typedAccount(name.replace(/^@/, ''))
  if (!isAccountName(account)) throw new Fault(`"${account.slice(0, 40)}" is not an account name: it is too long.`)
  const shown = (name || account).slice(0, 100)
  // With its issuer an account is known exactly; without, it is one of the chat network, where case does not count.
  return issuer === undefined ? { ...typedAccount(account), name: shown } : { issuer, account, name: shown }
}

/** An account of the chat network as people write it. */
function typedAccount(name: string): Pick<ImportLine, 'account' | 'name'> {
  if (name === '') throw new Fault('There is no name.')
  if (/[\s\u0000-\u001f\u007f]/u.test(name) || name.length > 100)
    throw new Fault(`"${name.slice(0, 40)}" is not an account’s name: it has spaces in it, or is too long.`)
  return { account: name.toLowerCase(), name }
}

/** Null where nothing is given. Thousands may be parted by comma, point, apostrophe or space; ",0" and ".00" mean nothing. */
function readWhole(text: string | undefined): number | null {
  if (text === undefined || text === '') return null
  const plain = text.replace(/(?<=\d)[,.'’ \u00a0\u202f](?=\d{3}(?:\D|$))/gu, '').replace(/[.,]0{1,2}$/, '')
  const number = /^\d{1,16}$/.test(plain) ? Number(plain) : Number.NaN
  if (!Number.isSafeInteger(number)) throw new Fault(`"${text}" is not a balance. Use a whole number from 0 up.`)
  return number
}

function readSeconds(text: string | undefined): number | null {
  if (text === undefined || text === '') return null
  const seconds = /^\d{1,10}$/.test(text) ? Number(text) : Number.NaN
  if (!(seconds <= MOST_SECONDS)) throw new Fault(`"${text}" is not a number of seconds. Use a whole number from 0 up.`)
  return seconds
}

function readHours(text: string | undefined): number | null {
  if (text === undefined || text === '') return null
  const match = /^(\d{1,7})(?:[.,](\d{1,4}))?$/.exec(text)
  const clock = /^(\d{1,7}):([0-5]\d)(?::([0-5]\d))?$/.exec(text)
  const hours = clock
    ? Number(clock[1]) + Number(clock[2]) / 60 + Number(clock[3] ?? 0) / 3600
    : match
      ? Number(`${match[1]}.${match[2] ?? 0}`)
      : Number.NaN
  if (!(hours <= MOST_HOURS)) throw new Fault(`"${text}" is not a number of hours. Use one like 12 or 12.5.`)
  return Math.round(hours * 3600)
}

const TIMES = [
  ['follower_since', 'followedAt'],
  ['subscribed_since', 'subscribedSince'],
  ['subscribed_until', 'subscribedUntil'],
  ['account_made', 'accountMadeAt'],
] as const

type Mutable<T> = { -readonly [P in keyof T]: T[P] }

function readKept(cell: Cell, circles: readonly NamedCircle[], order: DateOrder): ImportKept {
  const kept: Mutable<ImportKept> = {}
  const nickname = cell('nickname')
  if (nickname !== undefined) kept.nickname = nickname === '' ? null : nickname.slice(0, 100)
  for (const column of ['moderator', 'ignored', 'unlisted'] as const) {
    const told = readYes(column, cell(column))
    if (told !== undefined) kept[column] = told
  }
  for (const [column, of] of TIMES) {
    const at = readTime(cell(column), order)
    if (at !== undefined) kept[of] = at
  }
  const tier = readTier(cell('tier'))
  if (tier !== undefined) kept.tier = tier
  const named = cell('circles')
  if (named !== undefined) kept.circles = readCircles(named, circles)
  return kept
}

function readYes(column: string, text: string | undefined): boolean | undefined {
  if (text === undefined) return undefined
  if (/^(yes|y|true|x|1)$/i.test(text)) return true
  if (/^(no|n|false|0|)$/i.test(text)) return false
  throw new Fault(`"${text}" in the column ${column} is neither yes nor no.`)
}

function readTier(text: string | undefined): number | undefined {
  if (text === undefined) return undefined
  const number = text.replace(/^tier\s*/i, '')
  if (/^[0-3]?$/.test(number)) return Number(number)
  throw new Fault(`"${text}" is not a tier. Use 1, 2 or 3, or nothing.`)
}

/** Names of circles parted by line ends or semicolons, as `circlesCell` writes them. */
function readCircles(text: string, circles: readonly NamedCircle[]): number[] {
  const find = (name: string) => circles.find((one) => one.name.toLowerCase() === name.toLowerCase())
  const whole = find(text)
  if (whole !== undefined) return [whole.id]
  const names = text.split(text.includes('\n') ? '\n' : ';').map((name) => name.trim())
  return names
    .filter((name) => name !== '')
    .map((name) => {
      const circle = find(name)
      if (circle === undefined)
        throw new Fault(`There is no circle “${name}” here. Add it on the Ranks page first, or leave the column out.`)
      return circle.id
    })
}

/** The circles of somebody for a file, so that they can be read again whatever circles are called. */
export function circlesCell(ids: readonly number[], circles: readonly NamedCircle[]): string {
  const between = circles.some(({ name }) => name.includes(';')) ? '\n' : '; '
  return circles
    .filter(({ id }) => ids.includes(id))
    .map(({ name }) => name)
    .join(between)
}

/** Reads all lines of a file; the same person twice is a problem of the second line. Lines count from `firstLine`. */
export function readImport(
  rows: readonly (readonly string[])[],
  columns: ImportColumns,
  firstLine: number,
  circles: readonly NamedCircle[] = [],
  order: DateOrder = 'day',
): { lines: ImportLine[]; problems: ImportProblem[] } {
  const lines: ImportLine[] = []
  const problems: ImportProblem[] = []
  const seen = new Map<string, number>()
  for (const [i, cells] of rows.entries()) {
    const number = firstLine + i
    const line = readImportLine(cells, columns, circles, order)
    if (typeof line === 'string') {
      problems.push({ line: number, problem: line })
      continue
    }
    const person = JSON.stringify([line.issuer ?? null, line.account])
    const before = seen.get(person)
    if (before !== undefined)
      problems.push({ line: number, problem: `${line.name} is already in line ${before}. Keep one of the two.` })
    else {
      seen.set(person, number)
      lines.push(line)
    }
  }
  return { lines, problems }
}
