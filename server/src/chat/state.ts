/** How a channel's chat stands. `since` in seconds; `sentence` says it in plain words. */
export interface ChatState {
  readonly status: 'off' | 'connecting' | 'connected' | 'refused'
  readonly sentence: string
  readonly since: number
  readonly room: string | null
}

const REFUSALS: Readonly<Record<string, (room: string) => string>> = {
  banned_from_channel: (room) => `The bot is banned from ${room}. Lift the ban; it keeps trying.`,
  invite_only_channel: (room) => `${room} lets in only who is invited. Invite the bot; it keeps trying.`,
  bad_channel_key: (room) => `${room} asks for a key, which the bot does not have. Take the key off; it keeps trying.`,
  channel_is_full: (room) => `${room} is full. The bot keeps trying.`,
  no_such_channel: (room) => `There is no room ${room} on this network. Check CHAT_ADDRESS; the bot keeps trying.`,
  too_many_channels: (room) => `The network does not let the bot into one more room, ${room}. It keeps trying.`,
}

/** What a refusal of the network means and what to do; undefined for one that does not concern the seat in the room. */
export function refusalSentence(error: string, room: string, reason?: string): string | undefined {
  if (error === 'password_mismatch')
    return 'The network does not take the bot’s password. Check CHAT_SASL_PASSWORD; it keeps trying.'
  if (error === 'banned_from_network')
    return `The network does not let the bot in${reason ? `: ${reason}` : ''}. It keeps trying.`
  return REFUSALS[error]?.(room)
}
