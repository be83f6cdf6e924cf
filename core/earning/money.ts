import { type Static, Type } from '@sinclair/typebox'
import { minorDigits } from '../currency/index.ts'
import { closed, whole } from '../schema.ts'

const Iso = Type.String({ pattern: '^[A-Z]{3}$' })

/** What money a plan counts tips in (ISO 4217), and what one unit of others is worth in it, in millionths. */
export const Money = Type.Object(
  {
    currency: Iso,
    rates: Type.Record(Iso, whole(1, 1_000_000_000_000), { maxProperties: 40 }),
  },
  closed,
)
export type Money = Static<typeof Money>

/** What a plan counts in that says nothing of it. */
export const FIRST_MONEY: Money = { currency: 'EUR', rates: {} }

const MILLION = 1_000_000n

/**
 * What a tip is worth: floor(minor units x per unit x rate / 10^minor digits), exact.
 * @param perUnit - Paid for each whole unit of the plan's money.
 * @returns `undefined` for a currency that has no rate: what it is worth is not to be guessed.
 */
export function tipPays(money: Money, perUnit: number, minorUnits: number, currency: string): number | undefined {
  const rate = currency === money.currency ? Number(MILLION) : money.rates[currency]
  if (rate === undefined) return undefined
  const whole = 10n ** BigInt(minorDigits(currency)) * MILLION
  return Number((BigInt(minorUnits) * BigInt(perUnit) * BigInt(rate)) / whole)
}
