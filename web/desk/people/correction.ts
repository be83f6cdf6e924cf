import { type Currency, durationInWords, inWords } from '#core/currency'
import type { Answer } from '../../parts/api/called.ts'

/** What a correction came to. */
export type Corrected = Answer<'/desk/people/reset'>

/** What taking it back came to. */
export type Undone = Answer<'/desk/people/undo'>

/** "Gave everyone in the room 500 rivets in all." */
export function correctedInWords({ asked, changed, total }: Corrected, whom: string, currency: Currency): string {
  if (changed === 0) return `Nothing changed: ${whom} ${asked === 1 ? 'has' : 'have'} that already.`
  const did = total >= 0 ? `Gave ${whom} ${inWords(total, currency)}` : `Took ${inWords(-total, currency)} from ${whom}`
  return `${did}${asked > 1 ? ` in all${changed < asked ? `, ${changed} of ${asked} changed` : ''}` : ''}.`
}

/** "Undone as far as possible: pia had already spent 60 rivets of it." */
export function undoneInWords({ owed, owing }: Undone, currency: Currency): string {
  if (owed === 0) return 'Undone: everything is as it was.'
  const [first] = owing
  const who = owing.length === 1 && first ? first.viewer : `${owing.length} people`
  return `Undone as far as possible: ${who} had already spent ${inWords(owed, currency)} of it.`
}

/** "Adjusted the hours of pia: 1 h 30 min more." */
export function hoursCorrected({ changed, total }: Corrected, whom: string): string {
  if (changed === 0) return `Nothing changed: ${whom} had that already.`
  return `Adjusted the hours of ${whom}: ${durationInWords(Math.abs(total))} ${total > 0 ? 'more' : 'less'}${changed > 1 ? ' in all' : ''}.`
}

type Read =
  | { readonly ok: true; readonly value: number }
  | { readonly ok: false; readonly refusal: { readonly sentence: string } }

/** Reads hours as people type them, "12", "1.5" or "1:30", as seconds. */
export function readHours(typed: string, how: 'give' | 'take' | 'set'): Read {
  const text = typed.trim()
  const clock = /^(\d{1,6}):([0-5]\d)$/.exec(text)
  const plain = /^\d{1,6}(\.\d{1,2})?$/.test(text)
  const seconds = clock
    ? Number(clock[1]) * 3600 + Number(clock[2]) * 60
    : plain
      ? Math.round(Number(text) * 3600)
      : Number.NaN
  if (seconds > 0 || (how === 'set' && seconds === 0)) return { ok: true, value: seconds }
  return {
    ok: false,
    refusal: { sentence: `"${text.slice(0, 30)}" is not a number of hours. Type one like 12, 1.5 or 1:30.` },
  }
}
