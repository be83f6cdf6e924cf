import { type PayoutTable, type PayWatching, payoutTable, type Standing } from '#core/earning'
import { BOOKS } from '#core/ledger'
import type { Envelope, World } from '#core/world'
import type { Client } from '../database/index.ts'
import { arrayLiteral } from './arrays.ts'

type Pay = PayWatching & Envelope

const STANDINGS = `select counted_until as "countedUntil", carry_seconds as "carrySeconds" from watch
  where channel = $1 and counting and id > $2 and id <= $3 group by counted_until, carry_seconds`

/**
 * Pays everybody in the intent's range at once: the rules give the payout for each distinct standing, and one statement
 * applies that table to everyone, through the same transfers as any other payment. The channel must be locked; rows in
 * memory are outdated by it. A test holds it to what the rules do one by one.
 * @returns The intent with what came of it, to be decided as usual.
 */
export async function payTogether(client: Client, channel: number, world: World, intent: Pay): Promise<Pay> {
  const range = [channel, intent.after, intent.upTo]
  const found = await client.query({ name: 'standings', text: STANDINGS, values: range })
  const table = payoutTable(world, intent, found.rows as Standing[])
  if (table === undefined || table.lines.length === 0) return { ...intent, done: { viewers: 0, paid: 0 } }
  const values = [...range, ...whoGetsWhat(table), ...whatIsWritten(table, intent, world.lastId)]
  const [, paid] = await Promise.all([
    client.query(FOR_MANY),
    client.query({ name: 'apply-payouts', text: APPLY, values }),
    client.query(FOR_FEW),
  ])
  const done = paid.rows[0] as { viewers: number; paid: number }
  world.lastId += done.viewers
  return { ...intent, done }
}

function whoGetsWhat({ lines }: PayoutTable): string[] {
  return [
    arrayLiteral(lines.map((line) => line.countedUntil)),
    arrayLiteral(lines.map((line) => line.carrySeconds)),
    arrayLiteral(lines.map(({ payout }) => payout.seconds)),
    arrayLiteral(lines.map(({ payout }) => payout.amount)),
    arrayLiteral(lines.map(({ payout }) => payout.carrySeconds)),
    arrayLiteral(
      lines.map(({ detail }) => detail),
      true,
    ),
  ]
}

const whatIsWritten = ({ show, plan, countedUntil }: PayoutTable, { at, key }: Pay, lastId: number) => [
  plan.cap ?? Number.MAX_SAFE_INTEGER,
  countedUntil,
  show.id,
  at,
  key,
  lastId,
]

// One row at a time by index is right for everything else the writer does, and three times slower for a whole audience.
const FOR_MANY = 'set local enable_nestloop = off; set local enable_bitmapscan = off; set local work_mem = "64MB"'
const FOR_FEW = 'set local enable_nestloop = on; set local enable_bitmapscan = on; set local work_mem = default'

const APPLY = `with line as (
    select * from unnest($4::bigint[], $5::bigint[], $6::bigint[], $7::bigint[], $8::bigint[], $9::jsonb[])
      as line (counted_until, carry_seconds, seconds, amount, carry_after, detail)
  ), due as materialized (
    select w.id, line.seconds, line.carry_after, line.detail, a.balance,
      greatest(0, least(line.amount, $10::bigint - a.balance)) as credit
    from watch w
      join line on line.counted_until = w.counted_until and line.carry_seconds = w.carry_seconds
      join account a on a.channel = w.channel and a.id = w.id and a.channel = $1 and a.id > $2 and a.id <= $3
    where w.channel = $1 and w.counting and w.id > $2 and w.id <= $3
  ), counted as (
    update watch w set counted_until = $11, carry_seconds = due.carry_after,
      watched_seconds = w.watched_seconds + due.seconds, show_id = $12,
      show_seconds = case when w.show_id = $12 then w.show_seconds else 0 end + due.seconds
    from due where w.channel = $1 and w.id > $2 and w.id <= $3 and w.id = due.id
  ), credited as (
    update account a set balance = due.balance + due.credit
    from due where a.channel = $1 and a.id > $2 and a.id <= $3 and a.id = due.id and due.credit > 0
  ), written as (
    insert into transfer (channel, id, at, from_account, to_account, amount, reason, about, intent, to_balance, detail)
    select $1, $15::bigint + row_number() over (), $13, ${BOOKS.issued}, id, credit, 'watched', $12, $14,
      balance + credit, detail
    from due where credit > 0
    returning amount
  )
  select count(*)::int as viewers, coalesce(sum(amount), 0)::bigint as paid from written`
