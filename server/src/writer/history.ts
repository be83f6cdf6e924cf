import type { Answer, Result } from '#core/world'
import type { Client } from '../database/index.ts'
import type { Sent } from './sent.ts'

type Of<K extends Sent['kind']> = Extract<Sent, { kind: K }>

/** Does to a person's history what has been decided about them, in the same transaction. */
export async function changeHistory(
  client: Client,
  channel: number,
  intent: Sent,
  result: Result<Answer> | undefined,
): Promise<void> {
  if (!result?.ok) return
  if (intent.kind === 'people.merge') await mergeHistory(client, channel, intent)
  if (intent.kind === 'people.forget') await forget(client, channel, intent)
}

const MOVE_ATTENDANCE = `insert into attendance (channel, viewer, show, seconds, earned)
  select channel, $3, show, seconds, earned from attendance where channel = $1 and viewer = $2
  on conflict (channel, viewer, show) do update
    set seconds = attendance.seconds + excluded.seconds, earned = attendance.earned + excluded.earned`

const MOVE_TALLIES = `insert into tally_count (channel, key, tally, viewer, total, show, shown)
  select channel, tally || '/' || $3::bigint, tally, $3::bigint, total, show, shown from tally_count where channel = $1 and viewer = $2
  on conflict (channel, key) do update set total = tally_count.total + excluded.total, show = greatest(tally_count.show, excluded.show),
    shown = case when tally_count.show = excluded.show then tally_count.shown + excluded.shown
      when excluded.show > tally_count.show then excluded.shown else tally_count.shown end`

/** What both accounts bought counts together towards the person's limits. */
const MOVE_SOLD = `insert into sold (channel, key, total, show, shown, day, dayed, until, last_at, perk_until, unlocked)
  select channel, split_part(key, '/', 1) || '/' || $3::bigint, total, show, shown, day, dayed, until, last_at, perk_until, unlocked
    from sold where channel = $1 and split_part(key, '/', 2) = ($2::bigint)::text
  on conflict (channel, key) do update set total = sold.total + excluded.total, show = greatest(sold.show, excluded.show),
    shown = case when sold.show = excluded.show then sold.shown + excluded.shown
      when excluded.show > sold.show then excluded.shown else sold.shown end,
    day = greatest(sold.day, excluded.day),
    dayed = case when sold.day = excluded.day then sold.dayed + excluded.dayed
      when excluded.day > sold.day then excluded.dayed else sold.dayed end,
    until = greatest(sold.until, excluded.until), last_at = greatest(sold.last_at, excluded.last_at),
    perk_until = greatest(sold.perk_until, excluded.perk_until), unlocked = sold.unlocked or excluded.unlocked`

/** What both accounts staked and were paid is the person's; who sits out goes on sitting out. Seats stay: draws hang on who had them. */
const MOVE_PLAYER = `insert into player (channel, id, sits_out_until, period, staked, paid, rounds, all_staked, all_paid, at)
  select channel, $3::bigint, sits_out_until, period, staked, paid, rounds, all_staked, all_paid, at from player where channel = $1 and id = $2
  on conflict (channel, id) do update set sits_out_until = greatest(player.sits_out_until, excluded.sits_out_until),
    staked = player.staked + case when player.period = excluded.period then excluded.staked else 0 end,
    paid = player.paid + case when player.period = excluded.period then excluded.paid else 0 end,
    rounds = player.rounds + excluded.rounds, all_staked = player.all_staked + excluded.all_staked,
    all_paid = player.all_paid + excluded.all_paid`

/** Who won with either account has won. Entries and draws stay: digests hang on who had them. */
const MOVE_LUCK = `insert into raffle_luck (channel, id, wins, won_at, earlier_at, title)
  select channel, $3::bigint, wins, won_at, earlier_at, title from raffle_luck where channel = $1 and id = $2
  on conflict (channel, id) do update set wins = raffle_luck.wins + excluded.wins,
    title = case when excluded.won_at > raffle_luck.won_at then excluded.title else raffle_luck.title end,
    won_at = greatest(raffle_luck.won_at, excluded.won_at)`

/**
 * The shows that a second account attended, its orders and the notes about it are the person's: money given back for an
 * order must not go to a wallet that nobody opens any more.
 */
