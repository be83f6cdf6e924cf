import { desc, eq } from 'drizzle-orm'
import { commitmentOf, seedSetting } from '#core/fairness'
import { type Reader, schema } from '../database/index.ts'
import { type Route, route } from '../http/index.ts'
import { settingOf } from '../settings/index.ts'

const SHOWN = 50

/** The seeds that draws are made from: the commitment of the open one, and the closed ones in full. */
export function fairnessRoutes(db: Reader): Route[] {
  return [
    route({
      method: 'get',
      path: '/seeds',
      does: 'What draws are made from: the commitment of the open seed, and the seeds before it',
      allowed: 'anyone',
      handle: async ({ channel }) => {
        const open = await settingOf(db, channel.id, seedSetting)
        const { id, seed, commitment, openedAt, closedAt } = schema.seed
        const closed = await db
          .select({ id, seed, commitment, openedAt, closedAt })
          .from(schema.seed)
          .where(eq(schema.seed.channel, channel.id))
          .orderBy(desc(id))
          .limit(SHOWN)
        const shown = { id: open.id, commitment: commitmentOf(open.seed), openedAt: open.openedAt }
        return { open: open.seed === '' ? null : shown, closed }
      },
    }),
  ]
}
