import type pg from 'pg'
import { agrees, recompute, type ToldRound } from '#core/games'
import { type CheckedFact, factNumbers } from '../../testing/server/factNumbers.ts'
import { rafflesWrong } from './raffles.ts'
import { cookieOf, type Stage } from './stage.ts'
import type { Follower, Storm } from './storm.ts'
import { togetherWrong } from './together.ts'
import { until } from './until.ts'

/** A thing that must hold at the end, and what is wrong with it. */
export interface Check {
  readonly name: string
  readonly wrong: readonly string[]
}

/** All that must hold after the storm, whatever happened in it. */
export async function checkAll(stage: Stage, storm: Storm, followers: readonly Follower[]): Promise<Check[]> {
  const [timers, rounds] = await Promise.all([timersAlive(stage), roundsEnded(stage)])
  const raffles = await rafflesWrong(stage)
  const together = await togetherWrong(stage)
  const facts = await factNumbers(stage.pool, stage.channel)
  await until(() => followers.every(({ seqs }) => seqs.length >= facts.last))
  const { pool } = stage
  return [
    timers,
    rounds,
    { name: 'every raffle ended, its pot at 0, nobody drawn twice, each draw as its seed says', wrong: raffles },
    {
      name: 'every bet was settled once and every goal ended, their pots at 0, each paid what was staked',
      wrong: together,
    },
    { name: 'no server died of itself', wrong: deathsOf(stage) },
    { name: 'all accounts sum to 0', wrong: await unequal(pool, SUM, 0) },
    {
      name: 'no wallet or pot below 0',
      wrong: await unequal(pool, 'select count(*) from account where balance < 0', 0),
    },
    { name: 'every wallet is what its last transfer left', wrong: await unequal(pool, UNEXPLAINED, 0) },
    { name: 'no intent applied twice', wrong: await unequal(pool, TWICE, 0) },
    { name: 'every answered order exists once', wrong: await ordersWrong(pool, storm) },
    { name: 'every event was kept once', wrong: await eventsWrong(pool, storm) },
    { name: 'facts are numbered without gaps', wrong: facts.wrong },
    {
      name: 'every page caught up, without a gap or a repeat',
      wrong: followers.flatMap((one, i) => pageWrong(one, i, facts)),
    },
  ]
}

/** Every round ends by itself, whatever died meanwhile; its pot is 0, and it comes out as its seed says. */
async function roundsEnded({ pool, servers, channel }: Stage): Promise<Check> {
  const name = 'every round of a game ended, its pot at 0 and its outcome as its seed says'
  const open = 'select id from round where channel = $1 and ended_at is null'
  await until(async () => (await pool.query(open, [channel])).rows.length === 0)
  const wrong = (await pool.query(open, [channel])).rows.map(({ id }) => `round ${id} never ended`)
  const pots = await unequal(pool, POTS, 0)
  const played = await pool.query("select id from round where channel = $1 and status = 'settled' order by id", [
    channel,
  ])
  if (played.rows.length === 0) wrong.push('no round was played at all')
  for (const { id } of played.rows) {
    const response = await fetch(`${servers[0].address}/api/channels/chaos/rounds/${id}`)
    const off = recompute((await response.json()) as ToldRound).filter((one) => !agrees(one))
    if (off.length > 0) wrong.push(`round ${id}: ${JSON.stringify(off[0])}`)
  }
  return { name, wrong: [...wrong, ...pots] }
}

const POTS = `select count(*) from account a join round r on r.channel = a.channel and r.id = a.id
  where a.kind = 'pot' and a.balance <> 0 and r.ended_at is not null`

const deathsOf = ({ servers }: Stage): string[] =>
  servers.flatMap((server, i) => (server.deaths() === 0 ? [] : [`server ${i + 1} ended ${server.deaths()} times`]))

const SUM = `select (select coalesce(sum(balance), 0) from account)
  + (select coalesce(sum(amount), 0) from transfer where to_account < 0)
  - (select coalesce(sum(amount), 0) from transfer where from_account < 0)`

