import { needLimits } from '../access/index.ts'
import { accounts } from '../ledger/index.ts'
import { needPerson, viewers } from '../people/index.ts'
import type { RoundId, ViewerId } from '../schema.ts'
import { say } from '../voice/index.ts'
import { type Handler, type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { gameKey, needPlayer } from './allowed.ts'
import { callOff } from './callOff.ts'
import { beginCup, openCupRound } from './cup/cup.ts'
import { isCup, leaveCup, replaceEntrant } from './cup/entrants.ts'
import type { CupRules } from './cup/schema.ts'
import type { OpenedForAll } from './declared.ts'
import { GAME_NAMES } from './names.ts'
import { needEveryone } from './needEveryone.ts'
import { PLAYS } from './plays.ts'
import { isOver, openRoundOf, type RoundRow, rounds } from './rounds.ts'
import { settingsOf } from './settings.ts'
import { tellRound } from './tellRound.ts'

const GONE = 'This round no longer exists or has ended.'

/** Everything that ending a round by hand needs. */
function needWhole(world: World, id: number): Need[] {
  const needed = [needKey(rounds, id), needKey(accounts, id)]
  const round = needed.every((need) => world.rows.has(need)) ? world.get(rounds, id) : undefined
  return round === undefined ? needed : [...needed, ...needEveryone(world, round)]
}

const openOf = (world: World, id: number): RoundRow | undefined => {
  const round = id === 0 ? undefined : world.get(rounds, id)
  return round !== undefined && !isOver(round) ? round : undefined
}

export interface CallOffRound {
  readonly kind: 'game.callOff'
  readonly round: RoundId
  readonly by: string
}

function callOffNow(world: World, round: RoundRow, by: string): RoundRow {
  const ended = callOff(world, round, `Called off by ${by}.`)
  const back = ended.staked > 0 ? ' All stakes are refunded.' : ''
  say(world, { topic: 'games', to: null, text: `${GAME_NAMES[round.game]}: called off.${back}` })
  return ended
}

/** Calls a round off: all stakes go back, and chat is told. */
export const callOffRound = {
  needs: (world, { round }) => needWhole(world, round),
  decide(world, { round: id, by }) {
    const round = openOf(world, id)
    if (round === undefined) return refuse('round_not_found', GONE)
    callOffNow(world, round, by)
    return ok({ round: id })
  },
} satisfies Handler<CallOffRound>

/** Calls off the round of a game that is on. Needs `needOpening`. */
export function callOffOpen(world: World, game: OpenGame['game'], by: string): Result<RoundRow> {
  const round = openOf(world, openRoundOf(world, game) ?? 0)
  if (round === undefined) return refuse('round_not_found', `${GAME_NAMES[game]} is not on.`)
  return ok(callOffNow(world, round, by))
}

export interface OpenGame {
  readonly kind: 'game.open'
  readonly game: OpenedForAll
}

/** What opening a game for everybody, or calling off its round, needs. */
export function needOpening(world: World, game: OpenGame['game']): Need[] {
  const open = openRoundOf(world, game)
  return [...needLimits(gameKey(game), undefined), ...(open === undefined ? [] : needWhole(world, open))]
}

/** Opens a game for everybody, with nobody's stake in it yet, and says so. */
export function openForAll(world: World, game: OpenedForAll): Result<RoundRow> {
  if (openRoundOf(world, game) !== undefined) return refuse('round_running', `${GAME_NAMES[game]} is on already.`)
  if (!settingsOf(world, game).on) return refuse('game_off', `${GAME_NAMES[game]} is switched off. Switch it on first.`)
  const { open, tell } = PLAYS[game].opens
  const round = open(world)
  tellRound(world, round)
  tell(world, round, 'The streamer')
  return ok(round)
}

/** Opens a game for everybody, as the desk wants it. */
export const openGame = {
  decide(world, { game }) {
    const opened = openForAll(world, game)
    return opened.ok ? ok({ round: opened.value.id }) : opened
  },
} satisfies Handler<OpenGame>

export interface OpenCup {
  readonly kind: 'cup.open'
  readonly rules: CupRules
}

/** Opens a cup for signing up. */
export const openCupByDesk = {
  decide(world, { rules }) {
    if (!settingsOf(world, 'cup').on) return refuse('game_off', 'Cups are switched off. Switch them on first.')
    const opened = openCupRound(world, rules)
    return opened.ok ? ok({ round: opened.value.id }) : opened
  },
} satisfies Handler<OpenCup>

export interface ChangeCup {
  readonly kind: 'cup.change'
  readonly round: RoundId
  /** `begin`: end the sign-up now. `out`: take somebody out. `replace`: give their place to another one. */
  readonly does: 'begin' | 'out' | 'replace'
  readonly viewer?: ViewerId
  readonly other?: number
}

/** What the team does with a cup: begins it, takes somebody out, or gives their place to another one. */
export const changeCup = {
  needs(world, { round, other }) {
    const needed = needWhole(world, round)
    return other === undefined ? needed : [...needed, ...needPerson(other), ...needPlayer('cup', other)]
  },
  decide(world, { round: id, does, viewer = 0, other = 0 }) {
    const round = openOf(world, id)
    if (!isCup(round)) return refuse('round_not_found', GONE)
    if (does === 'begin') {
      if (round.status !== 'gathering') return refuse('round_running', 'The cup has begun already.')
      beginCup(world, round)
      return ok({ round: id })
    }
    if (does === 'out') {
      if (round.status !== 'gathering')
        return refuse('round_running', 'The bracket is drawn: give the place to somebody else instead.')
      const left = leaveCup(world, round, viewer)
      return left.ok ? ok({ round: id }) : left
    }
    const comes = world.get(viewers, other)
    if (comes === undefined) return refuse('viewer_not_found', 'Nobody here has that name.')
    const replaced = replaceEntrant(world, round, viewer, comes)
    return replaced.ok ? ok({ round: id }) : replaced
  },
} satisfies Handler<ChangeCup>
