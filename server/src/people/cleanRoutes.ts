import { Type } from '@sinclair/typebox'
import { MOST_ADJUSTED } from '#core/people'
import { Count, closed, exactly, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, desk, Problem, type Route, route } from '../http/index.ts'
import { adjustMany } from './adjustMany.ts'
import { Adjusted } from './answers.ts'
import { idsOf, type PeopleFilter } from './table.ts'

const DAY = 86_400

const everybody = (now: number): PeopleFilter => ({ name: '', present: false, shown: 'listed', now })

/** Cleaning up: everybody's balances or hours set to nothing, and people archived who were not seen for long. */
export function cleanRoutes(db: Reader, channels: Channels): Route[] {
  const Reset = Type.Object(
    {
      of: Type.Union([Type.Literal('balance'), Type.Literal('hours')]),
      /** The channel's name, typed: a slip must not do this. */
      confirm: Type.String({ maxLength: 100 }),
    },
    closed,
  )
  return [
    route({
      method: 'post',
      path: '/desk/people/reset',
      fresh: true,
      does: 'Set everybody’s balance or hours to nothing; can be taken back for a day',
      answer: Adjusted,
      allowed: desk('change', 'people'),
      body: Reset,
      handle: async ({ channel, caller, key, body }) => {
        if (body.confirm.trim() !== channel.name)
          throw new Problem('confirm_wrong', `Type the channel’s name exactly as it stands here: ${channel.name}`)
        const now = channels.clock()
        const archived = await idsOf(db, channel.id, { ...everybody(now), shown: 'archived' })
        const ids = [...(await idsOf(db, channel.id, everybody(now))), ...archived]
        const why = 'everybody starts anew'
        const correction = { of: body.of, how: 'set', amount: 0, why, by: caller.account, reset: true } as const
        return adjustMany(channels, channel.id, key, ids, correction)
      },
    }),
    peopleArchiveUnseenRoute(db, channels),
  ]
}

const peopleArchiveUnseenRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/people/archive-unseen',
    does: 'Archive who was not seen for so many days, or tell how many that would be',
    answer: exactly({ people: Count }),
    allowed: desk('change', 'people'),
    body: Type.Object({ days: whole(1, 36_500), preview: Type.Boolean() }, closed),
    handle: async ({ channel, key, body }) => {
      const now = channels.clock()
      const ids = await idsOf(db, channel.id, { ...everybody(now), seenBefore: now - body.days * DAY })
      if (body.preview) return { people: ids.length }
      for (let i = 0; i < ids.length; i += MOST_ADJUSTED) {
        const viewers = ids.slice(i, i + MOST_ADJUSTED)
        answered(await channels.submit(channel.id, `${key}/${i}`, { kind: 'people.archive', viewers, archived: true }))
      }
      return { people: ids.length }
    },
  })
