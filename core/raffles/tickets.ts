import { type Currency, digits, inWords } from '../currency/index.ts'
import { holds, type Standing } from '../people/index.ts'
import type { Amount } from '../schema.ts'
import { ok, type Result, refuse } from '../world/index.ts'
import type { RaffleSettings } from './schema.ts'

/** What a plain ticket counts, in hundredths. */
export const PLAIN_WEIGHT = 100

/** What each ticket of somebody counts: the highest weight among the standings held (rules: raffle), and which standing gives it. */
export function ticketWeight(
  { weights }: Pick<RaffleSettings, 'weights'>,
  held: readonly Standing[],
): { readonly weight: number; readonly standing: string | null } {
  let best: { weight: number; standing: string | null } = { weight: PLAIN_WEIGHT, standing: null }
  for (const { standing, weight } of weights)
    if (weight > best.weight && holds(held, standing)) best = { weight, standing }
  return best
}

/** How many tickets cost somebody nothing: all of them where there is no price. */
export function freeTickets(
  { price, free, mostTickets }: Pick<RaffleSettings, 'price' | 'free' | 'mostTickets'>,
  held: readonly Standing[],
): number {
  if (price === 0) return mostTickets
  const own = free.standings.filter(({ standing }) => holds(held, standing)).map(({ tickets }) => tickets)
  return Math.min(mostTickets, Math.max(free.everyone, ...own))
}

/** What somebody has in a raffle, and may have. */
export interface Purse {
  readonly held: number
  /** Free ones among them, and how many of them there may be. */
  readonly heldFree: number
  readonly free: number
  readonly balance: Amount
}

/** How many tickets are wanted: what one gets for coming, as many as one can pay, or so many more. */
export type Wanted = 'some' | 'max' | number

/** What is added to somebody's tickets. */
export interface Adding {
  readonly tickets: number
  readonly free: number
  readonly cost: number
}

type Terms = Pick<RaffleSettings, 'price' | 'mostTickets' | 'word'>

/**
 * How many tickets are added for what somebody wants, and what they cost. Coming alone gives the free ones, or one if there are none; who is in and
 * says no number gets only free ones that they have not had. 0 tickets: they have all that they asked for.
 */
export function addTickets(terms: Terms, purse: Purse, wanted: Wanted, currency: Currency): Result<Adding> {
  const { price, mostTickets } = terms
  const { held, heldFree, free, balance } = purse
  const room = mostTickets - held
  const freeLeft = Math.min(room, Math.max(0, free - heldFree))
  if (wanted === 'some') {
    const tickets = freeLeft > 0 || held > 0 ? freeLeft : 1
    return paid(terms, purse, { tickets, free: Math.min(tickets, freeLeft) }, currency)
  }
  if (room <= 0)
    return refuse('raffle_most', `You have ${ticketsInWords(held)}, and that is the most.`, { most: mostTickets })
  if (wanted === 'max') {
    const bought = price === 0 ? 0 : Math.min(room - freeLeft, Math.floor(balance / price))
    const tickets = freeLeft + bought
    return tickets > 0
      ? ok({ tickets, free: freeLeft, cost: bought * price })
      : tooLittle(terms, purse, 1, price, currency)
  }
  if (wanted < 1) return refuse('arguments_wrong', 'Say how many tickets: a whole number above 0.')
  if (wanted > room) return refuse('raffle_most', tooMany(terms, held), { most: mostTickets })
  return paid(terms, purse, { tickets: wanted, free: Math.min(wanted, freeLeft) }, currency)
}

const tooMany = ({ mostTickets, word }: Terms, held: number): string =>
  held === 0
    ? `${ticketsInWords(mostTickets)} are the most for each. Type !${word.word} ${mostTickets} or fewer.`
    : `${ticketsInWords(mostTickets)} are the most for each, and you have ${held}. Type !${word.word} ${mostTickets - held} or fewer.`

function paid(terms: Terms, purse: Purse, { tickets, free }: Omit<Adding, 'cost'>, currency: Currency): Result<Adding> {
  const cost = (tickets - free) * terms.price
  return cost > purse.balance ? tooLittle(terms, purse, tickets, cost, currency) : ok({ tickets, free, cost })
}

function tooLittle(
  { price, word }: Terms,
  { balance }: Purse,
  tickets: number,
  cost: number,
  currency: Currency,
): Result<never> {
  const asked = `${ticketsInWords(tickets)} ${tickets === 1 ? 'costs' : 'cost'} ${inWords(cost, currency)}; you have ${digits(balance)}, ${digits(cost - balance)} short.`
  const could = Math.floor(balance / price)
  const instead = could > 0 ? ` Type !${word.word} max for as many as you can pay.` : ''
  return refuse('balance_too_small', `${asked}${instead}`, { has: balance, short: cost - balance })
}

/** "1 ticket", "12 tickets". */
export const ticketsInWords = (n: number): string => `${digits(n)} ${n === 1 ? 'ticket' : 'tickets'}`

/** "x1.5": what a ticket counts. */
export const weightInWords = (weight: number): string => String(weight / 100)
