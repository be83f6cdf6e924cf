import type { Context, Hono } from 'hono'
import { keyOf, TEST } from '#core/people'
import { type Caller, problem } from '../http/index.ts'
import type { Sessions } from './sessions.ts'

/** A test is over after an hour: it must not outlive the right to it for long. */
const TEST_SECONDS = 3600

/**
 * Makes the test viewer of a channel known, for who is signed in at the desk.
 * @returns The channel's number. @throws unless they own it.
 */
export type MakeTestViewer = (slug: string, owner: Caller) => Promise<number>

/** /auth/viewer/test/:slug: an owner is signed in on their viewer page as the channel's test viewer. */
export function testViewerRoute(app: Hono, sessions: Sessions, make: MakeTestViewer): void {
  app.post('/viewer/test/:slug', async (c: Context) => {
    const owner = await sessions.find(c, 'desk')
    if (owner === undefined) throw problem('not_signed_in')
    const channel = await make(c.req.param('slug') ?? '', owner)
    const caller = { account: keyOf({ issuer: TEST, account: String(channel) }), name: 'Test viewer' }
    await sessions.begin(c, 'viewer', caller, TEST_SECONDS)
    return c.json({})
  })
}
