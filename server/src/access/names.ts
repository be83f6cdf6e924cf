import { and, eq, inArray } from 'drizzle-orm'
import type { Who, WhoNames } from '#core/access'
import { ranksSetting } from '#core/ranks'
import { type Reader, schema } from '../database/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { settingOf } from '../settings/index.ts'

const { viewer } = schema

/** What those who may use something are called. */
export async function whoNames(
  db: Reader,
  channel: number,
  all: readonly { readonly settings: { readonly who: Who } }[],
): Promise<WhoNames> {
  const ids = [...new Set(all.flatMap(({ settings }) => settings.who.people))]
  const people =
    ids.length === 0
      ? []
      : await db
          .select({ id: viewer.id, name: viewer.name })
          .from(viewer)
          .where(and(eq(viewer.channel, channel), inArray(viewer.id, ids)))
  return {
    circles: (await circlesOf(db, channel)).map(({ id, name }) => ({ id, name })),
    ranks: (await settingOf(db, channel, ranksSetting)).ranks.map(({ id, name }) => ({ id, name })),
    people: Object.fromEntries(people.map(({ id, name }) => [id, name])),
  }
}
