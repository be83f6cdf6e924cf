/** Every error of the HTTP edge that is not a refusal of the rules. docs/errors.md lists both kinds. */
export const API_ERRORS = {
  already_claimed: {
    status: 409,
    message: 'This installation has its channel already.',
    when: 'The installation has its channel already.',
  },
  address_other: {
    status: 422,
    message: 'This is not the channel’s address. Type it as it stands behind /c/.',
    when: 'A channel is to be closed, and what was typed is not its address.',
  },
  address_taken: {
    status: 409,
    message: 'This address is another channel’s, or was. Choose another.',
    when: 'A channel’s address is taken, also by one that had it before.',
  },
  channel_closed: {
    status: 410,
    message: 'This channel is closed.',
    when: 'The channel is closed; for thirty days an owner can take it back.',
  },
  channels_enough: {
    status: 409,
    message: 'You have as many channels here as one person may.',
    when: 'An account may open only so many channels here.',
  },
  codes_enough: {
    status: 409,
    message: 'So many codes are open already. Take some back first.',
    when: 'The operator has 200 codes open that were not used.',
  },
  platform_refused: {
    status: 409,
    message: 'The platform does not take this.',
    when: 'The platform refused to make or change one of its own rewards; the sentence is its own.',
  },
  platform_silent: {
    status: 502,
    message: 'The platform does not answer now. Nothing was changed here; try again in a minute.',
    when: 'The platform did not answer, or not as agreed, when one of its own rewards was to be made or changed.',
  },
  platform_offers_none: {
    status: 409,
    message: 'The platform lets nobody make its rewards from here. Make them there; they are listed here then.',
    when: 'No address is set at which the platform takes changes to its own rewards (`PLATFORM_REWARDS_URL`).',
  },
  issuer_taken: {
    status: 409,
    message:
      'This prefix, or this issuer, is in use already. A prefix stays with the issuer that it was first given to.',
    when: 'The operator adds an issuer whose address is in use, or whose prefix is or was another one’s.',
  },
  operator_only: {
    status: 403,
    message: 'This page is for who runs the installation.',
    when: 'Whoever calls is none of the installation’s operators (`OPERATORS`).',
  },
  owner_only: {
    status: 403,
    message: 'This is for an owner of the channel. Ask one.',
    when: 'Whoever calls is not an owner of the channel.',
  },
  paused_by_operator: {
    status: 403,
    message: 'Whoever runs this installation has paused the channel. Ask them.',
    when: 'The operator paused the channel, so its owners cannot resume it.',
  },
  batch_refused: {
    status: 422,
    message: 'Some events of this batch are refused. Those that are in order were taken.',
    when: 'Some events of a batch are refused; `data.events` has the answer to each. Those that are in order were taken.',
  },
  busy: {
    status: 503,
    message: 'Too much is going on at this moment. Nothing was changed; try again in a few seconds.',
    when: 'More than the server can write in some seconds waits already (`Retry-After` says when to come again).',
  },
  body_invalid: {
    status: 422,
    message: 'The data sent cannot be used as it is.',
    when: 'The body does not match its schema; the sentence says what is wrong (up to 20 places), `data` has the same by place.',
  },
  channel_not_found: {
    status: 404,
    message: 'There is no channel at this address.',
    when: 'No channel has this address.',
  },
  room_taken: {
    status: 409,
    message:
      'Another channel of this installation sits in this room. Choose another, or ask who runs the installation.',
    when: 'A chat room is another channel’s.',
  },
  secret_lost: {
    status: 409,
    message: 'It was made, but its secret was lost on the way. Take it back and make another one.',
    when: 'An invitation or a token was asked for twice under one key: its secret is told once.',
  },
  token_in_address: {
    status: 401,
    message:
      'A token stood in the address, where logs keep it: it is revoked. Make a new one, and send it as “Authorization: Bearer …”.',
    when: 'A token stands in an address. It is revoked, if it was one.',
  },
  token_refused: {
    status: 401,
    message: 'This token is not good for this channel, or no more. Make a new one on the page Team.',
    when: 'The token in `Authorization: Bearer` is none of this channel’s, was revoked, or its time is over.',
  },
  rights_missing: {
    status: 403,
    message: 'You may not do this. Ask an owner of the channel.',
    when: 'Whoever calls is of the team, but their rights do not go so far in this area.',
  },
  claim_code_wrong: {
    status: 403,
    message: 'This is not the code that the server printed when it started. Copy it from there, with its dashes.',
    when: 'The code for opening a channel is not good.',
  },
  event_kind_not_allowed: {
    status: 403,
    message: 'This secret may not send events of this kind.',
    when: 'The secret that signed this delivery may not send events of this kind.',
  },
  event_not_signed: {
    status: 401,
    message: 'Send the headers webhook-id, webhook-timestamp (seconds since 1970) and webhook-signature.',
    when: 'A delivery lacks `webhook-id`, `webhook-timestamp` or `webhook-signature`.',
  },
  event_out_of_time: {
    status: 401,
    message: 'This delivery is too old, or its clock is wrong. Send it anew.',
    when: 'A delivery is more than five minutes old, or ahead of the server’s clock by that much.',
  },
  event_signature_wrong: {
    status: 401,
    message: 'The signature was made with none of this channel’s secrets, or the body was changed on the way.',
    when: 'None of the channel’s secrets made this signature for this body.',
  },
  crop_invalid: {
    status: 422,
    message: 'The part of the picture to take is not within it. Choose it anew.',
    when: 'The part of a picture to take is not within it.',
  },
  from_elsewhere: {
    status: 403,
    message: 'This request did not come from our own pages.',
    when: 'A changing request bore the `Origin` of another site.',
  },
  internal: {
    status: 500,
    message: 'Something went wrong on our side. Nothing was changed; try again.',
    when: 'A fault of ours; nothing was changed.',
  },
  key_used: {
    status: 422,
    message: 'This Idempotency-Key came before with another body. Take a new one for each action.',
    when: 'An `Idempotency-Key` came again with another body: nothing was done.',
  },
  key_missing: {
    status: 400,
    message: 'Send a header Idempotency-Key with 8 to 100 letters, digits or dashes, new for each action.',
    when: 'A changing request needs an `Idempotency-Key` of 8 to 100 letters, digits or dashes.',
  },
  media_type_unknown: {
    status: 415,
    message:
      'Send application/cloudevents+json, application/cloudevents-batch+json, or application/json with the headers ce-specversion, ce-id, ce-source and ce-type.',
    when: 'A delivery of events is in a media type that is not taken; the sentence names those that are.',
  },
  media_broken: {
    status: 422,
    message: 'This file is broken, or not what it says it is. Save it anew and try again.',
    when: 'A file is broken, or not what its beginning says.',
  },
  media_empty: { status: 422, message: 'This file is empty. Choose another one.', when: 'A file has no bytes.' },
  media_no_room: {
    status: 409,
    message: 'There is no room left for this file. Remove files that nothing uses.',
    when: 'The channel’s library has no room for the file; the sentence says what is left.',
  },
  media_refused: {
    status: 415,
    message: 'Files of this kind are not taken.',
    when: 'Files of this kind are not taken; the sentence says which are.',
  },
  media_too_detailed: {
    status: 422,
    message: 'This picture has far more points or frames than any screen shows. Scale it down, then try again.',
    when: 'A picture has more points or frames than are looked at.',
  },
  media_too_long: {
    status: 422,
    message: 'It plays too long. Cut it shorter.',
    when: 'A sound or video plays too long.',
  },
  query_invalid: {
    status: 422,
    message: 'What the address asks with cannot be used as it is.',
    when: 'What the address asks with is no whole number, out of its bounds, none of the words that there are, or a name that this address does not have; the sentence names it.',
  },
  network_missing: {
    status: 422,
    message: 'There is no network that the operator has set up. Give the address of one.',
    when: 'A chat room is to be on the operator’s network, and there is none.',
  },
  nobody_present: {
    status: 409,
    message: 'Nobody is in the room right now.',
    when: 'A correction for everyone in the room, and there is nobody.',
  },
  method_unknown: {
    status: 405,
    message: 'This address does not take this method. The header Allow says which it takes.',
    when: 'The address is there, but not for this method; `Allow` says for which.',
  },
  not_allowed: {
    status: 403,
    message: 'Only the team of this channel can do this. Ask its owner for an invitation.',
    when: 'The caller is signed in but is not in this channel’s team.',
  },
  not_ready: {
    status: 503,
    message: 'The server is starting, stopping, or has lost its database. Try again.',
    when: '`/readyz` only: the server is stopping, or its database does not answer.',
  },
  not_found: { status: 404, message: 'There is nothing at this address.', when: 'There is nothing at this address.' },
  not_json: { status: 400, message: 'The data sent is not valid JSON.', when: 'The body is not JSON.' },
  not_signed_in: { status: 401, message: 'Sign in first.', when: 'The route needs a sign-in.' },
  sign_in_again: {
    status: 403,
    message: 'For this we ask you to sign in again: your last sign-in is more than 10 minutes ago.',
    when: 'What cannot be had back, and what leaves with everybody’s data, asks for a sign-in of the last ten minutes.',
  },
  provider_down: {
    status: 503,
    message: 'The place where people sign in does not answer right now. Try again in a minute.',
    when: 'The OpenID provider cannot be reached, or answers with an error of its own.',
  },
  sign_in_denied: {
    status: 403,
    message: 'You were not let through, or did not agree to it. Try again, as somebody else if need be.',
    when: 'The provider says that whoever signed in was refused, or did not agree.',
  },
  sign_in_failed: {
    status: 400,
    message: 'The sign-in did not go through. Start again from the page you came from.',
    when: 'The provider’s answer could not be used, or the attempt is older than ten minutes.',
  },
  too_many_requests: {
    status: 429,
    message: 'Too many requests. Wait a moment, then go on.',
    when: 'More than 300 requests in ten seconds from one address, or 75 changes by one account.',
  },
  too_many_feeds: {
    status: 429,
    message: 'Too many pages are open live from here. Close some of them, then load this one again.',
    when: 'One address, one sign-in or one channel has as many pages open live as are allowed.',
  },
  too_many_secrets: {
    status: 409,
    message: 'Five secrets are the most. Revoke one that is not in use.',
    when: 'A channel has five event secrets at most.',
  },
  too_large: {
    status: 413,
    message: 'The data sent is larger than anything we take.',
    when: 'The body is larger than 64 KiB.',
  },
} as const

export type ApiErrorCode = keyof typeof API_ERRORS
