import { type Static, Type } from '@sinclair/typebox'
import type { Setting } from '../settings/index.ts'

/** The currency's words. `word` is what is typed in chat after the "!" to ask for one's balance. */
export const Currency = Type.Object(
  {
    one: Type.String({ minLength: 1, maxLength: 30 }),
    many: Type.String({ minLength: 1, maxLength: 30 }),
    word: Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,30}$' }),
  },
  { additionalProperties: false },
)
export type Currency = Static<typeof Currency>

export const currencySetting: Setting<Currency> = {
  name: 'currency',
  initial: { one: 'point', many: 'points', word: 'points' },
}

const grouped = new Intl.NumberFormat('en')

/** A whole number with grouped digits: 1204 -> "1,204". */
export const digits = (amount: number): string => grouped.format(amount)

/** An amount with its unit: "1 rivet", "1,204 rivets". */
export function inWords(amount: number, currency: Currency): string {
  return `${digits(amount)} ${amount === 1 ? currency.one : currency.many}`
}
