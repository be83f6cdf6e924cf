import { and, desc, eq, lt } from 'drizzle-orm'
import { type Reader, schema } from '../database/index.ts'
import { before, csvFile, csvOf, csvTime, desk, fileRoute, type Route, route, text } from '../http/index.ts'
import { SecurityPage } from './answers.ts'

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

interface Asked {
  readonly before?: number | undefined
  readonly account?: string | undefined
}

const entriesOf = (db: Reader, channel: number, { before, account }: Asked, limit: number) =>
  db
    .select(columns)
    .from(securityEvent)
    .where(
      and(
        eq(securityEvent.channel, channel),
        before === undefined ? undefined : lt(securityEvent.id, before),
        account === undefined ? undefined : eq(securityEvent.account, account),
      ),
    )
    .orderBy(desc(securityEvent.id))
    .limit(limit)

const IN_FILE = ['at', 'kind', 'name', 'account', 'from', 'what', 'times']

/** The security log: who signed in, was refused, or did something at the desk, and from where. */
export function securityRoutes(db: Reader): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/security',
      does: 'The security log, the latest first, page by page',
      answer: SecurityPage,
      asks: { before, account: text('Of this account only.', 100) },
      allowed: desk('look', 'team'),
      handle: async ({ channel, asked }) => {
        const entries = await entriesOf(db, channel.id, asked, PAGE)
        return { entries, before: entries.length < PAGE ? null : (entries.at(-1)?.id ?? null) }
      },
    }),
    fileRoute({
      method: 'get',
      path: '/desk/security.csv',
      gives: 'text/csv',
      does: 'The security log as a file of comma-separated values',
      allowed: desk('look', 'team'),
      limit: 'costly',
      fresh: true,
      handle: async ({ channel }) => {
        const entries = await entriesOf(db, channel.id, {}, MOST_IN_FILE)
        const rows = entries.map(({ at, ...one }) => ({ ...one, at: csvTime(at) }))
        return csvFile(`security-${channel.slug}`, csvOf(IN_FILE, rows))
      },
    }),
  ]
}
