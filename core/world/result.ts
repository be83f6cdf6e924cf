/** What an intent comes to: an answer, or a refusal that tells a person what to change. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly refusal: Refusal }

/** Every reason for which the rules say no. The HTTP edge maps each to a status; docs/errors.md lists them. */
export const REFUSALS = [
  'adjustment_not_found',
  'adjustment_too_old',
  'adjustment_undone',
  'already_on_air',
  'amount_not_whole',
  'amount_too_large',
  'balance_too_small',
  'earning_plan_invalid',
  'not_on_air',
  'order_not_done',
  'order_not_found',
  'order_not_waiting',
  'overlay_not_found',
  'reward_closed',
  'reward_not_found',
  'show_still_settling',
  'text_missing',
  'text_too_long',
  'viewer_ignored',
  'viewer_not_found',
] as const

export type RefusalCode = (typeof REFUSALS)[number]

/** A refusal: a code for programs and a whole sentence for people. `data` holds the figures the sentence names. */
export interface Refusal {
  readonly code: RefusalCode
  readonly sentence: string
  readonly data?: Readonly<Record<string, string | number>>
}

export const ok = <T>(value: T): Result<T> => ({ ok: true, value })

export const refuse = (code: RefusalCode, sentence: string, data?: Refusal['data']): Result<never> => ({
  ok: false,
  refusal: data === undefined ? { code, sentence } : { code, sentence, data },
})
