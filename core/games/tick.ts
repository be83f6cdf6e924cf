import { needLimits, restsUntil } from '../access/index.ts'
import { accounts } from '../ledger/index.ts'
import type { RoundId, UnixSeconds } from '../schema.ts'
import { say } from '../voice/index.ts'
import { type Handler, needKey, ok, type World } from '../world/index.ts'
import { gameKey } from './allowed.ts'
import { callOff } from './callOff.ts'
import { GAME_NAMES } from './names.ts'
import { needEveryone } from './needEveryone.ts'
import { PLAYS } from './plays.ts'
import { isOver, type RoundRow, rounds } from './rounds.ts'

/** A round that waited for people and is later than this (seconds) lost its time to an outage: those who waited may be gone. */
const LATE = 120

export interface GameTick {
  readonly kind: 'game.tick'
  readonly round: RoundId
  /** The time for which this timer was set. */
  readonly due: UnixSeconds
}

/** A round goes on because its time has come. A timer that comes twice, or for a time that was moved, does nothing. */
export const tickGame = {
  needs(world, { round: id }) {
    const needed = [needKey(rounds, id), needKey(accounts, id)]
    const round = needed.every((need) => world.rows.has(need)) ? world.get(rounds, id) : undefined
    if (round === undefined) return needed
    if (isOver(round)) return [...needed, ...needLimits(gameKey(round.game), undefined)]
    return [...needed, ...needLimits(gameKey(round.game), undefined), ...needEveryone(world, round)]
  },
  decide(world, { round: id, due }) {
    const round = world.get(rounds, id)
    if (round === undefined) return ok({})
    if (isOver(round)) return ok({ told: tellRested(world, round, due) })
    if (round.nextAt !== due) return ok({})
    if (round.status !== 'running' && world.at - due > LATE) lostTime(world, round)
    else advance(world, round)
    return ok({ round: id })
  },
} satisfies Handler<GameTick>

/** Gives the stakes of a round back whose time ran out while nobody could come in or answer. */
function lostTime(world: World, round: RoundRow): void {
  callOff(world, round, 'The bot was away.')
  if (round.seats > 0)
    say(world, {
      topic: 'games',
      to: null,
      text: `${GAME_NAMES[round.game]}: the bot was away while this was open. All stakes are refunded.`,
    })
}

function advance(world: World, round: RoundRow): void {
  // A round's state says itself of which game it is.
  const goOn = PLAYS[round.game].advance as ((world: World, round: RoundRow) => void) | null
  goOn?.(world, round)
}

/** Says that the next round can be started, if its rest ends now. */
function tellRested(world: World, { game }: RoundRow, due: UnixSeconds): boolean {
  if (restsUntil(world, gameKey(game)) !== due || world.at - due > LATE) return false
  return PLAYS[game].rested?.(world) ?? false
}

declare module '../world/timers.ts' {
  interface TimedIntents {
    'game.tick': GameTick
  }
}
