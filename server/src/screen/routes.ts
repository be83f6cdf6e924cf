import { Type } from '@sinclair/typebox'
import { closed, exactly, Id, Nothing, OverlayId, orNull, whole } from '#core/schema'
import { AlertSettings, OverlaySettings } from '#core/screen'
import type { Channels } from '../channels.ts'
import { desk, hand, idOf, type Route, route, savedRoutes } from '../http/index.ts'
import { newSecret } from './secret.ts'

/** Overlays with their pieces and addresses, and alerts. */
export const screenRoutes = (channels: Channels): Route[] => [...overlayRoutes(channels), ...alertRoutes(channels)]

function overlayRoutes(channels: Channels): Route[] {
  return [
    overlaysRoute(channels),
    route({
      method: 'put',
      path: '/desk/overlays/:overlay',
      does: 'Change an overlay’s name, size and pieces',
      answer: exactly({ overlay: OverlayId, settings: OverlaySettings }),
      allowed: desk('change', 'screen'),
      body: OverlaySettings,
      handle: async ({ channel, key, header, param, body }) => {
        const intent = { kind: 'screen.save', overlay: idOf(param('overlay')), settings: body } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
    route({
      method: 'post',
      path: '/desk/overlays/:overlay/renew',
      secret: true,
      does: 'Give an overlay a new address',
      answer: exactly({ overlay: OverlayId }),
      allowed: desk('change', 'screen'),
      handle: async ({ channel, key, header, param }) => {
        const intent = { kind: 'screen.renew', overlay: idOf(param('overlay')), secret: newSecret() } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
    route({
      method: 'post',
      path: '/desk/overlays/:overlay/remove',
      does: 'Take an overlay away',
      answer: Nothing,
      allowed: desk('change', 'screen'),
      handle: (call) => hand(channels, call, { kind: 'screen.remove', overlay: idOf(call.param('overlay')) }),
    }),
  ]
}

const overlaysRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/overlays',
    does: 'Add an overlay',
    answer: exactly({ overlay: OverlayId }),
    allowed: desk('change', 'screen'),
    body: Type.Object({ name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }) }, closed),
    handle: async ({ channel, key, header, body }) => {
      const intent = { kind: 'screen.add', name: body.name.trim(), secret: newSecret() } as const
      return hand(channels, { channel, key, header }, intent)
    },
  })

const CONTROLS = ['skip', 'clear', 'pause', 'resume'] as const

function alertRoutes(channels: Channels): Route[] {
  const one = orNull(whole(1, Number.MAX_SAFE_INTEGER))
  return [
    route({
      method: 'post',
      path: '/desk/screen/test',
      does: 'Play an alert on every overlay now; null: one that shows whether they are seen and heard',
      answer: Nothing,
      allowed: desk('act', 'screen'),
      body: Type.Object({ alert: one }, closed),
      handle: (call) => hand(channels, call, { kind: 'screen.test', alert: call.body.alert }),
    }),
    route({
      method: 'post',
      path: '/desk/screen/control',
      does: 'Skip, clear, pause or go on with the alerts',
      answer: exactly({ paused: Type.Boolean() }),
      allowed: desk('act', 'screen'),
      body: Type.Object({ what: Type.Union(CONTROLS.map((what) => Type.Literal(what))) }, closed),
      handle: (call) => hand(channels, call, { kind: 'screen.control', what: call.body.what }),
    }),
    ...savedRoutes({
      area: 'screen',
      path: 'alerts',
      what: 'an alert',
      body: AlertSettings,
      saved: exactly({ alert: Id, settings: AlertSettings }),
      save: (call, alert) => hand(channels, call, { kind: 'alert.save', alert, settings: call.body }),
      remove: (call, alert) => hand(channels, call, { kind: 'alert.remove', alert }),
      removing: 'remove',
    }),
  ]
}
