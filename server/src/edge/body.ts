import type { Context } from 'hono'
import { problem } from '../http/index.ts'
import type { Env } from './env.ts'

/** The largest body where nothing else is declared. */
export const USUAL_BYTES = 64 * 1024

/**
 * Reads a body, counting as it comes: what is too large is never held whole, whatever its headers say. To be called only
 * once it is known who sends it.
 * @param sentence - What to say of a body of so many bytes (undefined where that is not known).
 * @throws `too_large`
 */
export async function bytesOf(
  c: Context<Env>,
  largest: number,
  sentence: (bytes: number) => string | undefined = () => undefined,
): Promise<Buffer> {
  const announced = Number(c.req.header('content-length') ?? 0)
  if (announced > largest) throw problem('too_large', sentence(announced))
  return c.get('aside')(() => readUpTo(c, largest, sentence))
}

async function readUpTo(
  c: Context<Env>,
  largest: number,
  sentence: (bytes: number) => string | undefined,
): Promise<Buffer> {
  const parts: Uint8Array[] = []
  let length = 0
  const reader = c.req.raw.body?.getReader()
  for (let next = await reader?.read(); next?.value !== undefined; next = await reader?.read()) {
    length += next.value.byteLength
    if (length > largest) {
      await reader?.cancel()
      throw problem('too_large', sentence(length))
    }
    parts.push(next.value)
  }
  return Buffer.concat(parts, length)
}
