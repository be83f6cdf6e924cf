import { amount, digits } from '../currency/index.ts'
import { shortCommitment } from '../fairness/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { Amount } from '../schema.ts'
import { ok, type Result, refuse, type World } from '../world/index.ts'
import { countPlay, mayPlay } from './allowed.ts'
import type { OpenedForAll, SettingsOf } from './declared.ts'
import type { Game } from './names.ts'
import type { Played } from './played.ts'
import { placePlayer, scheduleNext, takeSeat } from './pot.ts'
import { openRoundOf, openRowOf, playerOf, type RoundRow } from './rounds.ts'
import { settingsOf } from './settings.ts'
import { tell } from './tell.ts'
import { tellRound } from './tellRound.ts'

// Games that gather whoever wants to come, and then begin by themselves.

/** The games that are set as such. */
type GatheringGame = {
  [G in OpenedForAll]: G extends 'heist' ? never : SettingsOf[G] extends { readonly mostCrew: number } ? G : never
}[OpenedForAll]

/** Whether somebody may come into the round that gathers, or open one. */
export function mayGather(world: World, game: GatheringGame, viewer: ViewerRow): Result<RoundRow | undefined> {
  const open = openRowOf(world, game)
  const allowed = mayPlay(world, game, viewer, open !== undefined)
  if (!allowed.ok) return allowed
  if (open === undefined) return ok(open)
  if (open.status !== 'gathering') return refuse('round_running', 'It has begun. Join the next one.')
  if (playerOf(world, viewer.id).at[game] === open.id) return refuse('joined_already', 'You are already in.')
  const { mostCrew } = settingsOf(world, game)
  return open.seats < mostCrew ? ok(open) : refuse('round_full', `It is full: ${digits(mostCrew)} are the most.`)
}

/** Takes a seat in the round that gathers, and says so. @param opened - Says that it was opened by this; undefined: it was there. */
export function comeIn(
  world: World,
  game: GatheringGame,
  viewer: ViewerRow,
  {
    round,
    stake,
    opened,
  }: { readonly round: RoundRow; readonly stake: Amount; readonly opened: ((round: RoundRow) => string) | undefined },
): Result<Played> {
  const seated = takeSeat(world, round, viewer, stake)
  if (!seated.ok) return seated
  countPlay(world, game, viewer.id, opened === undefined)
  placePlayer(world, viewer.id, { [game]: round.id })
  const now = seated.value.round
  if (opened) tellRound(world, now)
  const { name } = viewer
  world.fact('round.joined', 'everyone', { round: now.id, game, name, stake, seats: now.seats, staked: now.staked })
  if (now.seats === settingsOf(world, game).mostCrew) scheduleNext(world, now, world.at)
  const fields = { viewer: { name }, stake: amount(world, stake), crew: now.seats }
  const told = opened ? opened(now) : tell(world, `${game}.joined`, fields, { likeness: `${game}.joined` })
  return ok({ round: now.id, told })
}

/** What every text tells that says that a round gathers. */
export const gatheringFields = (world: World, round: RoundRow, name: string) => ({
  viewer: { name },
  seconds: (round.nextAt ?? world.at) - world.at,
  commitment: shortCommitment(round.commitment),
})

/** Needs of who comes into the round of a game that is on, or opens one. */
export const openOne = (game: Game) => (world: World) => [openRoundOf(world, game)]
