import { REFUSALS, type Refusal, type RefusalCode } from '#core/world'

/** Every error of the HTTP edge that is not a refusal of the rules. docs/errors.md lists both kinds. */
const API_ERRORS = {
  already_claimed: { status: 409, message: 'This installation has its channel already.' },
  batch_refused: { status: 422, message: 'Some events of this batch are refused. Those that are in order were taken.' },
  busy: {
    status: 503,
    message: 'Too much is going on at this moment. Nothing was changed; try again in a few seconds.',
  },
  body_invalid: { status: 422, message: 'The data sent cannot be used as it is.' },
  channel_not_found: { status: 404, message: 'There is no channel at this address.' },
  claim_code_wrong: {
    status: 403,
    message: 'This is not the code that the server printed when it started. Copy it from there, with its dashes.',
  },
  event_kind_not_allowed: { status: 403, message: 'This secret may not send events of this kind.' },
  event_not_signed: {
    status: 401,
    message: 'Send the headers webhook-id, webhook-timestamp (seconds since 1970) and webhook-signature.',
  },
  event_out_of_time: { status: 401, message: 'This delivery is too old, or its clock is wrong. Send it anew.' },
  event_signature_wrong: {
    status: 401,
    message: 'The signature was made with none of this channel’s secrets, or the body was changed on the way.',
  },
  crop_invalid: { status: 422, message: 'The part of the picture to take is not within it. Choose it anew.' },
  from_elsewhere: { status: 403, message: 'This request did not come from our own pages.' },
  internal: { status: 500, message: 'Something went wrong on our side. Nothing was changed; try again.' },
  key_used: {
    status: 422,
    message: 'This Idempotency-Key came before with another body. Take a new one for each action.',
  },
  key_missing: {
    status: 400,
    message: 'Send a header Idempotency-Key with 8 to 100 letters, digits or dashes, new for each action.',
  },
  media_type_unknown: {
    status: 415,
    message:
      'Send application/cloudevents+json, application/cloudevents-batch+json, or application/json with the headers ce-specversion, ce-id, ce-source and ce-type.',
  },
  media_broken: { status: 422, message: 'This file is broken, or not what it says it is. Save it anew and try again.' },
  media_empty: { status: 422, message: 'This file is empty. Choose another one.' },
  media_no_room: { status: 409, message: 'There is no room left for this file. Take away files that nothing uses.' },
  media_refused: { status: 415, message: 'Files of this kind are not taken.' },
  media_too_detailed: {
    status: 422,
    message: 'This picture has far more points or frames than any screen shows. Scale it down, then try again.',
  },
  media_too_long: { status: 422, message: 'It plays too long. Cut it shorter.' },
  query_invalid: { status: 422, message: 'What the address asks with cannot be used as it is.' },
  nobody_present: { status: 409, message: 'Nobody is in the room right now.' },
  method_unknown: {
    status: 405,
    message: 'This address does not take this method. The header Allow says which it takes.',
  },
  not_allowed: { status: 403, message: 'Only the streamer of this channel can do this.' },
  not_ready: { status: 503, message: 'The server is starting, stopping, or has lost its database. Try again.' },
  not_found: { status: 404, message: 'There is nothing at this address.' },
  not_json: { status: 400, message: 'The data sent is not valid JSON.' },
  not_signed_in: { status: 401, message: 'Sign in first.' },
  sign_in_again: {
    status: 403,
    message: 'For this we ask you to sign in again: your last sign-in is more than 10 minutes ago.',
  },
  provider_down: {
    status: 503,
    message: 'The place where people sign in does not answer right now. Try again in a minute.',
  },
  sign_in_denied: {
    status: 403,
    message: 'You were not let through, or did not agree to it. Try again, as somebody else if need be.',
  },
  sign_in_failed: { status: 400, message: 'The sign-in did not go through. Start again from the page you came from.' },
  too_many_requests: { status: 429, message: 'Too many requests. Wait a moment, then go on.' },
  too_many_feeds: {
    status: 429,
    message: 'Too many pages are open live from here. Close some of them, then load this one again.',
  },
  too_many_secrets: { status: 409, message: 'Five secrets are the most. Revoke one that is not in use.' },
  too_large: { status: 413, message: 'The data sent is larger than anything we take.' },
} as const

