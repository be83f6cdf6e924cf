import { randomUUID } from 'node:crypto'
import { Type } from '@sinclair/typebox'
import { Count, exactly, Nothing, orNull, UnixSeconds } from '#core/schema'
import { endWhatGoesOn, tellState } from '../channel/index.ts'
import type { Channels } from '../channels.ts'
import { before, type InstallationRoute, idOf, installationRoute, problem, text } from '../http/index.ts'
import { makeOpeningCode, type OpeningRules, openingCodes, takeBackOpeningCode } from '../opening/index.ts'
import { operatedChannels } from './read.ts'

/** What the operator's routes stand on. */
export interface OperatorParts {
  readonly channels: Channels
  readonly rules: OpeningRules
  /** The installation's address. */
  readonly publicUrl: string
}

const OperatedChannel = exactly({
  id: Count,
  slug: Type.String(),
  name: Type.String(),
  owner: Type.String(),
  openedAt: UnixSeconds,
  pausedBy: orNull(Type.Union([Type.Literal('owner'), Type.Literal('operator')])),
  closedAt: orNull(UnixSeconds),
  people: Count,
  lastShow: orNull(UnixSeconds),
  lines: Count,
  onAir: Type.Boolean(),
  stored: Count,
})

const Code = exactly({
  id: Count,
  whom: Type.String(),
  madeAt: UnixSeconds,
  expiresAt: UnixSeconds,
  usedAt: orNull(UnixSeconds),
  opened: orNull(Type.String()),
})

/** The operator's page: the channels of the installation, and the codes by which they are opened. */
export const operatorRoutes = (parts: OperatorParts): InstallationRoute[] => [
  installationRoute({
    method: 'get',
    path: '/api/operator/channels',
    does: 'The channels of the installation, the newest first, page by page: size, last show, storage',
    allowed: 'operator',
    asks: { before, text: text('Of those whose name, address or owner has this in it.', 60) },
    answer: exactly({ channels: Type.Array(OperatedChannel), before: orNull(Count), total: Count, now: UnixSeconds }),
    handle: async ({ asked }) => ({
      ...(await operatedChannels(parts.channels.pool, asked.text ?? '', asked.before ?? 0)),
      now: parts.channels.clock(),
    }),
  }),
  pauseRoute(parts),
  ...codeRoutes(parts),
]

const pauseRoute = ({ channels, publicUrl }: OperatorParts): InstallationRoute =>
  installationRoute({
    method: 'post',
    path: '/api/operator/channels/:id/pause',
    does: 'Pause a channel, or resume it: what the operator paused, its owners cannot resume',
    allowed: 'operator',
    secret: true,
    body: exactly({ paused: Type.Boolean() }),
    answer: Nothing,
    handle: async ({ param, body, caller }) => {
      const channel = idOf(param('id'))
      if ((await channels.head(channel)) === undefined) throw problem('channel_not_found')
      const key = `operator/${randomUUID()}`
      if (body.paused) await endWhatGoesOn({ channels, channel, key, by: 'the operator' })
      const by = body.paused ? 'operator' : null
      await channels.pool.query('update channel set paused_by = $2 where id = $1', [channel, by])
      await tellState(channels, channel, `${key}/${caller.account}`, publicUrl)
      return {}
    },
  })

function codeRoutes({ channels, rules }: OperatorParts): InstallationRoute[] {
  const { pool, clock } = channels
  return [
    installationRoute({
      method: 'get',
      path: '/api/operator/codes',
      does: 'The codes by which channels can be opened, and what became of those that were used',
      allowed: 'operator',
      answer: exactly({ needed: Type.Boolean(), codes: Type.Array(Code), now: UnixSeconds }),
      handle: async () => ({
        needed: rules.who === 'invited',
        codes: await openingCodes(pool, clock()),
        now: clock(),
      }),
    }),
    installationRoute({
      method: 'post',
      path: '/api/operator/codes',
      does: 'Make a code by which one channel can be opened within two weeks; it is told once',
      allowed: 'operator',
      secret: true,
      body: exactly({ whom: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }) }),
      answer: exactly({ code: Type.String(), expiresAt: UnixSeconds }),
      handle: async ({ body }) => {
        const made = await makeOpeningCode(pool, clock(), body.whom.trim())
        if (made === undefined) throw problem('codes_enough')
        return made
      },
    }),
    takeBackRoute(channels),
  ]
}

const takeBackRoute = ({ pool }: Channels): InstallationRoute =>
  installationRoute({
    method: 'post',
    path: '/api/operator/codes/:id/take-back',
    does: 'Take back a code that was not used',
    allowed: 'operator',
    secret: true,
    answer: Nothing,
    handle: async ({ param }) => {
      if (!(await takeBackOpeningCode(pool, idOf(param('id'))))) throw problem('not_found')
      return {}
    },
  })
