import type { Amount } from '../schema.ts'
import { ok, type Result, refuse } from '../world/index.ts'
import { digits, inWords } from './currency.ts'
import type { Currency } from './schema.ts'

/** 1.5 thousand, 2 million: what stands behind a number as people type it. */
const STEPS: Readonly<Record<string, number>> = { '': 1, k: 1000, m: 1_000_000 }

const GROUPED = /^\d{1,3}([,.'’_ \u00a0\u202f]\d{3})+$/u
const PLAIN = /^(\d{1,16})(?:[.,](\d{1,6}))?([km]?)$/

/**
 * Reads an amount as people type it: "250", "1,000", "1k", "1.5k", "2m", "half" and "all" of what they have.
 * @param balance - What "half" (rounded down) and "all" are of.
 * @returns The amount, a whole number above 0, or `amount_not_whole` / `amount_too_large` with a sentence that shows how.
 */
export function readAmount(typed: string, balance: Amount, currency: Currency): Result<number> {
  const text = typed.trim().normalize('NFKC').toLowerCase()
  if (text === 'all') return whole(balance, typed, currency)
  if (text === 'half') return whole(Math.floor(balance / 2), typed, currency)
  if (GROUPED.test(text)) return whole(Number(text.replace(/\D/g, '')), typed, currency)
  const match = PLAIN.exec(text)
  if (match?.[1] === undefined) return notAnAmount(typed, currency)
  const [, before, after = '', step = ''] = match
  const times = STEPS[step] ?? 1
  // Whole numbers throughout: 1.1k is 1 x 1,000 + 1 x 1,000 / 10, and must come out even.
  const scale = 10 ** after.length
  const units = Number(before) * times + (Number(after || 0) * times) / scale
  return Number.isInteger(units) ? whole(units, typed, currency) : notAnAmount(typed, currency)
}

function whole(amount: Amount, typed: string, currency: Currency): Result<number> {
  if (amount > Number.MAX_SAFE_INTEGER) {
    return refuse('amount_too_large', `That is too much. The most is ${digits(Number.MAX_SAFE_INTEGER)}.`)
  }
  return amount > 0 ? ok(amount) : notAnAmount(typed, currency)
}

function notAnAmount(typed: string, currency: Currency): Result<never> {
  const shown = typed.trim().slice(0, 30)
  return refuse(
    'amount_not_whole',
    `"${shown}" is not an amount. Type a whole number above 0, like ${inWords(250, currency)}, 1,000 or 1k; or half, or all.`,
  )
}
