import {
  type Payee,
  type PayeesAsked,
  type PayoutTable,
  type PayWatching,
  payeesAsked,
  payoutTable,
} from '#core/earning'
import { BOOKS, MAX_AMOUNT } from '#core/ledger'
import { standingsOf } from '#core/people'
import type { Seconds, UnixSeconds } from '#core/schema'
import type { Envelope, World } from '#core/world'
import type { Client } from '../database/index.ts'
import { arrayLiteral } from './arrays.ts'

type Pay = PayWatching & Envelope

/** Everybody alike: nothing but their time tells them apart. */
const alike = (carry: string) => `select w.counted_until as "countedUntil", w.${carry} as "carrySeconds"
  from watch w where w.channel = $1 and w.counting and w.id > $2 and w.id <= $3 group by 1, 2`

const CLASS = `(v.followed_at is not null) as follower,
  case when v.tier > 0 and (v.subscribed_until is null or v.subscribed_until > $4) then v.tier else 0 end as tier,
  v.moderator, v.circles, coalesce(v.chatted_at >= $5, false) as active, v.linked`

/** Where the plan has bonuses, what each person is to the channel tells them apart, too. */
const CLASSED = `select w.counted_until as "countedUntil", w.carry_seconds as "carrySeconds", ${CLASS}
  from watch w join viewer v on v.channel = w.channel and v.id = w.id
  where w.channel = $1 and w.counting and w.id > $2 and w.id <= $3 group by 1, 2, 3, 4, 5, 6, 7, 8`

interface ClassRow {
  countedUntil: UnixSeconds
  carrySeconds: Seconds
  follower: boolean
  tier: number
  moderator: boolean
  circles: readonly number[]
  active: boolean
  linked: boolean
}

/** A payee with what the statement finds their like by. */
interface Like extends Payee {
  readonly row: Partial<ClassRow>
}

/**
 * Pays everybody in the intent's range at once: the rules give the payout for each distinct payee, and one statement
 * applies that table to everyone, through the same transfers as any other payment. The channel must be locked; rows in
 * memory are outdated by it. A test holds it to what the rules do one by one.
 * @returns The intent with what came of it, to be decided as usual.
 */
export async function payTogether(client: Client, channel: number, world: World, intent: Pay): Promise<Pay> {
  const asked = payeesAsked(world, intent)
  if (asked === undefined) return { ...intent, done: { viewers: 0, paid: 0 } }
  const likes = await payeesIn(client, channel, intent, asked)
  const table = payoutTable(world, intent, likes)
  if (table === undefined || table.lines.length === 0) return { ...intent, done: { viewers: 0, paid: 0 } }
  const values = [
    channel,
    intent.after,
    intent.upTo,
    ...whoGetsWhat(table),
    ...whatIsWritten(table, intent, world.lastId),
  ]
  const classes = asked.bonuses ? classArrays(table.lines as unknown as Like[], asked) : []
  const [, paid] = await Promise.all([
    client.query(FOR_MANY),
    client.query({ ...applyOf(asked), values: [...values, ...classes] }),
    client.query(FOR_FEW),
  ])
  const done = paid.rows[0]
  world.lastId += done.viewers
  return { ...intent, done }
}

async function payeesIn(client: Client, channel: number, intent: Pay, asked: PayeesAsked): Promise<Like[]> {
  const range = [channel, intent.after, intent.upTo]
  const query = asked.bonuses
    ? { name: 'payees-classed', text: CLASSED, values: [...range, asked.until, asked.activeSince] }
    : { name: `payees-${asked.offAir}`, text: alike(asked.offAir ? 'off_air_carry' : 'carry_seconds'), values: range }
  const found = await client.query<ClassRow>(query)
  return found.rows.map((row) => ({
    row,
    countedUntil: row.countedUntil,
    carrySeconds: row.carrySeconds,
    standings: asked.bonuses ? standingsOfRow(row, asked.until) : [],
    active: row.active ?? false,
  }))
}

const standingsOfRow = ({ follower, tier, ...row }: ClassRow, until: UnixSeconds): string[] =>
  standingsOf({ ...row, followedAt: follower ? 0 : null, tier, subscribedUntil: null }, until)

