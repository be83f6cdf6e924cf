import { otherNick, SHORT_NICK } from './ircEvent.ts'

/** What is needed of the connection to be called otherwise. */
export interface Named {
  readonly user: { readonly nick: string }
  changeNick(nick: string): void
  say(target: string, message: string): void
  caseCompare(a: string, b: string): boolean
}

/** The nick that the bot wishes for: it takes another while that is taken, and takes it back once it is free. */
export class WishedNick {
  #registered = false

  /** @param service - What the network's service for nicks is called; empty: it is asked for nothing. */
  constructor(
    readonly client: Named,
    readonly wished: string,
    readonly service: string,
  ) {}

  /** A connection is begun. */
  connecting(): void {
    this.#registered = false
  }

  /** The network has let the bot in. @param signedIn - Whether under an account: only then a service does anything for it. */
  registered(nick: string, signedIn: boolean): void {
    this.#registered = true
    if (!this.#is(nick)) this.#claim(signedIn)
  }

  /** The network says that a nick is taken. */
  inUse(nick: string): void {
    if (!this.#registered) this.client.changeNick(otherNick(nick))
  }

  /** The network takes no such nick: most often too long for an old one, which takes nine letters. */
  invalid(nick: string): void {
    if (!this.#registered) this.client.changeNick(nick.slice(0, SHORT_NICK))
  }

  /** Somebody is not called so any more. */
  freed(nick: string): void {
    if (!this.#is(this.client.user.nick) && this.client.caseCompare(nick, this.wished))
      this.client.changeNick(this.wished)
  }

  /** Has the network's service put out who sits on the nick, and takes it. To be called every minute or so. */
  takeBack(signedIn: boolean): void {
    if (this.#registered && !this.#is(this.client.user.nick)) this.#claim(signedIn)
  }

  #claim(signedIn: boolean): void {
    if (signedIn && this.service !== '') this.client.say(this.service, `GHOST ${this.wished}`)
    this.client.changeNick(this.wished)
  }

  /** Whether a nick is one that the bot has, or takes when its own is taken. */
  isOfOurs(nick: string): boolean {
    const { client, wished } = this
    return [wished, wished.slice(0, SHORT_NICK)].some((one) => client.caseCompare(nick.slice(0, one.length), one))
  }

  #is(nick: string): boolean {
    return [this.wished, this.wished.slice(0, SHORT_NICK)].some((one) => this.client.caseCompare(nick, one))
  }
}
