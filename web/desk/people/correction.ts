import { type Currency, inWords } from '#core/currency'

/** What a correction came to. */
export interface Corrected {
  readonly adjustments: readonly number[]
  /** How many people it was for, and how many of them it changed. */
  readonly asked: number
  readonly changed: number
  /** Above 0: given in all; below 0: taken in all. */
  readonly total: number
}

/** What taking it back came to. */
export interface Undone {
  readonly changed: number
  readonly total: number
  /** What had been spent meanwhile and could not be taken back. */
  readonly owed: number
  readonly owing: readonly { readonly viewer: string; readonly owed: number }[]
}

/** "Gave everyone in the room 500 rivets in all." */
export function correctedInWords({ asked, changed, total }: Corrected, whom: string, currency: Currency): string {
  if (changed === 0) return `Nothing changed: ${whom} ${asked === 1 ? 'has' : 'have'} that already.`
  const did = total >= 0 ? `Gave ${whom} ${inWords(total, currency)}` : `Took ${inWords(-total, currency)} from ${whom}`
  return `${did}${asked > 1 ? ` in all${changed < asked ? `, ${changed} of ${asked} changed` : ''}` : ''}.`
}

/** "Taken back. pia had spent 60 rivets of it." */
export function undoneInWords({ owed, owing }: Undone, currency: Currency): string {
  if (owed === 0) return 'Taken back: all is as it was.'
  const [first] = owing
  const who = owing.length === 1 && first ? first.viewer : `${owing.length} people`
  return `Taken back as far as it goes: ${who} had spent ${inWords(owed, currency)} of it meanwhile.`
}