async function mergeHistory(client: Client, channel: number, { from, into }: Of<'people.merge'>): Promise<void> {
  await client.query(MOVE_ATTENDANCE, [channel, from, into])
  await client.query('delete from attendance where channel = $1 and viewer = $2', [channel, from])
  await client.query(MOVE_TALLIES, [channel, from, into])
  await client.query('delete from tally_count where channel = $1 and viewer = $2', [channel, from])
  await client.query(MOVE_SOLD, [channel, from, into])
  await client.query(MOVE_PLAYER, [channel, from, into])
  await client.query(MOVE_LUCK, [channel, from, into])
  await client.query("delete from sold where channel = $1 and split_part(key, '/', 2) = ($2::bigint)::text", [
    channel,
    from,
  ])
  for (const table of ['store_order', 'order_address', 'note', 'redemption', 'run'])
    await client.query(`update ${table} set viewer = $3 where channel = $1 and viewer = $2`, [channel, from, into])
}

/** What names a person or quotes them, beside their own row. Transfers stay: they name nobody once these are gone. */
const FORGET = [
  "update store_order set viewer_name = 'somebody ' || $2::bigint, text = null, code = null where channel = $1 and viewer = $2",
  'delete from order_address where channel = $1 and viewer = $2',
  "delete from sold where channel = $1 and split_part(key, '/', 2) = ($2::bigint)::text",
  "update event set name = null, body = body - array['who', 'text'] where channel = $1 and viewer = $2",
  "update supporter set name = 'somebody', account = 'forgotten/' || id where channel = $1 and viewer = $2",
  "update note set text = '', removed_at = coalesce(removed_at, 0) where channel = $1 and viewer = $2",
  "update run set viewer_name = 'somebody ' || $2::bigint, log = '[]', state = null, why = null where channel = $1 and viewer = $2",
  "update redemption set viewer_name = 'somebody ' || $2::bigint, text = null where channel = $1 and viewer = $2",
  "update seat set name = 'somebody ' || $2::bigint where channel = $1 and viewer = $2",
  "update raffle_entry set name = 'somebody ' || $2::bigint where channel = $1 and viewer = $2",
  "update raffle_winner set name = 'somebody ' || $2::bigint, line = null, code = null where channel = $1 and viewer = $2",
  'delete from raffle_luck where channel = $1 and id = $2',
  'delete from player where channel = $1 and id = $2',
  'delete from tally_count where channel = $1 and viewer = $2',
  'delete from alias where channel = $1 and viewer = $2',
]

/** Rounds tell names beside the seats: who called, who was called, who entered. */
const FORGET_IN_ROUNDS = `update round set opener_name = case when opener_name = $3 then 'somebody' else opener_name end,
    state = replace(state::text, '"name": ' || to_json($3::text)::text, '"name": "somebody"')::jsonb
  where channel = $1 and id in (select round from seat where channel = $1 and viewer = $2)`

/** A raffle that is on tells names beside its entries: who is waited for, and whose slice is shown. */
const FORGET_IN_RAFFLES = `update raffle set
    waiting = replace(waiting::text, to_json($3::text)::text, '"somebody"')::jsonb,
    drawing = replace(drawing::text, to_json($3::text)::text, '"somebody"')::jsonb
  where channel = $1 and id in (select raffle from raffle_entry where channel = $1 and viewer = $2)`

/** Every server closes the feeds that were opened with them, once this is committed. */
const END_SESSIONS = `with gone as (delete from session where account = $1 returning id_hash)
  select pg_notify('ricompensa_ended', id_hash) from gone`

async function forget(
  client: Client,
  channel: number,
  { viewer, account, confirm }: Of<'people.forget'>,
): Promise<void> {
  await client.query(FORGET_IN_ROUNDS, [channel, viewer, confirm.trim()])
  await client.query(FORGET_IN_RAFFLES, [channel, viewer, confirm.trim()])
  await client.query(END_SESSIONS, [account ?? ''])
  for (const statement of FORGET) await client.query(statement, [channel, viewer])
  const mark = `"viewer":${viewer},`
  const told = await client.query('select last, facts from fact_batch where channel = $1 and strpos(facts, $2) > 0', [
    channel,
    mark,
  ])
  for (const { last, facts } of told.rows as { last: number; facts: string }[]) {
    const values = [channel, last, JSON.stringify(withoutWords(JSON.parse(facts), viewer))]
    await client.query('update fact_batch set facts = $3 where channel = $1 and last = $2', values)
  }
}

/** Facts with what they tell of somebody in words taken out; their numbers stay, so that no client misses one. */
function withoutWords(facts: { body: Record<string, unknown> }[], viewer: number) {
  return facts.map((fact) => {
    if (fact.body.viewer !== viewer) return fact
    const plain = Object.entries(fact.body).filter(([, value]) => typeof value !== 'string')
    return { ...fact, body: { ...Object.fromEntries(plain), name: `somebody ${viewer}`, text: '' } }
  })
}
