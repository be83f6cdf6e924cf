import { randomUUID } from 'node:crypto'

/** Something that happened in the room, told to everyone in it. */
export type RoomEvent =
  | { readonly kind: 'joined'; readonly member: Member }
  | { readonly kind: 'left'; readonly member: Member; readonly how: 'part' | 'quit'; readonly reason: string }
  | { readonly kind: 'said'; readonly member: Member; readonly text: string; readonly verb: Verb; readonly id: string }
  | {
      readonly kind: 'told'
      readonly member: Member
      readonly to: string
      readonly text: string
      readonly verb: Verb
      readonly id: string
    }
  | { readonly kind: 'renamed'; readonly member: Member; readonly from: string }

export type Verb = 'PRIVMSG' | 'NOTICE'

export interface Member {
  nick: string
  readonly account: string
  readonly operator: boolean
}

type Listener = (event: RoomEvent) => void

/** The stand-in's chat room. Members sit in it by IRC, as part of the crowd, or by hand from the page. */
export class ChatRoom {
  readonly #members = new Map<string, Member>()
  readonly #listeners = new Set<Listener>()

  constructor(readonly name: string) {}

  get members(): readonly Member[] {
    return [...this.#members.values()]
  }

  find(nick: string): Member | undefined {
    return this.#members.get(nick.toLowerCase())
  }

  listen(listener: Listener): () => void {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  join(member: Member): void {
    if (this.#members.has(member.nick.toLowerCase())) return
    this.#members.set(member.nick.toLowerCase(), member)
    this.#tell({ kind: 'joined', member })
  }

  leave(member: Member, how: 'part' | 'quit' = 'part', reason = ''): void {
    if (this.find(member.nick) !== member) return
    this.#tell({ kind: 'left', member, how, reason })
    this.#members.delete(member.nick.toLowerCase())
  }

  /** @param from - What they were called, where that is not what they are called still: they may be in several rooms. */
  rename(member: Member, nick: string, from = member.nick): void {
    this.#members.delete(from.toLowerCase())
    member.nick = nick
    this.#members.set(nick.toLowerCase(), member)
    this.#tell({ kind: 'renamed', member, from })
  }

  say(member: Member, text: string, verb: Verb = 'PRIVMSG'): void {
    this.#tell({ kind: 'said', member, text, verb, id: randomUUID() })
  }

  /** A line for one person alone. */
  tell(member: Member, to: string, text: string, verb: Verb = 'PRIVMSG'): void {
    this.#tell({ kind: 'told', member, to, text, verb, id: randomUUID() })
  }

  #tell(event: RoomEvent): void {
    for (const listener of this.#listeners) listener(event)
  }
}
