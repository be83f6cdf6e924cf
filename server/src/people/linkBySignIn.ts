import { randomUUID } from 'node:crypto'
import type { Context } from 'hono'
import { refOf, TEST } from '#core/people'
import type { Channels } from '../channels.ts'
import { type Caller, Problem, problem } from '../http/index.ts'
import type { Links, Sessions } from '../sign-in/index.ts'
import { linkTo } from './link.ts'
import { viewerIdOf } from './viewers.ts'

/** What an attempt notes of a linking: the channel in which, and the account that is signed in. */
const noteOf = (channel: number, account: string): string => `${channel}/${account}`

function readNote(noted: string): { channel: number; account: string } {
  const at = noted.indexOf('/')
  return { channel: Number(noted.slice(0, at)), account: noted.slice(at + 1) }
}

/** Linking one's accounts in a channel by a second sign-in: `?link=<channel>` of whoever is signed in as a viewer. */
export const linksBy = (channels: Channels, sessions: Sessions): Links => ({
  async begin(c) {
    const slug = c.req.query('link')
    if (slug === undefined) return undefined
    const caller = await signedIn(c, sessions)
    const channel = await channels.find(slug)
    if (channel === undefined || channel.closedAt !== null) throw problem('channel_not_found')
    return noteOf(channel.id, caller.account)
  },
  async end(c, noted, { account: second }) {
    const { channel, account } = readNote(noted)
    // Somebody else may have signed in here meanwhile: their accounts are not these.
    if ((await signedIn(c, sessions)).account !== account) throw problem('not_signed_in')
    await link(channels, channel, account, second)
  },
})

async function signedIn(c: Context, sessions: Sessions): Promise<Caller> {
  const caller = await sessions.find(c, 'viewer')
  if (caller === undefined || refOf(caller.account).issuer === TEST) throw problem('not_signed_in')
  return caller
}

async function link(channels: Channels, channel: number, first: string, second: string): Promise<void> {
  const [own, other] = [
    await viewerIdOf(channels.pool, channel, first),
    await viewerIdOf(channels.pool, channel, second),
  ]
  const key = `link/${channel}/${randomUUID()}`
  const viewer = own ?? other
  if (viewer === undefined)
    throw problem(
      'not_found',
      'Neither of these accounts is known here yet. Say something in chat first, then link them.',
    )
  const result = await linkTo(channels, channel, key, { account: own === undefined ? first : second, viewer })
  if (result?.ok === false) throw new Problem(result.refusal.code, result.refusal.sentence)
}
