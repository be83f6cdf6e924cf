import { randomUUID } from 'node:crypto'
import type { Channels } from '../channels.ts'
import { answered, problem } from '../http/index.ts'
import type { MakeTestViewer } from '../sign-in/index.ts'

/** Makes the test viewer of a channel known, with enough to buy everything, for one of its owners. */
export const testViewerBy =
  (channels: Channels): MakeTestViewer =>
  async (slug, { account }) => {
    const channel = await channels.find(slug)
    if (channel === undefined || channel.closedAt !== null) throw problem('channel_not_found')
    const place = await channels.rightsAt(channel.id, account)
    if (place === undefined) throw problem('not_allowed')
    if (!place.owner) throw problem('owner_only')
    const intent = { kind: 'starter.tryAsViewer', account: String(channel.id), by: account } as const
    answered(await channels.submit(channel.id, `try/${randomUUID()}`, intent))
    return channel.id
  }
