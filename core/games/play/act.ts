import { type Static, Type } from '@sinclair/typebox'
import { accounts } from '../../ledger/index.ts'
import { needPayee, type ViewerRow, viewers } from '../../people/index.ts'
import type { ViewerId } from '../../schema.ts'
import { closed, Id, orNull, whole } from '../../schema.ts'
import { type Need, needKey, type Result, refuse, type World } from '../../world/index.ts'
import { needPlayer } from '../allowed.ts'
import { joinFight } from '../boss/play.ts'
import { calledMatch, showUp } from '../cup/cup.ts'
import { enterCup, openCup, withdrawFromCup } from '../cup/entrants.ts'
import {
  floorOf,
  openRoundOf,
  type PlayerAt,
  playerOf,
  players,
  type RoundRow,
  rounds,
  seatKey,
  seats,
} from '../rounds.ts'
import type { Game } from '../schema.ts'
import { joinScramble } from '../scramble/play.ts'
import type { GameVerb } from '../settings.ts'
import { callDuel, passDuel, takeDuel, withdrawDuel } from './duel.ts'
import { joinHeist, leaveHeist } from './heist.ts'
import { playCoin, playReels } from './machine.ts'
import type { Played } from './played.ts'
import { betOnWheel } from './roulette.ts'
import { sitOut } from './sitOut.ts'

const Stake = Type.String({ minLength: 1, maxLength: 40 })
const plain = <const K extends string>(word: K) => Type.Object({ do: Type.Literal(word) }, closed)

/** What somebody does in a game, the same for chat and page. Amounts are as they are typed. */
export const Act = Type.Union([
  Type.Object(
    {
      do: Type.Literal('heist'),
      stake: Stake,
      /** The room after which they mean to go; null: to the end. */
      leaveAfter: orNull(whole(1, 100)),
    },
    closed,
  ),
  plain('out'),
  Type.Object({ do: Type.Literal('duel'), stake: Stake, challenged: orNull(Id) }, closed),
  Type.Object({ do: Type.Literal('take'), duel: Type.Optional(Id) }, closed),
  plain('pass'),
  plain('withdraw'),
  Type.Object({ do: Type.Literal('roulette'), bets: Type.String({ minLength: 1, maxLength: 300 }) }, closed),
  Type.Object({ do: Type.Literal('reels'), stake: Stake }, closed),
  Type.Object(
    { do: Type.Literal('coin'), stake: Stake, side: Type.Union([Type.Literal('heads'), Type.Literal('tails')]) },
    closed,
  ),
  plain('cup'),
  plain('scramble'),
  Type.Object({ do: Type.Literal('boss'), stake: Stake }, closed),
  Type.Object({ do: Type.Literal('sitout'), seconds: whole(0, 1_000_000_000) }, closed),
])
export type Act = Static<typeof Act>

/** The game whose limits an act, or the word for it, is held to. */
export function gameOf({ do: verb }: { readonly do: GameVerb }): Game {
  switch (verb) {
    case 'out':
      return 'heist'
    case 'take':
    case 'pass':
    case 'withdraw':
      return 'duel'
    case 'sitout':
      return 'coin'
    default:
      return verb
  }
}

/** What an act needs. @param viewer - Undefined for who is new. */
export function needAct(world: World, viewer: ViewerId | undefined, act: Act): Need[] {
  const needed = needPlayer(gameOf(act), viewer)
  const ready = () => needed.every((need) => world.rows.has(need))
  if (!ready()) return needed
  if (act.do === 'duel' && act.challenged !== null) needed.push(...needOther(act.challenged))
  needed.push(...roundsFor(world, act, viewer).flatMap(needRound))
  if (!ready()) return needed
  const at = viewer === undefined ? {} : playerOf(world, viewer).at
  if (act.do === 'duel' && act.challenged !== null) {
    const other = playerOf(world, act.challenged).at
    needed.push(...[other.duel, other.asked].flatMap((id) => (id === undefined ? [] : needRound(id))))
  }
  if (act.do === 'out' && at.heist !== undefined) needed.push(needKey(seats, seatKey(...at.heist)))
  if (ENDING.has(act.do)) needed.push(...roundsFor(world, act, viewer).flatMap((id) => needPeople(world, id)))
  return needed
}

