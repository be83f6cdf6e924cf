import { Liquid, type Template } from 'liquidjs'

const engine = new Liquid({
  strictFilters: true,
  ownPropertyOnly: true,
  parseLimit: 10_000,
  renderLimit: 200,
  memoryLimit: 1_000_000,
})

const MOST_KEPT = 500
const parsed = new Map<string, Template[]>()

/** Reading a template takes much longer than filling it in, so those in use are kept. */
function read(template: string): Template[] {
  const known = parsed.get(template)
  if (known !== undefined) return known
  const fresh = engine.parse(template)
  if (parsed.size >= MOST_KEPT) parsed.clear()
  parsed.set(template, fresh)
  return fresh
}

/**
 * Fills in a Liquid template: "{{ viewer.name }} chose {{ reward.name }}". An unknown field is left empty.
 * @returns The text, or the template as it stands where it cannot be read: a slip in a text must not lose what it reports.
 */
export function fillIn(template: string, fields: Readonly<Record<string, unknown>>): string {
  try {
    return engine.renderSync(read(template), fields) as string
  } catch {
    return template
  }
}
