export interface SaslAccount {
  readonly account: string
  readonly password: string
}

/** Why a network could not sign the bot in, in words. Its own are added. */
const PROBLEMS: Readonly<Record<string, string>> = {
  capability_missing: 'The network offers no sign-in for programs (SASL)',
  unsupported_mechanism: 'The network offers no sign-in by password (SASL PLAIN)',
  nick_locked: 'The network has locked the bot’s account',
}
const REFUSED = 'The network does not take the bot’s account and password'

/** Whether the bot is signed in at the network as it was told to be. */
export class Login {
  #account: string | undefined
  #problem: string | undefined

  constructor(readonly sasl: SaslAccount | undefined) {}

  /** A connection is begun. */
  connecting(): void {
    this.#account = undefined
    this.#problem = undefined
  }

  loggedIn(account: string): void {
    this.#account = account
    this.#problem = undefined
  }

  loggedOut(): void {
    this.#account = undefined
  }

  failed(reason: string, words: string | undefined): void {
    const said = words ? ` (“${words}”)` : ''
    this.#problem = `${PROBLEMS[reason] ?? REFUSED}${said}.`
  }

  /** The account that the bot is signed in under. */
  get account(): string | undefined {
    return this.#account
  }

  /** Why the bot is not signed in although it should be; undefined: it is, or need not be. */
  problem(): string | undefined {
    if (this.sasl === undefined || this.#account !== undefined) return undefined
    return this.#problem ?? `${PROBLEMS.capability_missing}.`
  }
}
