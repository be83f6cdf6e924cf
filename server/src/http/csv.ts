import Papa from 'papaparse'
import type { UnixSeconds } from '#core/schema'

/** A cell that a spreadsheet would take for a formula, or that looks like one that was quoted already: it is quoted once more. */
const FORMULA = /^'*[=+\-@\t\r]/

/** A table as comma-separated values (RFC 4180): its heads, then a line for each row, every line ended. */
export function csvOf(fields: string[], data: object[]): string {
  // Of heads alone the library makes a line more.
  const rows = data.length === 0 ? [fields] : { fields, data }
  return `${Papa.unparse(rows, { escapeFormulae: FORMULA })}\r\n`
}

/** A moment (seconds since 1970) as a cell: ISO 8601 in UTC, to the second; empty where there is none. */
export const csvTime = (at: UnixSeconds | null): string =>
  at === null ? '' : new Date(at * 1000).toISOString().replace('.000Z', 'Z')

/** A table as a file to keep. @param name - Without its ending. */
export const csvFile = (name: string, text: string): Response =>
  new Response(text, {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': `attachment; filename="${name}.csv"` },
  })
