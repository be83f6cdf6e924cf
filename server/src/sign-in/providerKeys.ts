import { setTimeout as pause } from 'node:timers/promises'
import { compactVerify, createRemoteJWKSet, decodeProtectedHeader, errors } from 'jose'

/** The provider is asked for its keys anew at most so often. */
const APART_MS = 5000
/** Known keys are trusted for so long without asking anew. */
const KEPT_MS = 600_000

/** The keys that a provider signs with. It may change them at any moment, in any way: who signs in then must not notice. */
export class ProviderKeys {
  readonly #keys: ReturnType<typeof createRemoteJWKSet>
  #askedAt = Number.NEGATIVE_INFINITY
  #asking: Promise<void> | undefined

  constructor(
    readonly address: URL,
    /** For providers that sign with it instead of a key. */
    readonly secret: string,
  ) {
    this.#keys = createRemoteJWKSet(address, { cooldownDuration: APART_MS, cacheMaxAge: KEPT_MS })
  }

  /** Checks the signature of a token. @throws if it was made with none of the keys that the provider has by now. */
  async check(token: string): Promise<void> {
    if (decodeProtectedHeader(token).alg?.startsWith('HS')) {
      await compactVerify(token, new TextEncoder().encode(this.secret))
      return
    }
    try {
      await this.#verify(token)
    } catch (fault) {
      if (!isAboutKeys(fault)) throw fault
      this.#asking ??= this.#askAnew()
      await this.#asking
      await this.#verify(token)
    }
  }

  /** Asks for the keys. @throws if they cannot be had. */
  async fetch(): Promise<void> {
    await this.#keys.reload()
  }

  async #verify(token: string): Promise<void> {
    try {
      await compactVerify(token, this.#keys)
    } catch (fault) {
      if (!(fault instanceof errors.JWKSMultipleMatchingKeys)) throw fault
      for await (const key of fault) {
        const fits = await compactVerify(token, key).then(
          () => true,
          () => false,
        )
        if (fits) return
      }
      throw new errors.JWSSignatureVerificationFailed()
    }
  }

  async #askAnew(): Promise<void> {
    try {
      await pause(Math.max(0, this.#askedAt + APART_MS - performance.now()))
      this.#askedAt = performance.now()
      await this.#keys.reload()
    } finally {
      this.#asking = undefined
    }
  }
}

const isAboutKeys = (fault: unknown): boolean =>
  fault instanceof errors.JWKSNoMatchingKey || fault instanceof errors.JWSSignatureVerificationFailed
