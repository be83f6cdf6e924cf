import { type Currency, digits, durationInWords, inWords } from '../currency/index.ts'
import type { UnixSeconds } from '../schema.ts'
import { type Saying, say } from '../voice/index.ts'
import type { World } from '../world/index.ts'
import { type RaffleRow, type TotalsRow, totals, totalsOf } from './rows.ts'
import type { Prize, RaffleSettings } from './schema.ts'
import { setTimer } from './timers.ts'

/** Says something about a raffle in the room. */
export const tell = (world: World, text: string, how: Partial<Saying> = {}): void =>
  say(world, { topic: 'raffles', to: null, text, ...how })

/** What each winner gets, in words: "a restored lamp", "500 rivets", "a code for Repair guide". @param reward - What a reward is called. */
export function prizeInWords(
  prize: Prize,
  winners: number,
  currency: Currency,
  reward: (id: number) => string,
): string {
  switch (prize.of) {
    case 'text':
      return prize.text
    case 'codes':
      return `a code for ${reward(prize.reward)}`
    case 'currency':
      return inWords(prize.amount, currency)
    case 'pot':
      return `${prize.share} % of what the tickets bring${winners > 1 ? `, shared by ${winners}` : ''}`
  }
}

/** What one ticket costs, in words: "free", "20 rivets, the first one free". */
export function priceInWords({ price, free, mostTickets }: RaffleSettings, currency: Currency): string {
  if (price === 0) return 'free'
  const first = free.everyone
  if (first >= mostTickets) return 'free'
  const costs = `${inWords(price, currency)} a ticket`
  if (first === 0) return costs
  return first === 1
    ? `the first ticket is free, each further one costs ${inWords(price, currency)}`
    : `the first ${digits(first)} tickets are free, each further one costs ${inWords(price, currency)}`
}

/** "closes in 4 min", "closes when the streamer says so". */
export const closesInWords = ({ closesAt }: Pick<RaffleRow, 'closesAt'>, at: UnixSeconds): string =>
  closesAt === null ? 'closes when the streamer says so' : `closes in ${durationInWords(Math.max(1, closesAt - at))}`

export const peopleInWords = (n: number): string => (n === 1 ? '1 person' : `${digits(n)} people`)

/** What the moments of a raffle can tell. */
export const figuresOf = ({ id, setup, settings }: RaffleRow) => ({
  raffle: id,
  setup: setup ?? 0,
  title: settings.title,
  word: settings.word.word,
})

/** What everybody may know of a raffle while it is on: what a page needs to know whether it must look again. */
const changedBody = ({ id, status, draws, won, closesAt, settings }: RaffleRow) => ({
  raffle: id,
  status,
  title: settings.title,
  draws,
  won,
  closesAt,
})

/** Tells every page that a raffle stands differently now. */
export const tellChanged = (world: World, raffle: RaffleRow): void =>
  world.fact('raffle.changed', 'everyone', changedBody(raffle))

const countedBody = ({ id, people, tickets, weight, paid, names, came }: TotalsRow) => ({
  raffle: id,
  people,
  tickets,
  weight,
  paid,
  names,
  came,
})

/** So many of those who came in are named. */
const NAMED = 6
/** Everybody is told at most this often how many there are (seconds): thousands may look on while hundreds enter. */
const TELL_SECONDS = 1

/** Writes down how much is in, and tells everybody: at once, or with what comes in within the next second. @param came - Who came in just now. */
export function count(world: World, raffle: RaffleRow, changed: Partial<TotalsRow>, came: string | null): TotalsRow {
  const before = totalsOf(world, raffle.id)
  const names = came === null || before.names.length >= NAMED ? before.names : [...before.names, came]
  const next = { ...before, ...changed, names, came: before.came + (came === null ? 0 : 1) }
  if (next.tellAt !== null && next.tellAt >= world.at) return world.put(totals, next)
  if (before.toldAt + TELL_SECONDS <= world.at || before.toldAt > world.at) return tellCount(world, next)
  const tellAt = before.toldAt + TELL_SECONDS
  setTimer(world, raffle.id, 'told', tellAt)
  return world.put(totals, { ...next, tellAt })
}

/** Tells everybody how much is in. */
export function tellCount(world: World, row: TotalsRow): TotalsRow {
  world.fact('raffle.counted', 'everyone', countedBody(row))
  return world.put(totals, { ...row, tellAt: null, toldAt: world.at, names: [], came: 0 })
}
