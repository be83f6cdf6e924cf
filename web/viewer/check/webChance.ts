// The browser's own cryptography, next to ours: two that are made apart and agree leave little room for a mistake.

const bytesOf = (hex: string): Uint8Array<ArrayBuffer> =>
  new Uint8Array((hex.match(/../g) ?? []).map((pair) => Number.parseInt(pair, 16)))
const hexOf = (bytes: ArrayBuffer): string =>
  Array.from(new Uint8Array(bytes), (byte) => byte.toString(16).padStart(2, '0')).join('')

/** Whether the browser can: only on pages over HTTPS, or of this computer. */
export const canCheck = (): boolean => globalThis.crypto?.subtle !== undefined

/** The SHA-256 of a seed (hex), by Web Crypto. */
export const commitmentByBrowser = async (seed: string): Promise<string> =>
  hexOf(await crypto.subtle.digest('SHA-256', bytesOf(seed)))

/** The first number of the stream for a label below `n`, by Web Crypto (docs: checking a draw). */
export async function firstByBrowser(seed: string, label: string, n: bigint): Promise<bigint> {
  const key = await crypto.subtle.importKey('raw', bytesOf(seed), { name: 'HMAC', hash: 'SHA-256' }, false, ['sign'])
  const fair = (2n ** 64n / n) * n
  for (let i = 0; ; i++) {
    const block = new DataView(await crypto.subtle.sign('HMAC', key, new TextEncoder().encode(`${label}:${i}`)))
    for (let at = 0; at < 32; at += 8) {
      const drawn = block.getBigUint64(at)
      if (drawn < fair) return drawn % n
    }
  }
}
