import { digits } from '#core/currency'

/** A number that a field takes. */
export interface Range {
  readonly least: number
  readonly most: number
}

export const AMOUNT: Range = { least: 0, most: 1_000_000_000 }

/** Reads a whole number as typed. @returns It, or a sentence that says what to type. Nothing typed is 0 where 0 is allowed. */
export function readWhole(text: string, { least, most }: Range): number | string {
  const plain = text.trim().replaceAll(',', '')
  const number = plain === '' && least === 0 ? 0 : /^\d{1,15}$/.test(plain) ? Number(plain) : Number.NaN
  return number >= least && number <= most ? number : `Type a whole number from ${digits(least)} to ${digits(most)}.`
}

/** Reads a multiplier as people write it: "1.5" -> 150 hundredths; at least 1, at most 100. */
export function readTimes(text: string): number | string {
  const match = /^(\d{1,3})(?:[.,](\d{1,2}))?$/.exec(text.trim())
  const times = match ? Number(match[1]) * 100 + Number((match[2] ?? '').padEnd(2, '0')) : Number.NaN
  return times >= 100 && times <= 10_000 ? times : 'Type a number from 1 to 100, like 1.5.'
}

/** Seconds as a number of the largest unit that they are a whole number of. */
export function unitOf(seconds: number): { readonly value: number; readonly unit: 1 | 60 | 3600 } {
  if (seconds > 0 && seconds % 3600 === 0) return { value: seconds / 3600, unit: 3600 }
  if (seconds > 0 && seconds % 60 === 0) return { value: seconds / 60, unit: 60 }
  return { value: seconds, unit: seconds === 0 ? 60 : 1 }
}
