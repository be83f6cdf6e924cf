import { BOOKS, balanceOf, MAX_AMOUNT, transfer } from '../ledger/index.ts'
import { defineTable, type Handler, needKey, noId, ok, type World } from '../world/index.ts'
import { chatRef, keyOf } from './account.ts'
import { findViewer, meet } from './viewers.ts'
import { needWatch, watches, watchOf } from './watch.ts'

/** A line of a file of people, read and found to be in order. */
export interface ImportLine {
  readonly account: string
  readonly name: string
  /** Null: the file says nothing about it. */
  readonly balance: number | null
  readonly seconds: number | null
}

/** A part of a file that has been taken in, by a digest of its content: taken in again it changes nothing. */
export interface ImportRow {
  readonly digest: string
  readonly at: number
  readonly by: string
  readonly lines: number
}

export const imports = defineTable<ImportRow>('import', 'keyed', (row) => row.digest, [], noId)

export interface ImportPeople {
  readonly kind: 'people.import'
  readonly digest: string
  readonly lines: readonly ImportLine[]
  /** `add`: on top of what they have here. `set`: what they have here is replaced. */
  readonly how: 'add' | 'set'
  readonly by: string
}

/** The most lines in one intent, so that chat does not wait behind it. */
export const MOST_IMPORTED = 1000

/** Takes people in from a file: makes those known who are not, and gives each the file's balance and hours. */
export const importPeople: Handler<ImportPeople> = {
  needs: (world, intent) => [
    needKey(imports, intent.digest),
    ...intent.lines.flatMap(({ account }) => needWatch(world, keyOf(chatRef(world, account)))),
  ],
  decide(world, { digest, lines, how, by }) {
    const before = world.get(imports, digest)
    if (before !== undefined) return ok({ again: true, added: 0, changed: 0 })
    let [added, changed] = [0, 0]
    for (const line of lines) {
      if (findViewer(world, keyOf(chatRef(world, line.account))) === undefined) added++
      if (takeIn(world, line, how, by)) changed++
    }
    world.put(imports, { digest, at: world.at, by, lines: lines.length })
    world.fact('people.adjusted', 'desk', { of: 'import', changed, total: 0 })
    return ok({ again: false, added, changed })
  },
}

function takeIn(world: World, line: ImportLine, how: 'add' | 'set', by: string): boolean {
  const viewer = meet(world, { ...chatRef(world, line.account), name: line.name })
  const held = balanceOf(world, viewer.id)
  const change =
    line.balance === null ? 0 : how === 'set' ? line.balance - held : Math.min(line.balance, MAX_AMOUNT - held)
  if (change !== 0) {
    const [from, to] = change > 0 ? [BOOKS.adjusted, viewer.id] : [viewer.id, BOOKS.adjusted]
    transfer(world, { from, to, amount: Math.abs(change), reason: 'imported', detail: { by } })
  }
  const watch = watchOf(world, viewer.id)
  const watchedSeconds =
    line.seconds === null ? watch.watchedSeconds : line.seconds + (how === 'set' ? 0 : watch.watchedSeconds)
  if (watchedSeconds !== watch.watchedSeconds) world.put(watches, { ...watch, watchedSeconds })
  return change !== 0 || watchedSeconds !== watch.watchedSeconds
}

/** Which column of a file holds what; undefined: none. */
export interface ImportColumns {
  readonly name?: number | undefined
  readonly balance?: number | undefined
  readonly hours?: number | undefined
}

/** A line that cannot be taken in: its number in the file, and what to change. */
export interface ImportProblem {
  readonly line: number
  readonly problem: string
}

const MOST_HOURS = 1_000_000

/** Reads the cells of one line of a file. @returns The line, or a sentence about what is wrong with it. */
export function readImportLine(cells: readonly string[], columns: ImportColumns): ImportLine | string {
  const cell = (at: number | undefined) => (at === undefined ? undefined : (cells[at] ?? '').trim())
  const name = (cell(columns.name) ?? '').replace(/^@/, '').normalize('NFC')
  if (name === '') return 'There is no name.'
  if (/[\s\u0000-\u001f\u007f]/u.test(name) || name.length > 100)
    return `"${name.slice(0, 40)}" is not an account’s name: it has spaces in it, or is too long.`
  const balance = readWhole(cell(columns.balance))
  if (balance === undefined) return `"${cell(columns.balance)}" is not a balance. Give a whole number from 0 up.`
  const hours = readHours(cell(columns.hours))
  if (hours === undefined) return `"${cell(columns.hours)}" is not a number of hours. Give one like 12 or 12.5.`
  return { account: name.toLowerCase(), name, balance, seconds: hours }
}

/** Null where nothing is given, undefined where what is given is no whole number. */
function readWhole(text: string | undefined): number | null | undefined {
  if (text === undefined || text === '') return null
  const plain = text.replace(/(?<=\d)[,' \u00a0](?=\d{3}\b)/gu, '')
  const number = /^\d{1,16}$/.test(plain) ? Number(plain) : Number.NaN
  return Number.isSafeInteger(number) ? number : undefined
}

function readHours(text: string | undefined): number | null | undefined {
  if (text === undefined || text === '') return null
  const match = /^(\d{1,7})(?:[.,](\d{1,4}))?$/.exec(text)
  const clock = /^(\d{1,7}):([0-5]\d)$/.exec(text)
  const hours = clock
    ? Number(clock[1]) + Number(clock[2]) / 60
    : match
      ? Number(`${match[1]}.${match[2] ?? 0}`)
      : Number.NaN
  return hours <= MOST_HOURS ? Math.round(hours * 3600) : undefined
}

/** Reads all lines of a file; the same person twice is a problem of the second line. Lines count from `firstLine`. */
export function readImport(
  rows: readonly (readonly string[])[],
  columns: ImportColumns,
  firstLine: number,
): { lines: ImportLine[]; problems: ImportProblem[] } {
  const lines: ImportLine[] = []
  const problems: ImportProblem[] = []
  const seen = new Map<string, number>()
  for (const [i, cells] of rows.entries()) {
    const number = firstLine + i
    const line = readImportLine(cells, columns)
    const before = typeof line === 'string' ? undefined : seen.get(line.account)
    if (typeof line === 'string') problems.push({ line: number, problem: line })
    else if (before !== undefined)
      problems.push({ line: number, problem: `${line.name} stands in line ${before} already. Keep one of the two.` })
    else {
      seen.set(line.account, number)
      lines.push(line)
    }
  }
  return { lines, problems }
}
