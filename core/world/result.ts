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
  'arguments_wrong',
  'balance_too_small',
  'check_in_off',
  'checked_in_already',
  'circle_invalid',
  'circle_not_found',
  'command_invalid',
  'command_not_allowed',
  'command_not_found',
  'command_off',
  'command_off_air',
  'command_wrong_place',
  'confirm_wrong',
  'earning_plan_invalid',
  'forget_present',
  'gap_not_open',
  'gap_not_paid',
  'gap_too_old',
  'hand_limit',
  'hand_to_self',
  'handing_off',
  'merge_present',
  'merge_with_self',
  'name_unknown',
  'name_unsure',
  'newcomer_waits',
  'not_on_air',
  'note_not_found',
  'order_not_done',
  'order_not_found',
  'order_not_waiting',
  'overlay_not_found',
  'person_missing',
  'ranks_invalid',
  'redemption_not_waiting',
  'rests',
  'rests_own',
  'reward_closed',
  'reward_not_found',
  'run_not_waiting',
  'show_end_too_early',
  'show_still_settling',
  'steps_too_many',
  'supporter_not_found',
  'tally_full',
  'tally_invalid',
  'tally_not_found',
  'tally_not_passed',
  'tally_too_small',
  'text_missing',
  'text_too_long',
  'too_many_people',
  'trigger_invalid',
  'trigger_not_found',
  'used_up',
  'used_up_own',
  'viewer_ignored',
  'viewer_known',
  'viewer_not_found',
  'words_overlap',
  'zone_unknown',
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
