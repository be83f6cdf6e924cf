import { Liquid } from 'liquidjs'

const engine = new Liquid({
  cache: 500,
  strictFilters: true,
  ownPropertyOnly: true,
  parseLimit: 10_000,
  renderLimit: 200,
})

/**
 * Fills in a Liquid template: "{{ viewer.name }} chose {{ reward.name }}". An unknown field is left empty.
 * @returns The text, or the template as it stands where it cannot be read: a slip in a text must not lose what it reports.
 */
export function fillIn(template: string, fields: Readonly<Record<string, unknown>>): string {
  try {
    return engine.parseAndRenderSync(template, fields) as string
  } catch {
    return template
  }
}
