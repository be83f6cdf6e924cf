export { compileChecks } from './compileChecks.ts'

import { and, eq, sql } from 'drizzle-orm'
import { type Currency, currencySetting } from '#core/currency'
import type { Setting } from '#core/settings'
import { prepared, type Reader, readKept, schema, unsealedSetting } from '../database/index.ts'

const { setting } = schema

const bodyOf = prepared((db) =>
  db
    .select({ body: setting.body })
    .from(setting)
    .where(and(eq(setting.channel, sql.placeholder('channel')), eq(setting.name, sql.placeholder('name'))))
    .prepare(''),
)

/** A group of a channel's settings as they are now. */
export async function settingOf<T extends object>(db: Reader, channel: number, wanted: Setting<T>): Promise<T> {
  const [found] = await bodyOf(db).execute({ channel, name: wanted.name })
  return readKept(wanted, unsealedSetting(found?.body ?? {}))
}

export const currencyOf = (db: Reader, channel: number): Promise<Currency> => settingOf(db, channel, currencySetting)
