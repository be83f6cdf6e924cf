import * as oidc from 'openid-client'
import type { UnixSeconds } from '#core/schema'
import type { Clock } from '../clock.ts'
import type { Config } from '../config.ts'
import type { Pool } from '../database/index.ts'
import { type Caller, problem } from '../http/index.ts'
import type { Issuers } from '../issuers.ts'
import { clientAuthOf, ofSecret } from './clientAuth.ts'
import { isDown, reasonOf, SignInFault } from './fault.ts'
import { Issuer } from './issuer.ts'
import { accountAt, type Registration, registrationOf, registrations } from './registrations.ts'
import type { Scope } from './sessions.ts'

const ATTEMPT_SECONDS = 600

/** What a sign-in is for. */
export interface Wanted {
  readonly scope: Scope
  readonly returnTo: string
  /** The number of the issuer. */
  readonly issuer: number
  /** Where it is to link an account: the account that is signed in already. */
  readonly linking?: string | undefined
}

interface Attempt {
  readonly scope: Scope
  readonly nonce: string
  readonly verifier: string
  readonly returnTo: string
  readonly expiresAt: UnixSeconds
  readonly issuer: number
  readonly linking: string | null
}

const TAKE = `delete from sign_in_attempt where state = $1
  returning scope, nonce, verifier, return_to as "returnTo", expires_at as "expiresAt", issuer, linking`
const KEEP = `insert into sign_in_attempt (state, scope, nonce, verifier, return_to, expires_at, issuer, linking)
  values ($1, $2, $3, $4, $5, $6, $7, $8)`

/** Signs people in by OpenID Connect: authorization code with PKCE, state and nonce, each attempt good for one use. */
export class Provider {
  /** Each with what it was registered by: another registration is another one. */
  readonly #issuers = new Map<number, { readonly as: string; readonly issuer: Issuer }>()

  constructor(
    readonly config: Config,
    readonly pool: Pool,
    readonly clock: Clock,
    readonly issuers: Issuers = { chat: '' },
  ) {}

  /** Where one can sign in, by name; and the word before the accounts from there. */
  async choices(): Promise<Pick<Registration, 'id' | 'name' | 'word'>[]> {
    return (await registrations(this.config, this.pool)).map(({ id, name, word }) => ({ id, name, word }))
  }

  /**
   * @returns The issuer's address to send the browser to, and the state by which the browser must be known again.
   * @throws `provider_down` if the issuer cannot be asked for it, `not_found` if there is none.
   */
  async start({ scope, returnTo, issuer: id, linking }: Wanted): Promise<{ url: URL; state: string }> {
    const issuer = await this.#issuer(id)
    const [state, nonce, verifier] = [oidc.randomState(), oidc.randomNonce(), oidc.randomPKCECodeVerifier()]
    const url = await issuer.address({ nonce, verifier }, state).catch((fault) => {
      throw new SignInFault('provider_down', reasonOf(fault), returnTo)
    })
    await this.pool.query('delete from sign_in_attempt where expires_at < $1', [this.clock()])
    const until = this.clock() + ATTEMPT_SECONDS
    await this.pool.query(KEEP, [state, scope, nonce, verifier, returnTo, until, id, linking ?? null])
    return { url, state }
  }

  /**
   * Ends an attempt with the address the issuer sent the browser back to.
   * @throws `SignInFault`: denied, the issuer down, or not as it must be.
   */
  async finish(search: string): Promise<Pick<Attempt, 'scope' | 'returnTo' | 'linking'> & { caller: Caller }> {
    const url = new URL(`${this.#callback}${search}`)
    const { returnTo, scope, linking, issuer: id, ...proof } = await this.#attempt(url.searchParams.get('state') ?? '')
    const refused = url.searchParams.get('error')
    if (refused !== null) {
      const code = refused === 'access_denied' ? 'sign_in_denied' : 'sign_in_failed'
      throw new SignInFault(code, `the provider answered ${refused.slice(0, 60)}`, returnTo)
    }
    const issuer = await this.#issuer(id)
    try {
      const caller = this.#callerOf(issuer, await issuer.who(url, proof))
      // It may have been removed while it was asked.
      await this.#issuer(id)
      return { scope, returnTo, linking, caller }
    } catch (fault) {
      issuer.forget()
      throw new SignInFault(isDown(fault) ? 'provider_down' : 'sign_in_failed', reasonOf(fault), returnTo)
    }
  }

  /** Whether somebody can sign in there. @throws what is wrong. */
  async test(id: number): Promise<void> {
    await (await this.#issuer(id)).test()
  }

  async #attempt(state: string): Promise<Attempt> {
    const attempt = (await this.pool.query<Attempt>(TAKE, [state])).rows[0]
    if (attempt === undefined) throw new SignInFault('sign_in_failed', 'it was ended before, or never begun')
    if (attempt.expiresAt < this.clock())
      throw new SignInFault('sign_in_failed', 'it took longer than ten minutes', attempt.returnTo)
    return attempt
  }

  #callerOf(
    { registration }: Issuer,
    { account: told, name }: { readonly account: string; readonly name: string },
  ): Caller {
    // Chat folds its accounts: where they are the first issuer's, too, theirs are folded here.
    const account = registration.id === 0 && this.issuers.chat === '' ? told.toLowerCase() : told
    return { account: accountAt(registration, account), name }
  }

  get #callback(): string {
    return `${this.config.PUBLIC_URL}/auth/callback`
  }

  async #issuer(id: number): Promise<Issuer> {
    const registration = await registrationOf(this.config, this.pool, id)
    if (registration === undefined) throw problem('not_found')
    const as = JSON.stringify(registration)
    const known = this.#issuers.get(id)
    if (known?.as === as) return known.issuer
    const auth = async () => (id === 0 ? clientAuthOf(this.config) : ofSecret(registration.clientSecret))
    const issuer = new Issuer(registration, auth, this.#callback)
    this.#issuers.set(id, { as, issuer })
    return issuer
  }
}
