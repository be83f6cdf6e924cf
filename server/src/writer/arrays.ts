const PLAIN = /^[\w/.:-]+$/

/**
 * Values as the literal of a PostgreSQL array. Built here because the driver's own way goes letter by letter, which was
 * most of what a batch cost. PostgreSQL keeps no NUL in a text: one becomes the sign for what cannot be shown.
 */
export function arrayLiteral(values: readonly unknown[], json = false): string {
  return `{${values.map((value) => element(value, json)).join(',')}}`
}

function element(value: unknown, json: boolean): string {
  if (value === null || value === undefined) return 'NULL'
  if (json) return quoted(JSON.stringify(value))
  if (typeof value !== 'string') return String(value)
  return PLAIN.test(value) && value.toLowerCase() !== 'null' ? value : quoted(value)
}

const quoted = (text: string): string => `"${text.replace(/["\\]/g, '\\$&').replaceAll('\0', '\uFFFD')}"`
