import { hmac } from '@noble/hashes/hmac.js'
import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex, hexToBytes, utf8ToBytes } from '@noble/hashes/utils.js'

/** What is published of a seed before it is used: its SHA-256, in hex (rules: chance). @param seed - 32 bytes in hex. */
export const commitmentOf = (seed: string): string => bytesToHex(sha256(hexToBytes(seed)))

/** The start of a commitment, as it is said in chat: 12 hex digits. */
export const shortCommitment = (commitment: string): string => commitment.slice(0, 12)

/** A digest of an ordered list, in hex: the SHA-256 of its lines, each ended by a line feed. */
export const digestOf = (lines: readonly string[]): string =>
  bytesToHex(sha256(utf8ToBytes(lines.map((line) => `${line}\n`).join(''))))

/** The SHA-256 of a text, in hex. */
export const sealOf = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)))

const TWO_64 = 2n ** 64n

/**
 * The stream of random numbers that a seed gives for a label: the bytes HMAC-SHA256(seed, "label:i") for i = 0, 1, 2 ...
 * joined (rules: chance). The same seed and label give the same numbers everywhere.
 */
export class Chance {
  readonly #key: Uint8Array
  #block = new Uint8Array(0)
  #used = 0
  #next = 0

  constructor(
    seed: string,
    readonly label: string,
  ) {
    this.#key = hexToBytes(seed)
  }

  /** A whole number from 0 to below `n`, each as likely as the others. @param n - 1 to 2^64. */
  big(n: bigint): bigint {
    const fair = (TWO_64 / n) * n
    for (;;) {
      const drawn = this.#read()
      if (drawn < fair) return drawn % n
    }
  }

  /** As `big`, for bounds up to 2^53. */
  below(n: number): number {
    return Number(this.big(BigInt(n)))
  }

  #read(): bigint {
    if (this.#used === this.#block.length) {
      this.#block = hmac(sha256, this.#key, utf8ToBytes(`${this.label}:${this.#next++}`))
      this.#used = 0
    }
    const { buffer, byteOffset } = this.#block
    const drawn = new DataView(buffer, byteOffset + this.#used, 8).getBigUint64(0)
    this.#used += 8
    return drawn
  }
}
