import type { Crowd } from './crowd.ts'
import type { ChatRoom, Member } from './room.ts'

/** People played by hand from the stand-in's page. Speaking as somebody brings them into the room. */
export class Players {
  readonly #played = new Map<string, Member>()

  constructor(
    readonly room: ChatRoom,
    readonly crowd: Crowd,
    readonly isOperator: (account: string) => boolean,
    /** Whom a private line goes to: the nick of the bot. */
    readonly bot: string,
  ) {}

  /** Says a line as somebody. @returns false if that name sits in the room by a chat program of its own. */
  say(name: string, text: string, privately: boolean): boolean {
    const account = name.toLowerCase()
    const member = this.#played.get(account) ?? this.crowd.release(account) ?? this.#seat(name)
    if (member === undefined) return false
    this.#played.set(account, member)
    if (privately) this.room.tell(member, this.bot, text)
    else this.room.say(member, text)
    return true
  }

  leave(name: string): void {
    const member = this.#played.get(name.toLowerCase())
    if (member === undefined) return
    this.#played.delete(name.toLowerCase())
    this.room.leave(member)
  }

  #seat(name: string): Member | undefined {
    if (this.room.find(name) !== undefined) return undefined
    const member = { nick: name, account: name.toLowerCase(), operator: this.isOperator(name.toLowerCase()) }
    this.room.join(member)
    return member
  }
}
