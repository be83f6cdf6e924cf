import type { Amount } from '../schema.ts'
import type { Currency } from './schema.ts'

const THOUSANDS = /\B(?=(\d{3})+(?!\d))/g

/**
 * A number with grouped digits: 1204 -> "1,204", 12.5 -> "12.5". Whole ones without `Intl.NumberFormat`: to make one takes a
 * cold browser 50 ms, for which a viewer page on a phone would wait a fifth of a second.
 */
export const digits = (amount: Amount): string =>
  Number.isInteger(amount) ? String(amount).replace(THOUSANDS, ',') : new Intl.NumberFormat('en').format(amount)

/** A change with its sign: 1204 -> "+1,204", -38 -> "−38", 0 -> "0". */
export const signed = (change: number): string =>
  change > 0 ? `+${digits(change)}` : change < 0 ? `−${digits(-change)}` : '0'

/** An amount with its unit: "1 rivet", "1,204 rivets". */
export function inWords(amount: Amount, currency: Currency): string {
  return `${digits(amount)} ${amount === 1 ? currency.one : currency.many}`
}
