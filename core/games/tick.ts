import { needLimits, restsUntil } from '../access/index.ts'
import { accounts } from '../ledger/index.ts'
import type { RoundId, UnixSeconds } from '../schema.ts'
import { say } from '../voice/index.ts'
import { type Handler, needKey, ok, type World } from '../world/index.ts'
import { gameKey } from './allowed.ts'
import { advanceFight } from './boss/play.ts'
import { advanceCup } from './cup/cup.ts'
import { GAME_NAMES } from './names.ts'
import { needEveryone } from './play/act.ts'
import { callOff } from './play/callOff.ts'
import { advanceDuel } from './play/duel.ts'
import { advanceHeist } from './play/heist.ts'
import { advanceRoulette } from './play/roulette.ts'
import { isOf, isOver, type RoundRow, rounds } from './rounds.ts'
import { advanceScramble } from './scramble/play.ts'
import { settingsOf } from './settings.ts'
import { tell } from './texts/tell.ts'

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
  // Reels and coins end within the play that opens them.
  if (isOf(round, 'heist')) advanceHeist(world, round)
  else if (isOf(round, 'duel')) advanceDuel(world, round)
  else if (isOf(round, 'roulette')) advanceRoulette(world, round)
  else if (isOf(round, 'cup')) advanceCup(world, round)
  else if (isOf(round, 'scramble')) advanceScramble(world, round)
  else if (isOf(round, 'boss')) advanceFight(world, round)
}

/** Says that the next heist can be started, if its rest ends now. */
function tellRested(world: World, { game }: RoundRow, due: UnixSeconds): boolean {
  if (game !== 'heist' || restsUntil(world, gameKey(game)) !== due || world.at - due > LATE) return false
  const { on, word, notice } = settingsOf(world, 'heist')
  if (on && notice) tell(world, 'heist.rested', { word: word.word })
  return on && notice
}

declare module '../world/timers.ts' {
  interface TimedIntents {
    'game.tick': GameTick
  }
}
