import { EarningPlan, earningSetting, SupportPlan, supportSetting } from '#core/earning'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, type Route, route } from '../http/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { openShowOf } from '../show/index.ts'
import { payEveryone } from './pay.ts'

/** The earning plan: read and changed at the desk. */
export function earningRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/earning',
      does: 'The earning plan',
      allowed: 'streamer',
      handle: async ({ channel }) => ({
        plan: await settingOf(db, channel.id, earningSetting),
        support: await settingOf(db, channel.id, supportSetting),
        currency: await currencyOf(db, channel.id),
      }),
    }),
    route({
      method: 'put',
      path: '/desk/earning',
      does: 'Change the earning plan',
      allowed: 'streamer',
      body: EarningPlan,
      handle: async ({ channel, caller, key, body }) => {
        // What was watched so far is paid by the plan that held while it was watched.
        const show = await openShowOf(db, channel.id)
        if (show !== undefined) await payEveryone(channels, channel.id, show.id)
        return answered(
          await channels.submit(channel.id, key, { kind: 'earning.change', plan: body, by: caller.account }),
        )
      },
    }),
    route({
      method: 'put',
      path: '/desk/earning/support',
      does: 'Change what support pays',
      allowed: 'streamer',
      body: SupportPlan,
      handle: async ({ channel, caller, key, body }) => {
        const intent = { kind: 'earning.changeSupport', plan: body, by: caller.account } as const
        return answered(await channels.submit(channel.id, key, intent))
      },
    }),
  ]
}
