import type { Context } from 'hono'
import { Problem, problem } from '../http/index.ts'
import { bytesOf, USUAL_BYTES } from './body.ts'
import type { Env } from './env.ts'

/**
 * The body of a request as JSON. @param largest - So many bytes at most.
 * @throws `too_large`, `not_json`, or `body_invalid` if a text in it holds a NUL, which nothing can keep.
 */
export async function jsonOf(c: Context<Env>, largest = USUAL_BYTES): Promise<unknown> {
  const text = (await bytesOf(c, largest)).toString('utf8')
  let holdsNul = false
  try {
    const body: unknown = JSON.parse(text, (_name, value: unknown) => {
      if (typeof value === 'string' && value.includes('\0')) holdsNul = true
      return value
    })
    if (!holdsNul) return body
  } catch {
    throw problem('not_json')
  }
  throw new Problem('body_invalid', 'Please correct: a text holds a NUL character. Take it out.')
}