/** The classes of a table's lines, one array for each column, and the times by which the statement tells them. */
function classArrays(lines: readonly Like[], { until, activeSince }: PayeesAsked): (string | number)[] {
  const column = (name: keyof ClassRow) =>
    arrayLiteral(
      lines.map(({ row }) => row[name]),
      name === 'circles',
    )
  return [
    until,
    activeSince,
    column('follower'),
    column('tier'),
    column('moderator'),
    column('circles'),
    column('active'),
    column('linked'),
  ]
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

const whatIsWritten = ({ period, plan, countedUntil }: PayoutTable, { at, key }: Pay, lastId: number) => [
  Math.min(plan.cap ?? MAX_AMOUNT, MAX_AMOUNT),
  countedUntil,
  period.show?.id ?? null,
  at,
  key,
  lastId,
]

// One row at a time by index is right for everything else the writer does, and three times slower for a whole audience.
const FOR_MANY = 'set local enable_nestloop = off; set local enable_bitmapscan = off; set local work_mem = "64MB"'
const FOR_FEW = 'set local enable_nestloop = on; set local enable_bitmapscan = on; set local work_mem = default'

/** What a payment changes of somebody's row: off air nothing counts as watched. */
const COUNTED = {
  onAir: `carry_seconds = due.carry_after, watched_seconds = w.watched_seconds + due.seconds,
      show_earned_from = case when w.show_id = $12 then w.show_earned_from else due.earned end, show_id = $12,
      show_seconds = case when w.show_id = $12 then w.show_seconds else 0 end + due.seconds`,
  offAir: 'off_air_carry = due.carry_after',
}

const CLASS_COLUMNS = ', follower, tier, moderator, circles, active, linked'
const CLASS_ARRAYS = ', $18::boolean[], $19::int[], $20::boolean[], $21::jsonb[], $22::boolean[], $23::boolean[]'
const OF_CLASS = `join viewer v on v.channel = w.channel and v.id = w.id
      join line on line.counted_until = w.counted_until and line.carry_seconds = w.carry_seconds
        and line.follower = (v.followed_at is not null) and line.moderator = v.moderator and line.linked = v.linked and line.circles = v.circles
        and line.tier = case when v.tier > 0 and (v.subscribed_until is null or v.subscribed_until > $16) then v.tier else 0 end
        and line.active = coalesce(v.chatted_at >= $17, false)`

function applyOf({ offAir, bonuses }: PayeesAsked): { name: string; text: string } {
  const carry = offAir ? 'off_air_carry' : 'carry_seconds'
  const alike = `join line on line.counted_until = w.counted_until and line.carry_seconds = w.${carry}`
  const text = `with line as (
    select * from unnest($4::bigint[], $5::bigint[], $6::bigint[], $7::bigint[], $8::bigint[], $9::jsonb[]${bonuses ? CLASS_ARRAYS : ''})
      as line (counted_until, carry_seconds, seconds, amount, carry_after, detail${bonuses ? CLASS_COLUMNS : ''})
  ), due as materialized (
    select w.id, line.seconds, line.carry_after, line.detail, a.balance, a.earned,
      greatest(0, least(line.amount, $10::bigint - a.balance)) as credit
    from watch w
      ${bonuses ? OF_CLASS : alike}
      join account a on a.channel = w.channel and a.id = w.id and a.channel = $1 and a.id > $2 and a.id <= $3
    where w.channel = $1 and w.counting and w.id > $2 and w.id <= $3
  ), counted as (
    update watch w set counted_until = $11, ${offAir ? COUNTED.offAir : COUNTED.onAir}
    from due where w.channel = $1 and w.id > $2 and w.id <= $3 and w.id = due.id
  ), credited as (
    update account a set balance = due.balance + due.credit, earned = due.earned + due.credit
    from due where a.channel = $1 and a.id > $2 and a.id <= $3 and a.id = due.id and due.credit > 0
  ), written as (
    insert into transfer (channel, id, at, from_account, to_account, amount, reason, about, intent, to_balance, detail)
    select $1, $15::bigint + row_number() over (), $13, ${BOOKS.issued}, id, credit, 'watched', $12::bigint, $14,
      balance + credit, detail
    from due where credit > 0
    returning amount
  )
  select count(*)::int as viewers, coalesce(sum(amount), 0)::bigint as paid from written`
  return { name: `apply-payouts-${offAir}-${bonuses}`, text }
}
