import type { Setting } from '../settings/index.ts'
import type { Currency } from './schema.ts'

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
