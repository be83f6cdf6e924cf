import { createHash, randomUUID } from 'node:crypto'

/** What the library tells of something that happened; which parts there are depends on what it was. */
export interface IrcEvent {
  readonly nick: string
  readonly channel: string
  readonly target: string
  readonly message: string
  readonly account?: string | false
  readonly new_nick: string
  readonly kicked: string
  readonly error: string
  readonly reason: string
  readonly command: string
  readonly from: string
  readonly to: string
  readonly params: readonly string[]
  readonly batch?: { readonly type: string }
  readonly tags: Readonly<Record<string, string>>
  readonly users: readonly {
    nick: string
    modes?: readonly string[]
    account?: string
  }[]
  readonly modes: readonly { mode: string; param?: string }[]
}

/** What every network takes as a nick. */
export const SHORT_NICK = 9

/** Another nick in place of one that is taken: with a tail, or, where that would make it too long, with another last letter. */
export const otherNick = (nick: string): string =>
  nick.length === SHORT_NICK ? `${nick.slice(0, -1)}${Math.floor(Math.random() * 10)}` : `${nick}_`

/** The network's id of a line; else one made of who said what when, so that the line seen twice is one; else a new one. */
export function lineId(tags: IrcEvent['tags'], nick: string, message: string): string {
  if (tags.msgid) return tags.msgid
  if (!tags.time) return randomUUID()
  return createHash('sha256').update(`${nick}\0${tags.time}\0${message}`).digest('base64url')
}
