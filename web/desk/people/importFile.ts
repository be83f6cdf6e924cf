import Papa from 'papaparse'
import {
  IMPORT_COLUMNS,
  type ImportColumn,
  type ImportColumns,
  type ImportLine,
  type ImportProblem,
} from '#core/people'

/** A file of comma-separated values as it was read: headings, and the cells of each line. */
export interface ImportFile {
  readonly name: string
  readonly encoding: Encoding
  readonly heads: readonly string[]
  readonly rows: readonly (readonly string[])[]
}

export const ENCODINGS = [
  { encoding: 'utf-8', name: 'UTF-8' },
  { encoding: 'utf-16le', name: 'UTF-16 (of a spreadsheet)' },
  { encoding: 'utf-16be', name: 'UTF-16, big-endian' },
  { encoding: 'windows-1252', name: 'Latin-1, of older programs' },
] as const
export type Encoding = (typeof ENCODINGS)[number]['encoding']

const LARGEST = 50_000_000

/** The bytes of a file. @throws with a sentence that says what is wrong with it. */
export async function bytesOf(file: File): Promise<Uint8Array> {
  if (file.size > LARGEST) throw new Error('The file is larger than 50 MB. Split it.')
  return new Uint8Array(await file.arrayBuffer())
}

/** How the letters of a file seem to be written: by its mark, by its zeros, or by whether it can be UTF-8 at all. */
export function guessEncoding(bytes: Uint8Array): Encoding {
  const [first, second] = bytes
  if (first === 0xff && second === 0xfe) return 'utf-16le'
  if (first === 0xfe && second === 0xff) return 'utf-16be'
  if (first !== undefined && first !== 0 && second === 0) return 'utf-16le'
  if (first === 0 && second !== undefined && second !== 0) return 'utf-16be'
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    return 'utf-8'
  } catch {
    return 'windows-1252'
  }
}

/** Reads a file; which sign parts its cells is found out, or told by its first line ("sep=;"). @throws as `bytesOf`. */
export function parsed(name: string, bytes: Uint8Array, encoding: Encoding = guessEncoding(bytes)): ImportFile {
  const whole = new TextDecoder(encoding).decode(bytes)
  const told = /^sep=(.)(?:\r\n|\r|\n)/i.exec(whole)
  const text = told === null ? whole : whole.slice(told[0].length)
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', delimiter: told?.[1] ?? '' })
  const [heads, ...rows] = data
  if (heads === undefined || rows.length === 0)
    throw new Error('The file holds no people: it needs a line of headings and a line for each person.')
  return { name, encoding, heads: heads.map((head, i) => head.trim() || `column ${i + 1}`), rows }
}

const GUESSES: Readonly<Partial<Record<ImportColumn, RegExp>>> = {
  name: /^(user ?name|account|login|name|viewer|user)$/i,
  balance: /^(balance|points|currency|amount|total)$/i,
  hours: /^(hours|watch(ed)? ?(time|hours)?|time)$/i,
  follower_since: /^(follow(er|ed|s|ing)?( ?(since|at|on|date))?|since)$/i,
  tier: /^((subscriber|subscription|sub) ?)?(tier|level)$/i,
  subscribed_since: /^(subscrib(ed|er)|subscription|sub) ?(since|at|on|date|start)$/i,
  subscribed_until: /^((subscrib(ed|er)|subscription|sub) ?(until|to|ends?|expires)|until|expires)$/i,
  moderator: /^(mod|moderators?|is ?mod(erator)?)$/i,
  circles: /^(circles?|groups?)$/i,
  account_made: /^(account|user) ?(made|created|age|since)?( ?(on|at))$|^(account|user) ?(made|created)$/i,
}

/** Which column seems to hold what, by its heading; of a file of our own all that it says. */
export function guessColumns(heads: readonly string[]): ImportColumns {
  const plain = heads.map((head) => head.toLowerCase().replaceAll(' ', '_'))
  const columns: Partial<Record<ImportColumn, number>> = {}
  for (const column of IMPORT_COLUMNS) {
    const guess = GUESSES[column]
    const exact = plain.indexOf(column)
    const at =
      exact >= 0 || guess === undefined ? exact : heads.findIndex((head) => guess.test(head.replaceAll('_', ' ')))
    if (at >= 0) columns[column] = at
  }
  return columns.name === columns.account ? without(columns, 'account') : columns
}

/** The lines with problems as a file of their own, with what is wrong with each, to be mended and taken in apart. */
export const fileOfProblems = ({ heads, rows }: ImportFile, problems: readonly ImportProblem[]): string =>
  `\ufeff${Papa.unparse({
    fields: [...heads, 'problem'],
    data: problems.map(({ line, problem }) => [
      ...heads.map((_, i) => quoted(rows[line - FIRST_LINE]?.[i] ?? '')),
      quoted(problem),
    ]),
  })}`

/** A cell that a spreadsheet would take for a formula is marked as text. */
const quoted = (cell: string): string => (/^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell)

/** The number of the first line after the headings. */
export const FIRST_LINE = 2

/** Columns without one. */
export const without = (columns: ImportColumns, column: ImportColumn): ImportColumns =>
  Object.fromEntries(Object.entries(columns).filter(([name]) => name !== column))

const PART = 1000

export interface Part {
  readonly digest: string
  readonly lines: readonly ImportLine[]
  readonly how: 'add' | 'set'
  readonly called: string
}

/** The lines in parts, each with a digest of what is in it: the same part a second time changes nothing. */
export async function partsOf(lines: readonly ImportLine[], how: 'add' | 'set', called: string): Promise<Part[]> {
  const parts: Part[] = []
  for (let i = 0; i < lines.length; i += PART) {
    const part = lines.slice(i, i + PART)
    const bytes = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(JSON.stringify([how, part])))
    const digest = Array.from(new Uint8Array(bytes), (byte) => byte.toString(16).padStart(2, '0')).join('')
    parts.push({ digest, lines: part, how, called })
  }
  return parts
}
