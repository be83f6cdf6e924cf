import { type Currency, inWords } from '../currency/index.ts'
import type { Amount } from '../schema.ts'
import { inPercent, roundedTo } from './fraction.ts'
import type { Returns } from './odds.ts'

/** "97.3 %", or "92.8 % to 98.6 %". */
export const returnsInWords = ({ least, most }: Returns): string =>
  inPercent(least) === inPercent(most) ? inPercent(least) : `${inPercent(least)} to ${inPercent(most)}`

const PPM = 1_000_000

/** Whether a game pays out more than it takes in the long run. */
export const paysTooMuch = ({ most }: Returns): boolean => most.top > most.bottom

/** What to think of before a game goes live with this return; undefined: nothing. */
export function returnWarning(returns: Returns): string | undefined {
  if (paysTooMuch(returns))
    return `It can pay back ${inPercent(returns.most)}: more than is staked. In the long run it creates currency out of nothing.`
  if (roundedTo(PPM, returns.least) < 800_000)
    return `It pays back as little as ${inPercent(returns.least)}: people lose quickly and stop playing. 90 % to 99 % is usual.`
  return undefined
}

/**
 * By how much a game is expected to change what all viewers hold together, in a show, at the stakes of late; below 0: they lose it.
 * Between the least and the most that it pays back, as nobody knows how it will be played.
 * @param staked - In all these shows.
 */
export function expectedChange({ least, most }: Returns, staked: Amount, shows: number): number {
  if (shows === 0) return 0
  const middle = (roundedTo(PPM, least) + roundedTo(PPM, most)) / 2
  return Math.round((staked * (middle - PPM)) / PPM / shows)
}

/** "At the stakes of the last 30 days viewers can be expected to lose about 1,900 rivets a show, all together." */
export function effectInWords(returns: Returns, staked: Amount, shows: number, currency: Currency): string {
  if (staked === 0 || shows === 0)
    return 'Nothing was staked in the last 30 days, so there is nothing to estimate from.'
  const change = expectedChange(returns, staked, shows)
  const base = 'At the stakes of the last 30 days viewers can be expected to'
  if (change === 0) return `${base} win as much as they lose.`
  return `${base} ${change < 0 ? 'lose' : 'win'} about ${inWords(Math.abs(change), currency)} a show, all together.`
}
