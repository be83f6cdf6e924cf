import { amount, digits, durationInWords } from '../currency/index.ts'
import type { UnixSeconds } from '../schema.ts'
import { say } from '../voice/index.ts'
import type { World } from '../world/index.ts'
import { type BetRow, type BetTotalsRow, betTotals, betTotalsOf } from './rows.ts'
import type { BetSettings } from './schema.ts'
import { betDefaults } from './settings.ts'
import type { Payment } from './settle.ts'
import { setTimer } from './timers.ts'

/** Says something about a bet in the room. */
export const tell = (world: World, text: string): void => say(world, { topic: 'bets', to: null, text })

/** "locks in 4 min", "stays open until it is locked". */
export const locksInWords = ({ locksAt }: Pick<BetRow, 'locksAt'>, at: UnixSeconds): string =>
  locksAt === null ? 'stays open until it is locked' : `locks in ${durationInWords(Math.max(1, locksAt - at))}`

/** "1 yes: Yes, he finds it". */
const outcomesInWords = ({ outcomes }: BetSettings): string =>
  outcomes
    .map(({ name, word }, i) => `${i + 1} ${name}${name.toLowerCase() === word.toLowerCase() ? '' : ` (${word})`}`)
    .join(', ')

/** Said when a bet opens: what it is about, how to bet, and which bets go back. */
export function openedInWords(world: World, bet: BetRow): string {
  const { question, lateSeconds, outcomes } = bet.settings
  const [first] = outcomes
  const how = `!${betDefaults(world).word.word} ${first?.word ?? '1'} 100`
  const late = lateSeconds === 0 ? '' : ` Bets of the last ${durationInWords(lateSeconds)} before the lock may go back.`
  return `Bet: “${question}” ${outcomesInWords(bet.settings)}. Type ${how}. It ${locksInWords(bet, world.at)}.${late}`
}

const peopleInWords = (n: number): string => (n === 1 ? '1 person has' : `${digits(n)} people have`)

/** "12 people have bet, 4,500 rivets are in the pot". */
export const potInWords = (world: World, { backers, staked }: BetTotalsRow): string =>
  backers === 0
    ? 'nobody has bet'
    : `${peopleInWords(backers)} bet, ${amount(world, potOf(staked))} ${potOf(staked) === 1 ? 'is' : 'are'} in the pot`

export const potOf = (staked: readonly number[]): number => staked.reduce((sum, one) => sum + one, 0)

/** What came true, by name; null: nothing yet. */
export const winnerOf = ({ pick, settings }: Pick<BetRow, 'pick' | 'settings'>): string | null =>
  pick === null ? null : (settings.outcomes[pick.outcome]?.name ?? null)

/** Who wins what, in words. */
export function paymentInWords(world: World, payment: Payment): string {
  const { winning, winners, prize, rake, late } = payment
  const lateWords = late === 0 ? '' : ` ${amount(world, late)} came too late and ${late === 1 ? 'goes' : 'go'} back.`
  if (winning === null) return `Nobody had bet on it: all stakes go back.${lateWords}`
  const who = winners === 1 ? '1 winner gets' : `${digits(winners)} winners share`
  if (prize === 0) return `Everybody had bet on it: all stakes go back.${lateWords}`
  const house = rake === 0 ? '' : ` (the house keeps ${amount(world, rake)})`
  return `${who} ${amount(world, prize)} beside the stake${winners === 1 ? '' : 's'}${house}.${lateWords}`
}

/** What the moments of a bet can tell. */
export const figuresOf = ({ id, template, settings }: BetRow) => ({
  bet: id,
  setup: template ?? 0,
  question: settings.question,
})

/** Tells every page that a bet stands differently now. */
export const tellChanged = (world: World, bet: BetRow): void =>
  world.fact('bet.changed', 'everyone', {
    bet: bet.id,
    status: bet.status,
    question: bet.settings.question,
    locksAt: bet.locksAt,
    winner: winnerOf(bet),
  })

/** Everybody is told at most this often how much is in (seconds): thousands may look on while hundreds bet. */
const TELL_SECONDS = 1

/** Writes down how much is in, and tells everybody: at once, or with what comes in within the next second. */
export function count(world: World, bet: BetRow, changed: Partial<BetTotalsRow>): BetTotalsRow {
  const before = betTotalsOf(world, bet)
  const next = { ...before, ...changed }
  if (next.tellAt !== null && next.tellAt >= world.at) return world.put(betTotals, next)
  if (before.toldAt + TELL_SECONDS <= world.at || before.toldAt > world.at) return tellCount(world, next)
  const tellAt = before.toldAt + TELL_SECONDS
  setTimer(world, bet.id, 'told', tellAt)
  return world.put(betTotals, { ...next, tellAt })
}

/** Tells everybody how much is in. */
export function tellCount(world: World, row: BetTotalsRow): BetTotalsRow {
  const { id, people, staked, backers } = row
  world.fact('bet.counted', 'everyone', { bet: id, people: [...people], staked: [...staked], backers })
  return world.put(betTotals, { ...row, tellAt: null, toldAt: world.at })
}
