import { Type } from '@sinclair/typebox'
import { exactly, Nothing } from '#core/schema'
import { channelSetting } from '#core/settings'
import type { ChannelHead, Channels } from '../channels.ts'
import { reader } from '../database/index.ts'
import { type Call, checkMark, fileRoute, problem, type Route, route } from '../http/index.ts'
import { SLUG } from '../opening/index.ts'
import { settingOf } from '../settings/index.ts'
import { ChannelView } from './answers.ts'
import { exportChannel } from './export.ts'
import { callOffBets, callOffGoals, callOffRaffles, endWhatGoesOn } from './rest.ts'
import { formerAddresses, KEPT_CLOSED_SECONDS, moveTo, tellState } from './state.ts'

/** What the channel's own routes stand on. */
export interface ChannelParts {
  readonly channels: Channels
  /** The installation's address. */
  readonly publicUrl: string
}

const Name = exactly({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
  listed: Type.Boolean(),
})
const Address = exactly({ address: Type.String({ pattern: SLUG.source }) })

/** Changes the channel's row, and has everybody know of it. */
async function changed({ channels, publicUrl }: ChannelParts, call: Call<unknown>, set: string, values: unknown[]) {
  await channels.pool.query(`update channel set ${set} where id = $1`, [call.channel.id, ...values])
  await tellState(channels, call.channel.id, call.key, publicUrl)
  return {}
}

/** What only an owner does: name and address, pausing, closing, taking everything along. */
export const channelRoutes = (parts: ChannelParts): Route[] => [
  viewRoute(parts),
  route({
    method: 'put',
    path: '/desk/channel',
    does: 'Change the channel’s name, and whether it is in the installation’s list',
    answer: Nothing,
    allowed: 'owner',
    body: Name,
    handle: async (call) => {
      const [name, listed] = [call.body.name.trim(), call.body.listed]
      const now = await settingOf(reader(parts.channels.pool), call.channel.id, channelSetting)
      checkMark(call, 'The channel', now, { ...now, name, listed })
      return changed(parts, call, 'name = $2, unlisted = $3', [name, !listed])
    },
  }),
  addressRoute(parts),
  pauseRoute(parts),
  ...closingRoutes(parts),
  exportRoute(parts),
]

const viewRoute = ({ channels, publicUrl }: ChannelParts): Route =>
  route({
    method: 'get',
    path: '/desk/channel',
    does: 'What the channel is called, where it is found, and whether it goes on',
    answer: ChannelView,
    allowed: 'owner',
    whenClosed: true,
    handle: async ({ channel: { id, slug, name, unlisted, pausedBy, closedAt } }) => ({
      ...{ name, pausedBy, closedAt, listed: !unlisted, address: slug },
      former: await formerAddresses(channels, id),
      deletedAt: closedAt === null ? null : closedAt + KEPT_CLOSED_SECONDS,
      viewerPage: `${publicUrl}/c/${slug}`,
    }),
  })

const addressRoute = ({ channels, publicUrl }: ChannelParts): Route =>
  route({
    method: 'post',
    path: '/desk/channel/address',
    does: 'Give the channel another address; the one it has goes on leading to it',
    answer: Nothing,
    allowed: 'owner',
    fresh: true,
    body: Address,
    handle: async ({ channel, body: { address }, key }) => {
      if (address === channel.slug) return {}
      if (!(await moveTo(channels, channel, address))) throw problem('address_taken')
      await tellState(channels, channel.id, key, publicUrl)
      return {}
    },
  })

const pauseRoute = (parts: ChannelParts): Route =>
  route({
    method: 'post',
    path: '/desk/channel/pause',
    does: 'Pause the channel, or resume it: paused, nothing is bought, played or entered, and the bot is out of the room',
    answer: Nothing,
    allowed: 'owner',
    body: exactly({ paused: Type.Boolean() }),
    handle: async (call) => {
      const { channel, key, caller, body } = call
      if (channel.pausedBy === 'operator') throw problem('paused_by_operator')
      if (body.paused) await endWhatGoesOn({ channels: parts.channels, channel: channel.id, key, by: caller.name })
      return changed(parts, call, 'paused_by = $2', [body.paused ? 'owner' : null])
    },
  })

function closingRoutes(parts: ChannelParts): Route[] {
  const { channels } = parts
  return [
    route({
      method: 'post',
      path: '/desk/channel/close',
      does: 'Close the channel: thirty days later it is deleted with all that is its',
      answer: Nothing,
      allowed: 'owner',
      fresh: true,
      body: Address,
      handle: async (call) => {
        const { channel, key, caller, body } = call
        if (body.address !== channel.slug) throw problem('address_other')
        const resting = { channels, channel: channel.id, key, by: caller.name }
        await endWhatGoesOn(resting)
        await callOffRaffles(resting)
        await callOffBets(resting)
        await callOffGoals(resting)
        return changed(parts, call, 'closed_at = $2', [channels.clock()])
      },
    }),
    route({
      method: 'post',
      path: '/desk/channel/reopen',
      does: 'Take a closed channel back, as it was',
      answer: Nothing,
      allowed: 'owner',
      whenClosed: true,
      handle: (call) => changed(parts, call, 'closed_at = null', []),
    }),
  ]
}

const fileName = ({ slug }: ChannelHead): string => `${slug}.zip`

const exportRoute = ({ channels }: ChannelParts): Route =>
  fileRoute({
    method: 'get',
    path: '/desk/channel/export',
    does: 'Everything that the channel has, as one file: rows of every table as JSON, and the library’s files; no secrets',
    gives: 'application/zip',
    allowed: 'owner',
    fresh: true,
    whenClosed: true,
    limit: 'costly',
    handle: async ({ channel }) => {
      const file = await exportChannel(channels.pool, channel, channels.clock())
      if (file === undefined)
        throw problem('busy', 'Two such files are being made at this moment. Try again in a few minutes.')
      const disposition = `attachment; filename="${fileName(channel)}"`
      return new Response(file, { headers: { 'content-type': 'application/zip', 'content-disposition': disposition } })
    },
  })
