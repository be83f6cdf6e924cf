import { defineTable, type Stored, stored, type World } from '../world/index.ts'

/** One group of a channel's settings, kept as JSON and checked against its schema where it comes in. */
export interface SettingRow {
  readonly name: string
  readonly body: Readonly<Record<string, unknown>>
}

export const settings = defineTable<SettingRow>('setting', 'whole', (row) => row.name)

/** A group of settings: its name, how it is kept, and what holds until the streamer changes it. */
export interface Setting<T> extends Stored<T> {
  readonly name: string
  readonly initial: T
}

/**
 * Declares a group of settings.
 * @param called - What it is called in a sentence: "earning plan".
 * @param off - What holds while the kept group cannot be read; `initial`, if left out.
 */
export const setting = <T>(
  name: string,
  called: string,
  schema: Stored<T>['schema'],
  initial: T,
  { off = () => initial, upgrades }: Partial<Pick<Stored<T>, 'off' | 'upgrades'>> = {},
): Setting<T> => ({ name, ...stored(called, schema, { upgrades, off }), initial })

/** The group as set, with the initial value for whatever is not set. */
export function readSetting<T extends object>(world: World, setting: Setting<T>): T {
  return { ...setting.initial, ...world.get(settings, setting.name)?.body }
}

export function writeSetting<T extends object>(world: World, setting: Setting<T>, body: T): void {
  world.put(settings, { name: setting.name, body: body as Record<string, unknown> })
}
