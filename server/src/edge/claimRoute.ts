import type { Context } from 'hono'
import { Claim, claimChannel } from '../claim/index.ts'
import { bodyCheck, problem } from '../http/index.ts'
import type { Env } from './env.ts'
import { jsonOf } from './jsonOf.ts'
import type { Edge } from './parts.ts'

/** Makes the installation's channel for who is signed in at the desk and has the code that the server printed. */
export function claimRoute({ channels, sessions, limits, onClaimed }: Edge) {
  const check = bodyCheck(Claim)
  return async (c: Context<Env>): Promise<Response> => {
    const caller = await sessions.find(c, 'desk')
    if (caller === undefined) throw problem('not_signed_in')
    await limits.change(caller.account)
    const body = await jsonOf(c)
    check(body)
    const claimed = await claimChannel(channels, caller, body as Claim)
    onClaimed()
    return c.json(claimed)
  }
}
