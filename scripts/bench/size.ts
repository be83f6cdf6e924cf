import { connect, connectWriter, reader } from '#server/database/index.ts'
import { trailOf } from '#server/ledger/index.ts'
import { peoplePage } from '#server/people/table.ts'
import { ChannelWriter, envelope } from '#server/writer/index.ts'
import { scaled } from './scale.ts'
import { freshDatabase } from './year.ts'

/** A year of a busy channel, whole: a part of it is built. */
const YEAR = { viewers: 20_000, shows: 300, transfers: scaled(30_000_000) }
/** As many are present in both, so that a payment to them is the same work. */
const PRESENT = 200
const ROUNDS = scaled(60, 7)
const NOW = 1_700_000_000

/** What is measured at one size, in milliseconds. */
export interface AtSize {
  readonly search: number
  readonly trail: number
  readonly payout: number
}

const fill = (part: number): string[] => {
  const [viewers, shows, transfers] = [YEAR.viewers / part, YEAR.shows / part, YEAR.transfers / part]
  return [
    "insert into channel (slug, name, owner, seq, revision, last_id) values ('size', 'Size', 'size', 1, 1, 90000000)",
    `insert into viewer (channel, id, account, account_key, name, chat_name, handle, moderator, ignored, present, present_since, first_seen_at, last_seen_at, followed_at)
      select 1, i, 'viewer' || i, 'viewer' || i, n, n, lower(n), false, false, i <= ${PRESENT}, ${NOW}, 1690000000, ${NOW} - i, ${NOW}
      from (select i, substr(md5(i::text), 1, 10) || '_' || i as n from generate_series(1, ${viewers}) i) named`,
    `insert into account (channel, id, kind, balance, earned) select 1, i, 'wallet', i * 7, i * 9 from generate_series(1, ${viewers}) i`,
    `insert into watch (channel, id, counting, counted_until, carry_seconds, watched_seconds, show_id, show_seconds)
      select 1, i, i <= ${PRESENT}, ${NOW}, i % 300, 90000, 10000001, 3000 from generate_series(1, ${viewers}) i`,
    `insert into show (channel, id, title, status, number, started_at, counts_from, ended_at, paid, spent)
      select 1, 10000000 + i, 'Show ' || i, 'ended', i, 1690000000 + i, 1690000000 + i, 1690009000 + i, 1, 1 from generate_series(1, ${shows}) i`,
    `insert into show (channel, id, title, status, number, started_at, counts_from, paid, spent)
      values (1, 20000000, 'Tonight', 'on', ${shows + 1}, ${NOW}, ${NOW}, 0, 0)`,
    `insert into transfer (channel, id, at, from_account, to_account, amount, reason, about, intent, to_balance, detail)
      select 1, 30000000 + i, 1690000000 + i / 4, -1, 1 + i % ${viewers}, 10, 'watched', 10000001, 'pay/' || i / 2000, 10,
        '{"payouts": 1, "each": 10, "interval": 300}' from generate_series(1, ${transfers}) i`,
    'vacuum analyze',
    // What was just filled in is written out before anything is measured.
    'checkpoint',
  ]
}

const p95 = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? 0

async function timed(rounds: number, work: (i: number) => Promise<unknown>): Promise<number[]> {
  const times: number[] = []
  for (let i = 0; i < rounds; i++) {
    const began = performance.now()
    await work(i)
    if (i >= 5) times.push(performance.now() - began)
  }
  return times
}

/** Builds a part of a year (10: a tenth) and measures the people list's search, a trail, and a payment to those present. */
export async function measureAtSize(postgresUrl: string, part: number): Promise<AtSize> {
  const url = await freshDatabase(postgresUrl, `size_${part}`, fill(part))
  const [pool, writerPool] = [connect(url, 2), connectWriter(url, 2)]
  const db = reader(pool)
  const viewers = YEAR.viewers / part
  const asked = {
    present: false,
    shown: 'listed',
    now: NOW,
    sort: 'balance',
    down: true,
    offset: 0,
    limit: 100,
  } as const
  const search = await timed(ROUNDS, (i) => peoplePage(db, 1, { ...asked, name: `${(i * 37) % viewers}` }))
  const trail = await timed(ROUNDS, (i) => trailOf(db, 1, 1 + ((i * 7919) % viewers)))
  const writer = new ChannelWriter({ pool: writerPool, channel: 1, onFacts: () => {} })
  const payout = await timed(scaled(30, 7), (i) =>
    writer.submit({
      kind: 'earning.pay',
      show: 20_000_000,
      after: 0,
      upTo: 10_000_000,
      ...envelope(`pay/${i}`, NOW + 300 * (i + 1)),
    }),
  )
  await Promise.all([pool.end(), writerPool.end()])
  return { search: p95(search), trail: p95(trail), payout: p95(payout) }
}
