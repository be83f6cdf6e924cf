import { placeInWords } from '../../parts/placeInWords.ts'

type Content = Readonly<Record<string, unknown>> | null

/** One field that differs: what it was and is, in words; undefined: it was not there. */
export interface Difference {
  readonly place: string
  readonly before: string | undefined
  readonly after: string | undefined
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null

/** Every field of settings with its value, by its place: `limits.eachSeconds`. */
function fieldsOf(value: unknown, at = ''): [string, unknown][] {
  if (!isObject(value) || Object.keys(value).length === 0) return [[at, value]]
  return Object.entries(value).flatMap(([name, one]) => fieldsOf(one, at === '' ? name : `${at}.${name}`))
}

function inWords(value: unknown): string {
  if (value === null || value === '') return 'none'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (isObject(value)) return Array.isArray(value) ? 'nothing' : 'none'
  return typeof value === 'number' ? value.toLocaleString('en') : `“${String(value)}”`
}

/** What differs between settings as they were and as they are, field by field. */
export function differencesOf(before: Content, after: Content): Difference[] {
  const [was, is] = [new Map(before === null ? [] : fieldsOf(before)), new Map(after === null ? [] : fieldsOf(after))]
  const places = [...new Set([...was.keys(), ...is.keys()])].filter((at) => was.get(at) !== is.get(at))
  const said = (fields: ReadonlyMap<string, unknown>, at: string) =>
    fields.has(at) ? inWords(fields.get(at)) : undefined
  return places
    .map((at) => ({ place: placeInWords(at), before: said(was, at), after: said(is, at) }))
    .filter((one) => one.before !== one.after)
}