/** What may end a round at once: everybody in it is paid or gets their stake back. */
const ENDING: ReadonlySet<Act['do']> = new Set(['take', 'pass', 'withdraw', 'cup'])

const needRound = (id: number): Need[] => [needKey(rounds, id), needKey(accounts, id)]
const needOther = (id: number): Need[] => [needKey(viewers, id), needKey(accounts, id), ...needPlayer('duel', id)]

function roundsFor(world: World, act: Act, viewer: ViewerId | undefined): number[] {
  const at: PlayerAt = viewer === undefined ? {} : playerOf(world, viewer).at
  const there = (ids: readonly (number | undefined)[]) => ids.filter((id): id is number => id !== undefined)
  const cup = openRoundOf(world, 'cup')
  switch (act.do) {
    case 'heist':
    case 'roulette':
    case 'scramble':
    case 'boss':
      return there([openRoundOf(world, act.do)])
    case 'out':
      return there([at.heist?.[0]])
    case 'duel':
      return there([at.duel, at.asked])
    case 'take':
      return there([at.asked, at.duel, act.duel, cup, ...floorOf(world, 'duel').free])
    case 'pass':
    case 'withdraw':
      return there([at.asked, at.duel, cup])
    case 'cup':
      return there([cup])
    default:
      return []
  }
}

/** What paying everybody in a small round needs. */
function needPeople(world: World, id: number): Need[] {
  const round = world.rows.has(needKey(rounds, id)) ? world.get(rounds, id) : undefined
  return round === undefined ? [] : needEveryone(world, round)
}

/** What paying who had a seat needs. */
function needPaid(world: World, viewer: ViewerId): Need[] {
  const { payee, needs } = needPayee(world, viewer)
  return [...needs, needKey(players, payee)]
}

/** Everybody who has a seat in a round, with what they hold. */
export function needEveryone(world: World, round: RoundRow): Need[] {
  const keys = Array.from({ length: round.seats }, (_, i) => seatKey(round.id, i + 1))
  const needed = keys.map((key) => needKey(seats, key))
  const people = keys.flatMap((key, i) => {
    const need = needed[i]
    const seat = need !== undefined && world.rows.has(need) ? world.get(seats, key) : undefined
    return seat === undefined ? [] : needPaid(world, seat.viewer)
  })
  return [...needed, ...people]
}

/** Does what somebody wants to do in a game. All of it happens, or nothing but the refusal. Needs `needAct`. */
export function play(world: World, viewer: ViewerRow, act: Act): Result<Played> {
  switch (act.do) {
    case 'heist':
      return joinHeist(world, viewer, act.stake, act.leaveAfter)
    case 'out':
      return leaveHeist(world, viewer)
    case 'duel': {
      const other = act.challenged === null ? null : world.get(viewers, act.challenged)
      if (other === undefined) return refuse('viewer_not_found', 'Nobody here has that name.')
      return callDuel(world, viewer, other, act.stake)
    }
    case 'take': {
      const cup = openCup(world)
      const match = act.duel === undefined ? calledMatch(cup, viewer.id) : undefined
      return cup !== undefined && match !== undefined
        ? showUp(world, cup, match, viewer)
        : takeDuel(world, viewer, act.duel)
    }
    case 'pass':
      return passDuel(world, viewer)
    case 'withdraw':
      return withdrawFromCup(world, viewer) ?? withdrawDuel(world, viewer)
    case 'roulette':
      return betOnWheel(world, viewer, act.bets)
    case 'reels':
      return playReels(world, viewer, act.stake)
    case 'coin':
      return playCoin(world, viewer, act.stake, act.side)
    case 'cup':
      return enterCup(world, viewer)
    case 'scramble':
      return joinScramble(world, viewer)
    case 'boss':
      return joinFight(world, viewer, act.stake)
    case 'sitout':
      return sitOut(world, viewer, act.seconds)
  }
}
