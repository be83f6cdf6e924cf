import * as oidc from 'openid-client'
import type { UnixSeconds } from '#core/schema'
import type { Clock } from '../clock.ts'
import type { Config } from '../config.ts'
import type { Pool } from '../database/index.ts'
import type { Caller } from '../http/index.ts'
import type { Issuers } from '../issuers.ts'
import { accountIn, type Claims, nameIn } from './claims.ts'
import { clientAuthOf } from './clientAuth.ts'
import { isDown, reasonOf, SignInFault } from './fault.ts'
import { ProviderKeys } from './providerKeys.ts'
import type { Scope } from './sessions.ts'

const ATTEMPT_SECONDS = 600
/** So wrong may the clock here or at the provider be, either way. */
const SKEW_SECONDS = 120

interface Discovered {
  readonly provider: oidc.Configuration
  readonly keys: ProviderKeys
}

interface Attempt {
  readonly scope: Scope
  readonly nonce: string
  readonly verifier: string
  readonly returnTo: string
  readonly expiresAt: UnixSeconds
}

/** Signs people in by OpenID Connect: authorization code with PKCE, state and nonce, each attempt good for one use. */
export class Provider {
  #discovered: Promise<Discovered> | undefined

  constructor(
    readonly config: Config,
    readonly pool: Pool,
    readonly clock: Clock,
    readonly issuers: Issuers = { chat: '' },
  ) {}

  /**
   * @returns The provider's address to send the browser to, and the state by which the browser must be known again.
   * @throws `provider_down` if the provider cannot be asked for it.
   */
  async start(scope: Scope, returnTo: string): Promise<{ url: URL; state: string }> {
    const { provider } = await this.#discover().catch((fault) => {
      throw new SignInFault('provider_down', reasonOf(fault), returnTo)
    })
    const verifier = oidc.randomPKCECodeVerifier()
    const attempt = { state: oidc.randomState(), nonce: oidc.randomNonce() }
    await this.pool.query('delete from sign_in_attempt where expires_at < $1', [this.clock()])
    const text = `insert into sign_in_attempt (state, scope, nonce, verifier, return_to, expires_at) values ($1, $2, $3, $4, $5, $6)`
    const until = this.clock() + ATTEMPT_SECONDS
    await this.pool.query(text, [attempt.state, scope, attempt.nonce, verifier, returnTo, until])
    const url = oidc.buildAuthorizationUrl(provider, {
      ...attempt,
      redirect_uri: this.#callback,
      scope: this.config.OIDC_SCOPE,
      code_challenge: await oidc.calculatePKCECodeChallenge(verifier),
      code_challenge_method: 'S256',
      // Always ask who it is: streamer and viewer are often two people at one browser.
      prompt: 'login',
    })
    return { url, state: attempt.state }
  }

  /**
   * Ends an attempt with the address the provider sent the browser back to.
   * @throws `SignInFault`: denied, the provider down, or not as it must be.
   */
  async finish(search: string): Promise<{ scope: Scope; returnTo: string; caller: Caller }> {
    const url = new URL(`${this.#callback}${search}`)
    const { returnTo, scope, ...attempt } = await this.#attempt(url.searchParams.get('state') ?? '')
    const refused = url.searchParams.get('error')
    if (refused !== null) {
      const code = refused === 'access_denied' ? 'sign_in_denied' : 'sign_in_failed'
      throw new SignInFault(code, `the provider answered ${refused.slice(0, 60)}`, returnTo)
    }
    try {
      return { scope, returnTo, caller: this.#callerOf(await this.#claims(url, attempt)) }
    } catch (fault) {
      // Perhaps the provider has other addresses by now: the next attempt asks it anew.
      this.#discovered = undefined
      throw new SignInFault(isDown(fault) ? 'provider_down' : 'sign_in_failed', reasonOf(fault), returnTo)
    }
  }

  async #attempt(state: string): Promise<Attempt> {
    const text = `delete from sign_in_attempt where state = $1
      returning scope, nonce, verifier, return_to as "returnTo", expires_at as "expiresAt"`
    const attempt = (await this.pool.query<Attempt>(text, [state])).rows[0]
    if (attempt === undefined) throw new SignInFault('sign_in_failed', 'it was ended before, or never begun')
    if (attempt.expiresAt < this.clock())
      throw new SignInFault('sign_in_failed', 'it took longer than ten minutes', attempt.returnTo)
    return attempt
  }

  /** What the provider tells of whoever signed in: in the ID token, and by UserInfo if that is not enough. */
  async #claims(url: URL, { nonce, verifier }: Pick<Attempt, 'nonce' | 'verifier'>): Promise<Claims> {
    const { provider, keys } = await this.#discover()
    const tokens = await oidc.authorizationCodeGrant(provider, url, {
      pkceCodeVerifier: verifier,
      expectedNonce: nonce,
      expectedState: url.searchParams.get('state') ?? '',
    })
    const claims = tokens.claims()
    if (claims === undefined || tokens.id_token === undefined) throw new Error('the provider sent no ID token')
    await keys.check(tokens.id_token)
    const { OIDC_ACCOUNT_CLAIM: account, OIDC_NAME_CLAIM: name } = this.config
    const enough = accountIn(claims, account) !== undefined && nameIn(claims, name) !== undefined
    if (enough || provider.serverMetadata().userinfo_endpoint === undefined) return claims
    const more = await oidc.fetchUserInfo(provider, tokens.access_token, claims.sub)
    return { ...more, ...claims }
  }

  #callerOf(claims: Claims): Caller {
    const { OIDC_ACCOUNT_CLAIM: claim, OIDC_NAME_CLAIM: named } = this.config
    const told = accountIn(claims, claim)
    if (told === undefined) throw new Error(`the claim ${claim} is missing, or is no account’s name`)
    // Chat folds its accounts: where they are the provider's, too, theirs are folded here.
    const account = this.issuers.chat === '' ? told.toLowerCase() : told
    return { account, name: nameIn(claims, named) ?? told }
  }

  get #callback(): string {
    return `${this.config.PUBLIC_URL}/auth/callback`
  }

  #discover(): Promise<Discovered> {
    this.#discovered ??= this.#ask().catch((fault) => {
      this.#discovered = undefined
      throw fault
    })
    return this.#discovered
  }

  async #ask(): Promise<Discovered> {
    const { OIDC_ISSUER: issuer, OIDC_CLIENT_ID: id, OIDC_CLIENT_SECRET: secret } = this.config
    // Plain HTTP only for a provider on this very machine.
    const local = /^http:\/\/(127\.0\.0\.1|localhost|\[::1\])[:/]/.test(`${issuer}/`)
    const options = { execute: local ? [oidc.allowInsecureRequests] : [] }
    const metadata = { client_secret: secret, [oidc.clockTolerance]: SKEW_SECONDS }
    const provider = await oidc.discovery(new URL(issuer), id, metadata, await clientAuthOf(this.config), options)
    const { jwks_uri: keys } = provider.serverMetadata()
    if (keys === undefined) throw new Error('the provider does not say where its keys are')
    return { provider, keys: new ProviderKeys(new URL(keys), secret) }
  }
}
