import Papa from 'papaparse'
import type { ImportLine } from '#core/people'

/** A file of comma-separated values as it was read: headings, and the cells of each line. */
export interface ImportFile {
  readonly name: string
  readonly heads: readonly string[]
  readonly rows: readonly (readonly string[])[]
}

export interface Columns {
  readonly name: number | undefined
  readonly balance: number | undefined
  readonly hours: number | undefined
}

const LARGEST = 50_000_000

/** Reads a file; which sign parts its cells is found out. @throws with a sentence that says what is wrong with it. */
export async function readFile(file: File): Promise<ImportFile> {
  if (file.size > LARGEST) throw new Error('The file is larger than 50 MB. Split it.')
  return parsed(file.name, await file.text())
}

export function parsed(name: string, text: string): ImportFile {
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' })
  const [heads, ...rows] = data
  if (heads === undefined || rows.length === 0)
    throw new Error('The file holds no people: it needs a line of headings and a line for each person.')
  return { name, heads: heads.map((head, i) => head.trim() || `column ${i + 1}`), rows }
}

const GUESSES: Readonly<Record<keyof Columns, RegExp>> = {
  name: /^(user ?name|account|login|name|viewer|user)$/i,
  balance: /^(balance|points|currency|amount|total)$/i,
  hours: /^(hours|watch(ed)? ?(time|hours)?|time)$/i,
}

/** Which column seems to hold what, by its heading. */
export function guessColumns(heads: readonly string[]): Columns {
  const find = (guess: RegExp) => {
    const at = heads.findIndex((head) => guess.test(head.replaceAll('_', ' ')))
    return at < 0 ? undefined : at
  }
  return { name: find(GUESSES.name), balance: find(GUESSES.balance), hours: find(GUESSES.hours) }
}

const PART = 1000

export interface Part {
  readonly digest: string
  readonly lines: readonly ImportLine[]
  readonly how: 'add' | 'set'
}

/** The lines in parts, each with a digest of what is in it: the same part a second time changes nothing. */
export async function partsOf(lines: readonly ImportLine[], how: 'add' | 'set'): Promise<Part[]> {
  const parts: Part[] = []
  for (let i = 0; i < lines.length; i += PART) {
    const part = lines.slice(i, i + PART)
    const bytes = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(JSON.stringify([how, part])))
    const digest = Array.from(new Uint8Array(bytes), (byte) => byte.toString(16).padStart(2, '0')).join('')
    parts.push({ digest, lines: part, how })
  }
  return parts
}
