import { type Currency, readAmount } from '../../currency/index.ts'
import type { Amount } from '../../schema.ts'
import { ok, type Result, refuse } from '../../world/index.ts'
import type { On } from './schema.ts'
import { NUMBERS } from './wheel.ts'

export interface Bet {
  readonly bet: On
  readonly stake: Amount
}

/** So many bets on one line are the most. */
export const MOST_BETS = 10

const HALVES: Readonly<Record<string, On>> = {
  red: { on: 'red' },
  black: { on: 'black' },
  odd: { on: 'odd' },
  even: { on: 'even' },
  low: { on: 'low' },
  '1-18': { on: 'low' },
  high: { on: 'high' },
  '19-36': { on: 'high' },
}

const WHICH: Readonly<Record<string, 1 | 2 | 3>> = {
  first: 1,
  second: 2,
  third: 3,
  '1st': 1,
  '2nd': 2,
  '3rd': 3,
  '1': 1,
  '2': 2,
  '3': 3,
}

const THIRDS: Readonly<Record<string, 'dozen' | 'column'>> = { dozen: 'dozen', column: 'column' }

const of = <T>(table: Readonly<Record<string, T>>, word: string | undefined): T | undefined =>
  word !== undefined && Object.hasOwn(table, word) ? table[word] : undefined

/** What may stand between bets and means nothing. */
const FILLERS: ReadonlySet<string> = new Set(['', 'and', 'on'])

/**
 * Reads bets as people type them: "50 red", "20 17", "10 second dozen", "5 column 3", and several of them in one line.
 * @param balance - What "half" and "all" are of; each bet leaves the next so much less.
 * @returns The bets in the order typed, or `bet_unclear` (or what is wrong with an amount) with a sentence that shows how.
 */
export function readBets(typed: string, balance: Amount, currency: Currency): Result<readonly Bet[]> {
  const words = typed
    .normalize('NFKC')
    .toLowerCase()
    .split(/\s+/u)
    .map((word) => word.replace(/[,;+]+$/u, ''))
    .filter((word) => !FILLERS.has(word))
  const bets: Bet[] = []
  let left = balance
  for (let at = 0; at < words.length; ) {
    const [amount = '', ...after] = words.slice(at)
    const read = readOn(after)
    if (read === undefined) return unclear([amount, ...after.slice(0, 2)].join(' '))
    const stake = readAmount(amount, left, currency)
    if (!stake.ok) return stake
    if (bets.length === MOST_BETS)
      return refuse('bet_unclear', `${MOST_BETS} bets are the most at once. Leave some out.`)
    bets.push({ bet: read.bet, stake: stake.value })
    left = Math.max(0, left - stake.value)
    at += 1 + read.used
  }
  return bets.length > 0 ? ok(bets) : unclear('')
}

/** What a bet is on, and how many words say so. */
function readOn([one, two]: readonly string[]): { readonly bet: On; readonly used: number } | undefined {
  const half = of(HALVES, one)
  if (half !== undefined) return { bet: half, used: 1 }
  const third = of(THIRDS, two) ?? of(THIRDS, one)
  const which = of(THIRDS, two) === undefined ? of(WHICH, two) : of(WHICH, one)
  if (third !== undefined && which !== undefined) return { bet: { on: third, which }, used: 2 }
  const number = one !== undefined && /^\d{1,2}$/.test(one) ? Number(one) : NUMBERS
  return number < NUMBERS ? { bet: { on: 'number', number }, used: 1 } : undefined
}

function unclear(shown: string): Result<never> {
  const what = shown === '' ? 'There is no bet in that.' : `"${shown.slice(0, 40)}" is not a bet.`
  return refuse('bet_unclear', `${what} Say how much and on what, like: 50 red, 20 17 or 10 second dozen.`)
}

const ORDINAL = { 1: 'first', 2: 'second', 3: 'third' } as const

/** What a bet is on, in words: "17", "red", "second dozen". It reads back as the same bet. */
export function betInWords(bet: On): string {
  if (bet.on === 'number') return String(bet.number)
  return bet.on === 'dozen' || bet.on === 'column' ? `${ORDINAL[bet.which]} ${bet.on}` : bet.on
}