const UNEXPLAINED = `select count(*) from account a cross join lateral (
    select case when t.from_account = a.id then t.from_balance else t.to_balance end as left_there from transfer t
    where t.channel = a.channel and (t.from_account = a.id or t.to_account = a.id) order by t.id desc limit 1) as last
  where last.left_there <> a.balance`

const TWICE = `select count(*) from (
  select intent from transfer where reason = 'ordered' group by intent having count(*) > 1) as twice`

async function unequal(pool: pg.Pool, query: string, expected: number): Promise<string[]> {
  const found = Number(Object.values((await pool.query(query)).rows[0] as object)[0])
  return found === expected ? [] : [`${found} instead of ${expected}`]
}

async function ordersWrong(pool: pg.Pool, { orders }: Storm): Promise<string[]> {
  const kept = await pool.query("select about, intent from transfer where reason = 'ordered'")
  const byOrder = new Map(kept.rows.map(({ about, intent }) => [about as number, intent as string]))
  const wrong = orders.flatMap(({ intent, order }) => {
    if (!byOrder.has(order)) return [`order ${order} was answered and is not there`]
    return byOrder.get(order) === intent ? [] : [`order ${order} belongs to another request`]
  })
  return [
    ...wrong,
    ...(new Set(orders.map(({ order }) => order)).size === orders.length ? [] : ['two requests got one order']),
  ]
}

async function eventsWrong(pool: pg.Pool, { events, turnedAway }: Storm): Promise<string[]> {
  const kept = Number((await pool.query("select count(*) from event where type = 'ricompensa.follow'")).rows[0].count)
  const lost = kept === events.length ? [] : [`${events.length} were taken, ${kept} are kept`]
  return [...lost, ...turnedAway.map((answer) => `one was turned away: ${answer}`)]
}

/** Going off air settles everyone by a timer: it ends only if no timer was lost. */
async function timersAlive({ servers, pool }: Stage): Promise<Check> {
  const name = 'no timer lost: the show is settled and ends'
  const [{ address }] = servers
  const headers = { cookie: cookieOf('desk', 'wanda'), 'idempotency-key': 'end-of-the-storm' }
  const init = { method: 'POST', headers }
  const paidSoFar = async () =>
    Number((await pool.query("select count(*) from transfer where reason = 'watched'")).rows[0].count)
  const before = await paidSoFar()
  // After a fault it takes a moment until somebody sits in chat again and a failed timer is tried anew.
  const paid = await until(async () => (await paidSoFar()) > before)
  const why = paid ? '' : await stateOfTimers(pool)
  await fetch(`${address}/api/channels/chaos/desk/show/end`, init)
  const last = 'select status from show order by id desc limit 1'
  const settled = await until(async () => (await pool.query(last)).rows[0].status === 'ended')
  return {
    name,
    wrong: [...(paid ? [] : [`nobody was paid any more: ${why}`]), ...(settled ? [] : ['the show was never settled'])],
  }
}

/** What the timers and the chat seat look like, for whoever has to find out why. */
async function stateOfTimers(pool: pg.Pool): Promise<string> {
  const jobs = await pool.query(
    'select task_identifier, attempts, last_error, locked_at, locked_by, run_at, now() from graphile_worker.jobs',
  )
  const seat = await pool.query(
    'select status, sentence, known_until, extract(epoch from now())::int as now from chat_seat',
  )
  const counting = await pool.query('select count(*) from watch where counting')
  return JSON.stringify([jobs.rows, seat.rows, counting.rows])
}

/** More than were there when they were counted is right, too: a timer may add facts meanwhile. */
function pageWrong({ seqs }: Follower, page: number, { last }: CheckedFact): string[] {
  const off = seqs.findIndex((seq, i) => seq !== i + 1)
  if (off >= 0) return [`page ${page} got ${seqs[off]} after ${seqs[off - 1] ?? 0}`]
  return seqs.length >= last ? [] : [`page ${page} got ${seqs.length} of ${last}`]
}
