import { Context, Liquid, type Template } from 'liquidjs'
import type { Amount } from '../schema.ts'
import { RowNotLoaded } from '../world/index.ts'
import { letterMeter, type Meter, stepMeter } from './budget.ts'

const engine = new Liquid({
  strictFilters: true,
  ownPropertyOnly: true,
  parseLimit: 10_000,
})

// What would read files, the clock, or chance that nobody can check; loops of loops have no place in a line of chat.
for (const tag of ['include', 'render', 'layout', 'block', 'tablerow', 'liquid', 'raw']) delete engine.tags[tag]
for (const filter of ['date', 'date_to_xmlschema', 'date_to_rfc822', 'date_to_string', 'date_to_long_string', 'sample'])
  delete engine.filters[filter]

/** What filters use beside the text. */
export interface Means {
  /** Gives a whole number from 0 to below its argument, by a draw that can be checked. */
  readonly draw?: (below: number) => number
  /** An amount of the currency, as people say it. */
  readonly inWords?: (amount: Amount) => string
}

type Filtering = { context: { globals: unknown } }

const meansOf = ({ context }: Filtering): Means => context.globals as Means

// "2 days", "1 day": {{ n | plural: "day", "days" }}
engine.registerFilter(
  'plural',
  (n: unknown, one: unknown, many: unknown) => `${grouped(n)} ${Number(n) === 1 ? one : many}`,
)
// "1,204": {{ n | grouped }}
engine.registerFilter('grouped', (n: unknown) => grouped(n))
// One of several, by a draw that can be checked: {{ "tea, cocoa" | split: ", " | pick }}
engine.registerFilter('pick', function pick(this: Filtering, from: unknown) {
  const list = Array.isArray(from) ? from : String(from).split(/\s*,\s*/)
  const { draw } = meansOf(this)
  return list.length === 0 ? '' : list[draw === undefined ? 0 : draw(list.length)]
})
// "50 rivets": {{ args.amount | in_words }}
engine.registerFilter('in_words', function inWords(this: Filtering, n: unknown) {
  return meansOf(this).inWords?.(Number(n)) ?? grouped(n)
})
// "1. pia 12, 2. umbra 9": {{ top.balance | places }}
engine.registerFilter(
  'places',
  (list: unknown, most: unknown = 5) =>
    (Array.isArray(list) ? list : [])
      .slice(0, Number(most) || 5)
      .map((one: { name: string; value: unknown }, i) => `${i + 1}. ${one.name} ${grouped(one.value)}`)
      .join(', ') || 'nobody yet',
)

type Filter = (this: { context: { renderLimit: Meter } }, ...args: unknown[]) => unknown

// A filter is a step, too: a text of filters alone would otherwise cost nothing.
for (const [name, filter] of Object.entries(engine.filters)) {
  const plain = (typeof filter === 'function' ? filter : filter.handler) as Filter
  engine.filters[name] = function counted(this: { context: { renderLimit: Meter } }, ...args: unknown[]) {
    this.context.renderLimit.check(1)
    return plain.apply(this, args)
  }
}

/** Fills a template in within what is left of the intent's budget. @throws if it takes too much. */
function fillWithin(template: string, fields: Fields, globals: object = {}): string {
  const meters = { renderLimit: stepMeter(), memoryLimit: letterMeter(), liquid: engine }
  const context = new Context(fields, engine.options, { globals, sync: true }, meters as never)
  return engine.renderSync(parse(template), context)
}

const numbers = new Intl.NumberFormat('en')
const grouped = (n: unknown): string => (Number.isFinite(Number(n)) && n !== '' ? numbers.format(Number(n)) : String(n))

const MOST_KEPT = 2000
const parsed = new Map<string, Template[]>()
const known = new Map<string, Read>()

/** Reading a template takes much longer than filling it in, so those in use are kept. */
function parse(template: string): Template[] {
  const before = parsed.get(template)
  if (before !== undefined) return before
  const fresh = engine.parse(template)
  if (parsed.size >= MOST_KEPT) parsed.clear()
  parsed.set(template, fresh)
  return fresh
}

export type Fields = Readonly<Record<string, unknown>>

/** What a template names, as paths ("viewer.name" is ["viewer", "name"]), or why it cannot be read. */
export type Read =
  | { readonly ok: true; readonly fields: readonly (readonly string[])[] }
  | { readonly ok: false; readonly why: string }

/** Reads a Liquid template without filling it in: the fields it names, or a sentence that says what to change. */
export function readText(template: string): Read {
  const before = known.get(template)
  if (before !== undefined) return before
  const read = readAnew(template)
  if (known.size >= MOST_KEPT) known.clear()
  known.set(template, read)
  return read
}

function readAnew(template: string): Read {
  try {
    const segments = engine.globalVariableSegmentsSync(parse(template))
    return { ok: true, fields: segments.map((path) => path.map((part) => (Array.isArray(part) ? '*' : String(part)))) }
  } catch (fault) {
    return { ok: false, why: plainly(fault) }
  }
}

/** The fields that a template names; none for one that cannot be read. */
export function fieldsOf(template: string): readonly (readonly string[])[] {
  const read = readText(template)
  return read.ok ? read.fields : []
}

/** The library's complaint without its place in a file, as a sentence. */
function plainly(fault: unknown): string {
  const message =
    String((fault as Error).message)
      .split('\n')[0]
      ?.replace(/, (file:.*, )?line:\d+, col:\d+$/, '') ?? ''
  const unknown = /^(tag "?|undefined filter: )([^" ]+)/.exec(message)
  if (unknown !== null) return `"${unknown[2]}" is not known in texts.`
  if (/not closed/.test(message)) return `Something is not closed: ${message.replace(/ not closed$/, '')}`
  if (/limit exceeded/.test(message)) return 'The text takes too long to fill in. Make it simpler.'
  return `The text cannot be read: ${message}`
}

/**
 * Fills in a Liquid template within limits of time and memory.
 * @returns The text, or a sentence that says why there is none.
 */
export function render(
  template: string,
  fields: Fields,
  means: Means = {},
): { ok: true; text: string } | { ok: false; why: string } {
  try {
    const text = fillWithin(template, fields, means)
    return { ok: true, text: text.replace(/\s+/g, ' ').trim() }
  } catch (fault) {
    passOn(fault)
    return { ok: false, why: plainly(fault) }
  }
}

/** A row that a field reads and that is not in memory is no fault of the text: it is loaded, and the text filled in anew. */
function passOn(fault: unknown): void {
  let cause: unknown = fault
  while (cause instanceof Error && 'originalError' in cause) cause = cause.originalError
  if (cause instanceof RowNotLoaded) throw cause
}

/**
 * Fills in a Liquid template: "{{ viewer.name }} chose {{ reward.name }}". An unknown field is left empty.
 * @returns The text, or the template as it stands where it cannot be read: a slip in a text must not lose what it reports.
 */
export function fillIn(template: string, fields: Fields): string {
  try {
    return fillWithin(template, fields)
  } catch (fault) {
    passOn(fault)
    return template
  }
}
