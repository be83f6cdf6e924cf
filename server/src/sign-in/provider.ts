import * as oidc from 'openid-client'
import { isAccountName } from '#core/people'
import type { Clock } from '../clock.ts'
import type { Config } from '../config.ts'
import type { Pool } from '../database/index.ts'
import type { Caller } from '../http/index.ts'
import { problem } from '../http/index.ts'
import type { Issuers } from '../issuers.ts'
import type { Scope } from './sessions.ts'

const ATTEMPT_SECONDS = 600

/** Signs people in by OpenID Connect: authorization code with PKCE, state and nonce, each attempt good for one use. */
export class Provider {
  #discovered: Promise<oidc.Configuration> | undefined

  constructor(
    readonly config: Config,
    readonly pool: Pool,
    readonly clock: Clock,
    readonly issuers: Issuers = { chat: '' },
  ) {}

  /** @returns The provider's address to send the browser to, and the state by which the browser must be known again. */
  async start(scope: Scope, returnTo: string): Promise<{ url: URL; state: string }> {
    const provider = await this.#discover()
    const verifier = oidc.randomPKCECodeVerifier()
    const attempt = { state: oidc.randomState(), nonce: oidc.randomNonce() }
    await this.pool.query('delete from sign_in_attempt where expires_at < $1', [this.clock()])
    const text = `insert into sign_in_attempt (state, scope, nonce, verifier, return_to, expires_at) values ($1, $2, $3, $4, $5, $6)`
    await this.pool.query(text, [
      attempt.state,
      scope,
      attempt.nonce,
      verifier,
      returnTo,
      this.clock() + ATTEMPT_SECONDS,
    ])
    const url = oidc.buildAuthorizationUrl(provider, {
      ...attempt,
      redirect_uri: this.#callback,
      scope: 'openid profile',
      code_challenge: await oidc.calculatePKCECodeChallenge(verifier),
      code_challenge_method: 'S256',
      // Always ask who it is: streamer and viewer are often two people at one browser.
      prompt: 'login',
    })
    return { url, state: attempt.state }
  }

  /** Ends an attempt with the address the provider sent the browser back to. */
  async finish(search: string): Promise<{ scope: Scope; returnTo: string; caller: Caller }> {
    const url = new URL(`${this.#callback}${search}`)
    const text = 'delete from sign_in_attempt where state = $1 returning scope, nonce, verifier, return_to, expires_at'
    const found = await this.pool.query(text, [url.searchParams.get('state') ?? ''])
    const attempt = found.rows[0]
    if (attempt === undefined || attempt.expires_at < this.clock()) throw problem('sign_in_failed')
    const tokens = await oidc
      .authorizationCodeGrant(await this.#discover(), url, {
        pkceCodeVerifier: attempt.verifier,
        expectedNonce: attempt.nonce,
        expectedState: url.searchParams.get('state') ?? '',
      })
      .catch(() => {
        // Perhaps the provider has new keys or addresses: the next attempt asks it anew.
        this.#discovered = undefined
        throw problem('sign_in_failed')
      })
    const claims = tokens.claims()
    if (claims === undefined) throw problem('sign_in_failed')
    // Control characters could make one account look like another issuer's; chat folds its accounts, so theirs are folded here, too.
    if (!isAccountName(claims.sub)) throw problem('sign_in_failed')
    const account = this.issuers.chat === '' ? claims.sub.toLowerCase() : claims.sub
    const name = String(claims.name ?? claims.preferred_username ?? claims.sub)
    return { scope: attempt.scope, returnTo: attempt.return_to, caller: { account, name } }
  }

  get #callback(): string {
    return `${this.config.PUBLIC_URL}/auth/callback`
  }

  #discover(): Promise<oidc.Configuration> {
    const { OIDC_ISSUER: issuer, OIDC_CLIENT_ID: id, OIDC_CLIENT_SECRET: secret } = this.config
    // Plain HTTP only for a provider on this very machine.
    const local = /^http:\/\/(127\.0\.0\.1|localhost|\[::1\])[:/]/.test(`${issuer}/`)
    // The ID token's signature is checked, too, by the provider's keys as they are then: it may have changed them.
    const options = {
      execute: [oidc.enableNonRepudiationChecks, ...(local ? [oidc.allowInsecureRequests] : [])],
    }
    this.#discovered ??= oidc.discovery(new URL(issuer), id, secret, undefined, options).catch((fault) => {
      this.#discovered = undefined
      throw fault
    })
    return this.#discovered
  }
}
