import { NICK, type Who } from '#core/people'

interface Member {
  account: string | undefined
  /** The letters of the modes that they have in the room. */
  modes: string
}

/** Who is in the chat room, by nick. Knows what account and standing each has, as far as the network tells. */
export class Room {
  readonly #members = new Map<string, Member & { nick: string }>()

  /**
   * @param fold - Folds case as the network does, so that "Pia" and "pia" are one.
   * @param issuer - Who issues the accounts that the network tells.
   * @param moderatorModes - The letters of the modes that make a moderator.
   */
  constructor(
    readonly fold: (nick: string) => string,
    readonly issuer = '',
    readonly moderatorModes: () => string = () => 'o',
  ) {}

  get size(): number {
    return this.#members.size
  }

  clear(): void {
    this.#members.clear()
  }

  set(nick: string, known: Partial<Member>): void {
    const before = this.#members.get(this.fold(nick))
    this.#members.set(this.fold(nick), { account: undefined, modes: '', ...before, ...known, nick })
  }

  /** A mode was set on somebody, or taken. */
  setMode(nick: string, mode: string, on: boolean): void {
    const others = (this.#members.get(this.fold(nick))?.modes ?? '').replaceAll(mode, '')
    this.set(nick, { modes: on ? `${others}${mode}` : others })
  }

  delete(nick: string): void {
    this.#members.delete(this.fold(nick))
  }

  rename(from: string, to: string): void {
    const member = this.#members.get(this.fold(from))
    if (member === undefined) return
    this.delete(from)
    this.set(to, member)
  }

  has(nick: string): boolean {
    return this.#members.has(this.fold(nick))
  }

  /**
   * The person behind a nick. The account identifies them where the network tells it; a bare nick is an account of an issuer
   * of its own, so that taking somebody's name never opens their wallet.
   */
  who(nick: string, account?: string): Who {
    const member = this.#members.get(this.fold(nick))
    const known = account || member?.account
    const ref = known
      ? { ...(this.issuer !== '' && { issuer: this.issuer }), account: known.toLowerCase() }
      : { issuer: NICK, account: this.fold(nick) }
    return {
      ...ref,
      name: nick,
      moderator: [...(member?.modes ?? '')].some((mode) => this.moderatorModes().includes(mode)),
    }
  }

  all(): Who[] {
    return [...this.#members.values()].map(({ nick }) => this.who(nick))
  }
}
