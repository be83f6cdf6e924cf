import type { Client } from '../database/index.ts'
import { forget } from './forget.ts'
import type { Sent } from './sent.ts'

type Of<K extends Sent['kind']> = Extract<Sent, { kind: K }>

/** Does to a person's history what has been decided about them, in the same transaction. */
export async function changeHistory(client: Client, channel: number, intent: Sent, done: boolean): Promise<void> {
  if (!done) return
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
