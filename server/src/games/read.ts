import { and, asc, desc, eq, inArray, isNotNull, isNull, lt, sql } from 'drizzle-orm'
import type { Game, RoundRow, SettingsOf } from '#core/games'
import { GAMES, gameSetting, gameWords, wageringSetting } from '#core/games'
import type { UnixSeconds } from '#core/schema'
import { type Reader, schema } from '../database/index.ts'
import { settingOf } from '../settings/index.ts'

const { floor, player, round, seat, show, viewer } = schema

/** How every game is set. */
export async function gameSettingsOf(db: Reader, channel: number): Promise<SettingsOf> {
  const all = await Promise.all(GAMES.map(async (game) => [game, await settingOf(db, channel, gameSetting(game))]))
  return Object.fromEntries(all) as SettingsOf
}

/** Whether there is a game to play at all. */
export async function anyGameOn(db: Reader, channel: number): Promise<boolean> {
  const { setting } = schema
  const on = and(eq(setting.channel, channel), sql`${setting.name} like 'game.%' and ${setting.body}->>'on' = 'true'`)
  return (await db.select({ name: setting.name }).from(setting).where(on).limit(1)).length > 0
}

/** The words of the games as they are set, with what each is for. */
export async function gameWordsOf(db: Reader, channel: number) {
  const settings = await gameSettingsOf(db, channel)
  return gameWords(<G extends Game>(game: G) => settings[game], await settingOf(db, channel, wageringSetting))
}

const {
  channel: _channel,
  seed,
  ...shown
} = {
  channel: round.channel,
  id: round.id,
  game: round.game,
  status: round.status,
  openedAt: round.openedAt,
  openerName: round.openerName,
  commitment: round.commitment,
  seedOrigin: round.seedOrigin,
  seed: round.seed,
  nextAt: round.nextAt,
  seats: round.seats,
  staked: round.staked,
  paid: round.paid,
  state: round.state,
  endedAt: round.endedAt,
  why: round.why,
}

/** Who is named of a round that is on: the first and the last of a large crew are enough. */
const NAMED = 60

/** The rounds that have not ended, with who is in them; never their seeds. */
export async function openRounds(db: Reader, channel: number) {
  const rows = await db
    .select(shown)
    .from(round)
    .where(and(eq(round.channel, channel), isNull(round.endedAt)))
    .orderBy(asc(round.id))
    .limit(200)
  const seats = await seatsIn(
    db,
    channel,
    rows.map(({ id }) => id),
    NAMED,
  )
  return rows.map((row) => ({ ...row, crew: seats.filter((one) => one.round === row.id) }))
}

const seatColumns = {
  round: seat.round,
  viewer: seat.viewer,
  name: seat.name,
  stake: seat.stake,
  plan: seat.plan,
  state: seat.state,
  room: seat.room,
  paid: seat.paid,
}

function seatsIn(db: Reader, channel: number, rounds: readonly number[], perRound: number) {
  if (rounds.length === 0) return Promise.resolve([])
  return db
    .select(seatColumns)
    .from(seat)
    .where(
      and(
        eq(seat.channel, channel),
        inArray(seat.round, [...rounds]),
        sql`split_part(${seat.key}, '/', 2)::bigint <= ${perRound}`,
      ),
    )
    .orderBy(asc(seat.round), sql`split_part(${seat.key}, '/', 2)::bigint`)
}

/** One round with everybody in it, in the order of their seats. Its seed is told once it has ended. */
export async function roundOf(db: Reader, channel: number, id: number) {
  const [row] = await db
    .select({ ...shown, seed })
    .from(round)
    .where(and(eq(round.channel, channel), eq(round.id, id)))
  if (row === undefined) return undefined
  const seats = await seatsIn(db, channel, [id], Number.MAX_SAFE_INTEGER)
  const ended = row.endedAt !== null
  return { ...row, seed: ended ? row.seed : null, seats: seats.map(({ round: _, ...one }) => one) }
}

const LISTED = 30

/** The rounds that ended last, of one game or of all. @param before - Only those with a smaller number. */
export function endedRounds(db: Reader, channel: number, game: Game | undefined, before: number | undefined) {
  return db
    .select(shown)
    .from(round)
    .where(
      and(
        eq(round.channel, channel),
        isNotNull(round.endedAt),
        sql`${round.seats} > 0`,
        game === undefined ? undefined : eq(round.game, game),
        before === undefined ? undefined : lt(round.id, before),
      ),
    )
    .orderBy(desc(round.id))
    .limit(LISTED)
}

const LATELY_SECONDS = 30 * 86_400

/** What each game took and paid in the last 30 days, and how many shows there were. */
export async function latelyOf(db: Reader, channel: number, now: number) {
  const since = now - LATELY_SECONDS
  const games = await db
    .select({
      game: round.game,
      rounds: sql<number>`count(*)::int`,
      staked: sql<number>`sum(${round.staked})`.mapWith(Number),
      paid: sql<number>`sum(${round.paid})`.mapWith(Number),
    })
    .from(round)
    .where(and(eq(round.channel, channel), eq(round.status, 'settled'), sql`${round.endedAt} >= ${since}`))
    .groupBy(round.game)
  const [shows] = await db
    .select({ count: sql<number>`count(*)::int` })
    .from(show)
    .where(and(eq(show.channel, channel), sql`${show.startedAt} >= ${since}`))
  return { games, shows: shows?.count ?? 0 }
}

/** The last numbers of the wheel, the latest first. */
export async function lastNumbers(db: Reader, channel: number): Promise<number[]> {
  const [row] = await db
    .select({ last: floor.last })
    .from(floor)
    .where(and(eq(floor.channel, channel), eq(floor.game, 'roulette')))
  return row?.last ?? []
}

/** What somebody staked and was paid; undefined: they never played. */
export async function playerRowOf(db: Reader, channel: number, id: number) {
  const [row] = await db
    .select()
    .from(player)
    .where(and(eq(player.channel, channel), eq(player.id, id)))
  return row
}

/** What somebody put into rounds lately, newest first, with what came back; of accounts merged into theirs, too. */
export function ownSeats(db: Reader, channel: number, id: number, limit: number) {
  const own = sql`${seat.viewer} in (select v.id from viewer v where v.channel = ${channel} and (v.id = ${id} or v.merged_into = ${id}))`
  return db
    .select({
      round: seat.round,
      game: seat.game,
      stake: seat.stake,
      paid: seat.paid,
      state: seat.state,
      at: seat.at,
      plan: seat.plan,
    })
    .from(seat)
    .where(and(eq(seat.channel, channel), own))
    .orderBy(desc(seat.round), desc(seat.key))
    .limit(limit)
}

/** People who can be called to a duel, by the beginning of a name: in the room now, or seen in this show. */
export function opponents(db: Reader, channel: number, typed: string, since: UnixSeconds) {
  const like = `${typed.toLowerCase().replaceAll(/[%_\\]/g, '\\$&')}%`
  return db
    .select({ id: viewer.id, name: viewer.name })
    .from(viewer)
    .where(
      and(
        eq(viewer.channel, channel),
        eq(viewer.ignored, false),
        isNull(viewer.archivedAt),
        sql`${viewer.handle} like ${like}`,
        sql`(${viewer.present} or ${viewer.lastSeenAt} >= ${since})`,
      ),
    )
    .orderBy(desc(viewer.present), asc(viewer.handle))
    .limit(8)
}

export type RoundShown = Omit<RoundRow, 'seed' | 'show'>
