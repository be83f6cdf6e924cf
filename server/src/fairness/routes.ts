import { desc, eq, sql } from 'drizzle-orm'
import { commitmentOf, seedSetting } from '#core/fairness'
import { prepared, type Reader, schema } from '../database/index.ts'
import { type Route, route } from '../http/index.ts'
import { settingOf } from '../settings/index.ts'
import { Seeds } from './answers.ts'

const SHOWN = 50

const closedSeeds = prepared((db) => {
  const { id, seed, commitment, openedAt, closedAt, channel } = schema.seed
  return db
    .select({ id, seed, commitment, openedAt, closedAt })
    .from(schema.seed)
    .where(eq(channel, sql.placeholder('channel')))
    .orderBy(desc(id))
    .limit(SHOWN)
    .prepare('')
})

/** The seeds that draws are made from: the commitment of the open one, and the closed ones in full. */
export function fairnessRoutes(db: Reader): Route[] {
  return [
    route({
      method: 'get',
      path: '/seeds',
      does: 'What draws are made from: the commitment of the open seed, and the seeds before it',
      answer: Seeds,
      allowed: 'anyone',
      handle: async ({ channel }) => {
        const open = await settingOf(db, channel.id, seedSetting)
        const closed = await closedSeeds(db).execute({ channel: channel.id })
        const shown = { id: open.id, commitment: commitmentOf(open.seed), openedAt: open.openedAt }
        return { open: open.seed === '' ? null : shown, closed }
      },
    }),
  ]
}
