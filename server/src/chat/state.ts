import { speakable } from './speech.ts'

const REFUSALS: Readonly<Record<string, (room: string) => string>> = {
  banned_from_channel: (room) => `The bot is banned from ${room}. Lift the ban; it keeps trying.`,
  invite_only_channel: (room) => `${room} lets in only who is invited. Invite the bot; it keeps trying.`,
  bad_channel_key: (room) => `${room} asks for a key. Set the right one, or take the key off; the bot keeps trying.`,
  channel_is_full: (room) => `${room} is full. The bot keeps trying.`,
  no_such_channel: (room) => `There is no room ${room} on this network. Check its name; the bot keeps trying.`,
  too_many_channels: (room) => `The network does not let the bot into one more room, ${room}. It keeps trying.`,
}

/** "The network says: “...”", in its own words; nothing where it says nothing. */
export const inTheirWords = (reason: string | undefined): string => {
  const said = speakable(reason ?? '').slice(0, 200)
  return said === '' ? '' : ` The network says: “${said}”.`
}

/** What a refusal of the network means and what to do; undefined for one that does not concern the seat in the room. */
export function refusalSentence(error: string, room: string, reason?: string): string | undefined {
  const sentence = REFUSALS[error]?.(room)
  return sentence === undefined ? undefined : `${sentence}${inTheirWords(reason)}`
}

const BANNED = 'The network does not let the bot in: it is banned there. Ask those who run it; the bot keeps trying.'

/**
 * What the network says as it ends the connection, or does not begin it; undefined for what does not end it.
 * @param before - What is known already. Some networks tell why somebody is banned only with their very last words.
 */
export function farewellSentence(error: string, reason?: string, before?: string): string | undefined {
  if (before !== undefined) return error === 'irc' && before.startsWith(BANNED) ? before + inTheirWords(reason) : before
  if (error === 'password_mismatch')
    return `The network does not take the bot’s password. Check it; it is tried again automatically.${inTheirWords(reason)}`
  if (error === 'banned_from_network') return BANNED + inTheirWords(reason)
  if (error !== 'irc') return undefined
  if (/throttl|too fast|reconnect/i.test(reason ?? ''))
    return `The network wants the bot to wait before it connects again; it tries again automatically.${inTheirWords(reason)}`
  return `The network has ended the connection; it is tried again automatically.${inTheirWords(reason)}`
}

/** What to do when a connection could not be made, by the code of the fault. */
const FAULTS: Readonly<Record<string, string>> = {
  ENOTFOUND: 'there is no such host. Check the network’s address',
  EAI_AGAIN: 'its name could not be looked up. Check the name servers of this machine',
  ECONNREFUSED: 'nothing listens there. Check the port',
  ETIMEDOUT: 'it does not answer. Check the network’s address, and firewalls on the way',
  EHOSTUNREACH: 'there is no way to it from here',
  NOT_OPEN: 'it leads into a network that is not open to everybody',
  CERT_HAS_EXPIRED: 'its certificate has expired. Ask those who run it',
  ERR_TLS_CERT_ALTNAME_INVALID: 'its certificate is for another name. Check the name in the network’s address',
  ERR_SSL_WRONG_VERSION_NUMBER: 'it speaks no TLS at this port. Try another port, often 6697',
}
const UNTRUSTED = /SELF_SIGNED|UNABLE_TO_(VERIFY|GET_ISSUER)|CERT_UNTRUSTED|CERT_SIGNATURE/

/** Why there is no connection to a host, and what to do. @param fault - What the socket ended with, if anything. */
export function faultSentence(host: string, fault: { readonly code?: string } | undefined): string {
  const code = fault?.code ?? ''
  const why = UNTRUSTED.test(code)
    ? 'its certificate is not trusted. If the authority is the network’s own, the operator sets CHAT_TLS_CA to the file of its certificate'
    : FAULTS[code]
  return why === undefined
    ? `There is no connection to ${host}; it is tried again automatically.`
    : `There is no connection to ${host}: ${why}; it is tried again automatically.`
}

/** What is to be known of a seat in the room. */
export interface Seat {
  readonly room: string
  /** What the room was called before, if it was renamed or the network sent the bot on. */
  readonly before?: string | undefined
  /** Nobody tells who is in the room. */
  readonly blind: boolean
  /** Some who are in the room are not shown. */
  readonly hides: boolean
  /** None of the signs that make a moderator here is one of the network's. */
  readonly unranked: boolean
  readonly silenced: boolean
  /** Why the bot is not signed in although it should be. */
  readonly unsigned?: string | undefined
}

/** How it stands in a room where the bot sits. */
export function seatSentence({ room, before, blind, hides, unranked, silenced, unsigned }: Seat): string {
  const parts = [
    silenced ? `In ${room}, but the bot may not speak there. Give it a voice.` : `In ${room}.`,
    before !== undefined && `The bot was moved there from ${before}.`,
    blind && 'The network does not tell who is in the room, so only who speaks counts as present.',
    !blind &&
      hides &&
      'The network does not show everybody who is in the room: who is hidden counts as present for 15 minutes after speaking.',
    unranked && 'The network does not show who is a moderator, so nobody counts as one.',
    unsigned !== undefined && `The bot is not signed in. ${unsigned}`,
  ]
  return parts.filter(Boolean).join(' ')
}
