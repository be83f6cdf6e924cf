import { createCipheriv, createDecipheriv, createHmac, randomBytes } from 'node:crypto'

const ALGORITHM = 'aes-256-gcm'
const KEY_BYTES = 32
const IV_BYTES = 12
const TAG_BYTES = 16
/** What a sealed value looks like: version, key id, and iv, tag and ciphertext as base64url. */
const SEALED = /^v1\.([a-z0-9]{1,16})\.([\w-]+)$/
/** The name of the key that look-ups are hashed with: it stays when the others are changed. */
const LOOKUP = 'lookup'

/** Keys by their ids; the first is the one that new values are sealed with. */
export interface Keys {
  readonly lookup: Buffer
  readonly sealing: ReadonlyMap<string, Buffer>
}

/** Seals texts so that who has the database alone cannot read them, and makes hashes by which they can be found again. */
export class Keyring {
  #keys: Keys

  /** @param again - Reads the keys anew: asked once when a value bears an id that is not known, because another process changed them. */
  constructor(
    keys: Keys,
    readonly again: () => Keys = () => keys,
  ) {
    this.#keys = keys
  }

  /** The id of the key that new values are sealed with. */
  get current(): string {
    const [id] = this.#keys.sealing.keys()
    if (id === undefined) throw new Error('There is no key to seal with.')
    return id
  }

  /** Encrypts a text (AES-256-GCM, a new iv each time). @param about - What it is, such as "order.code": it opens as that only. */
  seal(text: string, about: string): string {
    const id = this.current
    const iv = randomBytes(IV_BYTES)
    const cipher = createCipheriv(ALGORITHM, this.#key(id), iv).setAAD(Buffer.from(about))
    const sealed = Buffer.concat([cipher.update(text, 'utf8'), cipher.final()])
    return `v1.${id}.${Buffer.concat([iv, cipher.getAuthTag(), sealed]).toString('base64url')}`
  }

  /** The text that was sealed. What was never sealed (written by an older version) comes back as it is. @throws if it was changed, or its key is gone. */
  unseal(value: string, about: string): string {
    const [, id, body] = SEALED.exec(value) ?? []
    if (id === undefined || body === undefined) return value
    const bytes = Buffer.from(body, 'base64url')
    const decipher = createDecipheriv(ALGORITHM, this.#key(id), bytes.subarray(0, IV_BYTES))
    decipher.setAAD(Buffer.from(about)).setAuthTag(bytes.subarray(IV_BYTES, IV_BYTES + TAG_BYTES))
    return Buffer.concat([decipher.update(bytes.subarray(IV_BYTES + TAG_BYTES)), decipher.final()]).toString('utf8')
  }

  /** Whether a value is sealed with the current key. */
  isCurrent(value: string): boolean {
    return SEALED.exec(value)?.[1] === this.current
  }

  /** A hash by which a sealed text is found (HMAC-SHA256, hex): the same text gives the same, and nothing can be tried without the key. */
  lookupHash(text: string): string {
    return createHmac('sha256', this.#keys.lookup).update(text).digest('hex')
  }

  #key(id: string): Buffer {
    const known = this.#keys.sealing.get(id)
    if (known !== undefined) return known
    this.#keys = this.again()
    const key = this.#keys.sealing.get(id)
    if (key === undefined)
      throw new Error(
        `A value in the database is sealed with the key "${id}", which this server does not have. See docs/operations.md, "Keys".`,
      )
    return key
  }
}

/**
 * Keys as they stand in the environment: "lookup:<base64>,k2:<base64>,k1:<base64>", 32 bytes each, the one to seal with
 * first after `lookup`.
 * @throws with a sentence that says what is wrong.
 */
export function parseKeys(text: string): Keys {
  const pairs = text.split(',').map((one): [string, Buffer] => {
    const [id = '', encoded = ''] = one.trim().split(':')
    const key = Buffer.from(encoded, 'base64')
    if (!/^[a-z0-9]{1,16}$/.test(id) || key.length !== KEY_BYTES)
      throw new Error(
        `The key "${id.slice(0, 16)}" is not "<id>:<32 bytes as base64>". See docs/operations.md, "Keys".`,
      )
    return [id, key]
  })
  const lookup = pairs.find(([id]) => id === LOOKUP)?.[1]
  const sealing = new Map(pairs.filter(([id]) => id !== LOOKUP))
  if (lookup === undefined || sealing.size === 0)
    throw new Error('The keys need one called "lookup" and at least one other. See docs/operations.md, "Keys".')
  return { lookup, sealing }
}

export const printKeys = ({ lookup, sealing }: Keys): string =>
  [[LOOKUP, lookup] as const, ...sealing].map(([id, key]) => `${id}:${key.toString('base64')}`).join(',')

/** Keys for a new installation. */
export const newKeys = (): Keys => ({
  lookup: randomBytes(KEY_BYTES),
  sealing: new Map([['k1', randomBytes(KEY_BYTES)]]),
})

/** The same keys with a new one to seal with. */
export function withNewKey({ lookup, sealing }: Keys): Keys {
  const numbers = [...sealing.keys()].map((id) => Number(/^k(\d+)$/.exec(id)?.[1] ?? 0))
  return { lookup, sealing: new Map([[`k${Math.max(0, ...numbers) + 1}`, randomBytes(KEY_BYTES)], ...sealing]) }
}
