import { and, eq } from 'drizzle-orm'
import { type Currency, currencySetting } from '#core/currency'
import type { Setting } from '#core/settings'
import { type Reader, schema, unsealedSetting } from '../database/index.ts'

/** A group of a channel's settings as they are now. */
export async function settingOf<T extends object>(
  db: Reader,
  channel: number,
  { name, initial }: Setting<T>,
): Promise<T> {
  const { setting } = schema
  const wanted = and(eq(setting.channel, channel), eq(setting.name, name))
  const [found] = await db.select({ body: setting.body }).from(setting).where(wanted)
  return { ...initial, ...(unsealedSetting(found?.body ?? {}) as Partial<T>) }
}

export const currencyOf = (db: Reader, channel: number): Promise<Currency> => settingOf(db, channel, currencySetting)
