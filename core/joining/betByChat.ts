import { needLimits } from '../access/index.ts'
import {
  type BetRow,
  betDefaults,
  betTotalsOf,
  layBet,
  needLay,
  outcomeCalled,
  runningBets,
  takeBetBack,
  wouldBring,
} from '../bets/index.ts'
import { amount } from '../currency/index.ts'
import { findViewer, type ViewerRow } from '../people/index.ts'
import { type Need, ok, type Result, refuse, type World } from '../world/index.ts'
import type { Joined } from './joined.ts'

const LEAVES: ReadonlySet<string> = new Set(['leave', 'out'])

/** What is typed behind the word: on which bet, and what. */
type Typed =
  | { readonly of: 'lay'; readonly bet: BetRow; readonly outcome: number; readonly stake: string }
  | { readonly of: 'leave'; readonly bet: BetRow }
  | { readonly of: 'look'; readonly bet: BetRow }

const open = (world: World): BetRow[] => runningBets(world).filter(({ status }) => status === 'open')

const example = (world: World, bet: BetRow): string =>
  `Type !${betDefaults(world).word.word} ${bet.settings.outcomes[0]?.word ?? '1'} 100`

function typedIn(world: World, rest: string): Result<Typed> {
  const [first = '', second] = rest.split(/\s+/u)
  const bets = open(world)
  const last = bets.at(-1) ?? runningBets(world).at(-1)
  if (last === undefined) return refuse('bet_not_found', 'No bet is open.')
  if (first === '') return ok({ of: 'look', bet: last })
  if (second === undefined && LEAVES.has(first.toLowerCase())) return ok({ of: 'leave', bet: last })
  return laidOn(world, bets.length === 0 ? [last] : bets, first, second)
}

const meantIn = (bets: readonly BetRow[], typed: string) =>
  bets.flatMap((bet) => {
    const outcome = outcomeCalled(bet.settings.outcomes, typed)
    return outcome === undefined ? [] : [{ bet, outcome }]
  })

/** Which bet an outcome belongs to: the one that has it. A number is in all of them. */
function laidOn(world: World, bets: readonly BetRow[], typed: string, stake: string | undefined): Result<Typed> {
  const found = meantIn(bets, typed)
  // One that is locked says that it is, and since when.
  const [one, other] = found.length > 0 ? found : meantIn(runningBets(world), typed).slice(-1)
  const shown = bets.at(-1)
  if (one === undefined || shown === undefined) {
    const words = bets.flatMap(({ settings }) => settings.outcomes.map(({ word }) => word)).slice(0, 10)
    return refuse('bet_typed', `"${typed.slice(0, 20)}" is no outcome. There are ${words.join(', ')}.`)
  }
  if (other !== undefined)
    return refuse(
      'bet_typed',
      `"${typed.slice(0, 20)}" could be in “${one.bet.settings.question}” or in “${other.bet.settings.question}”. Use a word that only one of them has.`,
    )
  if (stake === undefined) return refuse('bet_typed', `How much? ${example(world, one.bet)}.`)
  return ok({ of: 'lay', ...one, stake: stake.slice(0, 40) })
}

/** What a line with the word of bets needs. */
export function needBetLine(world: World, rest: string, account: string): Need[] {
  const typed = typedIn(world, rest)
  const viewer = findViewer(world, account)?.id
  const bet = typed.ok ? typed.value.bet.id : 0
  const limits = needLimits(`b${bet}`, viewer)
  return typed.ok && typed.value.of !== 'look' ? [...limits, ...needLay(bet, viewer)] : limits
}

/** Bets, takes back or tells how a bet stands, as a line of chat says it. Needs `needBetLine`. */
export function betLine(world: World, viewer: ViewerRow, rest: string): Joined {
  const typed = typedIn(world, rest)
  const done = typed.ok ? doTyped(world, viewer, typed.value) : typed
  return { key: `b${typed.ok ? typed.value.bet.id : 0}`, told: done.ok ? done.value : done.refusal }
}

function doTyped(world: World, viewer: ViewerRow, typed: Typed): Result<string> {
  if (typed.of === 'look') return ok(standsInWords(world, typed.bet))
  const done =
    typed.of === 'leave'
      ? takeBetBack(world, typed.bet, viewer)
      : layBet(world, typed.bet, viewer, typed.outcome, typed.stake)
  return done.ok ? ok(done.value.told) : done
}

/** "“Will it run?” 1 Yes: 240 rivets, 100 more would bring 130 rivets; 2 No: nothing yet." */
function standsInWords(world: World, bet: BetRow): string {
  const { question, outcomes, rakeBp } = bet.settings
  const { staked } = betTotalsOf(world, bet)
  const lanes = outcomes.map(({ name }, i) => {
    const on = staked[i] ?? 0
    return `${i + 1} ${name}: ${on === 0 ? 'nothing yet' : amount(world, on)}, 100 would bring ${amount(world, wouldBring(staked, i, 100, rakeBp))}`
  })
  return `“${question}” ${lanes.join('; ')}. ${bet.status === 'open' ? `${example(world, bet)}.` : 'It is locked.'}`
}
