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
  if (json) return quoted(storable(JSON.stringify(value)))
  if (typeof value !== 'string') return String(value)
  return PLAIN.test(value) && value.toLowerCase() !== 'null' ? value : quoted(value)
}

/** PostgreSQL keeps neither NUL nor half a letter in its JSON: each becomes the sign for what cannot be shown. */
const storable = (json: string): string =>
  json.replace(/\\(\\|u0000|ud[89a-f][0-9a-f]{2})/g, (found) => (found === '\\\\' ? found : '\\ufffd'))

const quoted = (text: string): string => `"${text.replace(/["\\]/g, '\\$&').replaceAll('\0', '\uFFFD')}"`