export type ApiErrorCode = keyof typeof API_ERRORS

const NOT_CONFLICTS: Partial<Record<RefusalCode, number>> = {
  address_missing: 422,
  adjustment_not_found: 404,
  alert_invalid: 422,
  alert_not_found: 404,
  amount_not_whole: 422,
  answer_wrong: 422,
  amount_too_large: 422,
  arguments_wrong: 422,
  bet_unclear: 422,
  duel_with_self: 422,
  game_invalid: 422,
  game_not_for_you: 403,
  returns_too_much: 422,
  round_not_found: 404,
  sit_out_unclear: 422,
  stake_too_large: 422,
  stake_too_small: 422,
  circle_invalid: 422,
  circle_not_found: 404,
  codes_invalid: 422,
  command_invalid: 422,
  command_not_allowed: 403,
  command_not_found: 404,
  confirm_missing: 422,
  confirm_wrong: 422,
  earning_plan_invalid: 422,
  media_not_found: 404,
  merge_with_self: 422,
  name_unknown: 422,
  name_unsure: 422,
  note_not_found: 404,
  order_not_found: 404,
  overlay_invalid: 422,
  overlay_not_found: 404,
  ranks_invalid: 422,
  raffle_follow: 403,
  raffle_hours: 403,
  raffle_invalid: 422,
  raffle_not_for_you: 403,
  raffle_not_found: 404,
  raffle_seen: 403,
  reward_hours: 403,
  reward_invalid: 422,
  reward_locked: 403,
  reward_not_for_you: 403,
  reward_not_found: 404,
  secret_wrong: 422,
  show_end_too_early: 422,
  supporter_not_found: 404,
  tally_invalid: 422,
  tally_not_found: 404,
  text_missing: 422,
  text_too_long: 422,
  too_many_people: 422,
  trigger_invalid: 422,
  trigger_not_found: 404,
  viewer_ignored: 403,
  viewer_not_found: 404,
  words_overlap: 422,
  zone_unknown: 422,
}

/** Every code a problem can bear, with its status. */
export const PROBLEM_STATUS: Readonly<Record<string, number>> = {
  ...Object.fromEntries(REFUSALS.map((code) => [code, NOT_CONFLICTS[code] ?? 409])),
  ...Object.fromEntries(Object.entries(API_ERRORS).map(([code, { status }]) => [code, status])),
}

/** Thrown by a route to answer with an RFC 9457 problem. */
export class Problem extends Error {
  constructor(
    readonly code: string,
    readonly detail: string,
    readonly data?: Refusal['data'],
  ) {
    super(detail)
  }
}

export const problem = (code: ApiErrorCode, detail: string = API_ERRORS[code].message): Problem =>
  new Problem(code, detail)

export const problemOfRefusal = ({ code, sentence, data }: Refusal): Problem => new Problem(code, sentence, data)

/** The RFC 9457 document of a problem. `detail` is a sentence that a person can act on. */
export const problemDocument = ({ code, detail, data }: Problem) => ({
  type: `/problems/${code}`,
  title: code.replaceAll('_', ' '),
  status: PROBLEM_STATUS[code] ?? 500,
  detail,
  code,
  ...(data && { data }),
})

/** What every answer with a problem says of itself: the same address may be something else the next time. */
export const problemHeaders = { 'cache-control': 'no-store' } as const

/** A problem as programs read it. */
export function problemResponse(problem: Problem, headers: Readonly<Record<string, string>> = {}): Response {
  const document = problemDocument(problem)
  return new Response(JSON.stringify(document), {
    status: document.status,
    headers: { 'content-type': 'application/problem+json', ...problemHeaders, ...headers },
  })
}
