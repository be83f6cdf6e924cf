import { and, desc, eq, lt } from 'drizzle-orm'
import Papa from 'papaparse'
import { type Reader, schema } from '../database/index.ts'
import { type Route, route } from '../http/index.ts'

const PAGE = 25
const MOST_IN_FILE = 100_000
const { securityEvent } = schema

const columns = {
  id: securityEvent.id,
  at: securityEvent.at,
  kind: securityEvent.kind,
  name: securityEvent.name,
  account: securityEvent.account,
  from: securityEvent.address,
  what: securityEvent.what,
  times: securityEvent.times,
}

const entriesOf = (db: Reader, channel: number, before: number | undefined, limit: number) =>
  db
    .select(columns)
    .from(securityEvent)
    .where(and(eq(securityEvent.channel, channel), before === undefined ? undefined : lt(securityEvent.id, before)))
    .orderBy(desc(securityEvent.id))
    .limit(limit)

/** A cell that a spreadsheet would take for a formula is quoted. */
const cell = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text)

/** The security log: who signed in, was refused, or did something at the desk, and from where. */
export function securityRoutes(db: Reader): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/security',
      does: 'The security log, the latest first, page by page',
      asks: ['before'],
      allowed: 'streamer',
      handle: async ({ channel, figure }) => {
        const entries = await entriesOf(db, channel.id, figure('before'), PAGE)
        return { entries, before: entries.length < PAGE ? null : (entries.at(-1)?.id ?? null) }
      },
    }),
    route({
      method: 'get',
      path: '/desk/security.csv',
      does: 'The security log as a file of comma-separated values',
      allowed: 'streamer',
      limit: 'costly',
      fresh: true,
      handle: async ({ channel }) => {
        const entries = await entriesOf(db, channel.id, undefined, MOST_IN_FILE)
        const lines = entries.map(({ id: _, at, ...one }) => ({
          at: new Date(at * 1000).toISOString(),
          kind: one.kind,
          name: cell(one.name),
          account: cell(one.account),
          from: one.from,
          what: cell(one.what),
          times: one.times,
        }))
        return new Response(Papa.unparse(lines, { newline: '\n' }), {
          headers: {
            'content-type': 'text/csv; charset=utf-8',
            'content-disposition': `attachment; filename="security-${channel.slug}.csv"`,
          },
        })
      },
    }),
  ]
}
