import * as oidc from 'openid-client'
import { accountIn, type Claims, nameIn } from './claims.ts'
import { ProviderKeys } from './providerKeys.ts'
import type { Registration } from './registrations.ts'

/** So wrong may the clock here or there be, either way (seconds). */
const SKEW_SECONDS = 120

interface Discovered {
  readonly provider: oidc.Configuration
  readonly keys: ProviderKeys
}

/** What an attempt is known by again. */
export interface Proof {
  readonly nonce: string
  readonly verifier: string
}

/** Somebody who signs people in, as it describes itself: asked once, and anew after a failure. */
export class Issuer {
  #discovered: Promise<Discovered> | undefined

  constructor(
    readonly registration: Registration,
    /** How this server shows who it is. */
    readonly auth: () => Promise<oidc.ClientAuth>,
    readonly callback: string,
  ) {}

  /** The address to send the browser to. @throws if it cannot be asked for it. */
  async address({ nonce, verifier }: Proof, state: string): Promise<URL> {
    const { provider } = await this.#discover()
    return oidc.buildAuthorizationUrl(provider, {
      state,
      nonce,
      redirect_uri: this.callback,
      scope: this.registration.scope,
      code_challenge: await oidc.calculatePKCECodeChallenge(verifier),
      code_challenge_method: 'S256',
      // Always ask who it is: streamer and viewer are often two people at one browser.
      prompt: 'login',
    })
  }

  /** Who came back from there: the account and the name, as they are told there. @throws whatever is not as it must be. */
  async who(url: URL, proof: Proof): Promise<{ account: string; name: string }> {
    const { accountClaim, nameClaim } = this.registration
    const claims = await this.#claims(url, proof)
    const account = accountIn(claims, accountClaim)
    if (account === undefined) throw new Error(`the claim ${accountClaim} is missing, or is no account’s name`)
    return { account, name: nameIn(claims, nameClaim) ?? account }
  }

  /** Perhaps it has other addresses by now: it is asked anew the next time. */
  forget(): void {
    this.#discovered = undefined
  }

  /** Whether it can be asked, and says what is needed. @throws what is wrong. */
  async test(): Promise<void> {
    this.forget()
    const { provider, keys } = await this.#discover()
    if (provider.serverMetadata().authorization_endpoint === undefined)
      throw new Error('the provider does not say where people sign in')
    await keys.fetch()
  }

  /** What is told of whoever signed in: in the ID token, and by UserInfo if that is not enough. */
  async #claims(url: URL, { nonce, verifier }: Proof): Promise<Claims> {
    const { provider, keys } = await this.#discover()
    const tokens = await oidc.authorizationCodeGrant(provider, url, {
      pkceCodeVerifier: verifier,
      expectedNonce: nonce,
      expectedState: url.searchParams.get('state') ?? '',
    })
    const claims = tokens.claims()
    if (claims === undefined || tokens.id_token === undefined) throw new Error('the provider sent no ID token')
    await keys.check(tokens.id_token)
    const { accountClaim, nameClaim } = this.registration
    const enough = accountIn(claims, accountClaim) !== undefined && nameIn(claims, nameClaim) !== undefined
    if (enough || provider.serverMetadata().userinfo_endpoint === undefined) return claims
    const more = await oidc.fetchUserInfo(provider, tokens.access_token, claims.sub)
    return { ...more, ...claims }
  }

  #discover(): Promise<Discovered> {
    this.#discovered ??= this.#ask().catch((fault) => {
      this.#discovered = undefined
      throw fault
    })
    return this.#discovered
  }

  async #ask(): Promise<Discovered> {
    const { issuer, clientId, clientSecret: secret } = this.registration
    // Plain HTTP only for a provider on this very machine.
    const local = /^http:\/\/(127\.0\.0\.1|localhost|\[::1\])[:/]/.test(`${issuer}/`)
    const options = { execute: local ? [oidc.allowInsecureRequests] : [] }
    const metadata = { client_secret: secret, [oidc.clockTolerance]: SKEW_SECONDS }
    const provider = await oidc.discovery(new URL(issuer), clientId, metadata, await this.auth(), options)
    const { jwks_uri: keys } = provider.serverMetadata()
    if (keys === undefined) throw new Error('the provider does not say where its keys are')
    return { provider, keys: new ProviderKeys(new URL(keys), secret) }
  }
}
