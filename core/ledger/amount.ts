import type { Amount } from '../schema.ts'
/**
 * The largest amount that anybody may type, and the most that a wallet holds. So far below 2^53 that what a wheel pays on it,
 * and what a pot holds of nine people's, is still a whole number.
 */
export const MAX_AMOUNT = 1_000_000_000_000_000

export const isAmount = (n: number): boolean => Number.isSafeInteger(n) && n > 0

/** floor(a x b / by), exact where a x b passes 2^53. All are whole and not negative, `by` at least 1. */
export function mulDiv(a: number, b: number, by: number): number {
  const product = a * b
  if (Number.isSafeInteger(product)) return Math.floor(product / by)
  return Number((BigInt(a) * BigInt(b)) / BigInt(by))
}

/**
 * How much of an earned amount is credited: cut so that the balance does not pass the cap. `cap` null: no limit.
 * For earnings only; winnings and refunds are never cut.
 */
export function creditWithinCap(amount: Amount, balance: Amount, cap: Amount | null): number {
  const room = (cap ?? MAX_AMOUNT) - balance
  return Math.max(0, Math.min(amount, room, MAX_AMOUNT - balance))
}
