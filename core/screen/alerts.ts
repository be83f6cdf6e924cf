import { type Currency, currencySetting, inWords } from '../currency/index.ts'
import { type Faults, firstFault, foundFaults } from '../faults.ts'
import type { Seconds, UnixSeconds } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { type Field, type Fields, faultsOf, field, fillIn, SAMPLE_RANK, SAMPLE_VIEWER } from '../texts/index.ts'
import { defineTable, type Handler, ok, type Result, refuse, savedCollection, type World } from '../world/index.ts'
import { checkRef } from './media.ts'
import type { PictureRef, SoundRef } from './refs.ts'
import type { AlertSettings } from './schema.ts'

export interface AlertRow {
  readonly id: number
  readonly settings: AlertSettings
  readonly goneAt: UnixSeconds | null
}

/** Alerts that are gone are not loaded. */
export const alerts = defineTable<AlertRow>('alert', 'whole', (row) => row.id)

/** The alerts there are, in the order in which they were made. */
export const savedAlerts = savedCollection(alerts, {
  one: 'alert',
  many: 'alerts',
  most: 200,
  missing: 'alert_not_found',
  full: 'alert_invalid',
})
export const { open: openAlerts, find: alertOf } = savedAlerts

/** An alert as it plays, its texts filled in. `alert`: which one of the list it is; null: of none. */
export interface Alert extends Omit<AlertSettings, 'name'> {
  readonly alert: number | null
}

/** What an alert is unless somebody chose otherwise. */
export const PLAIN_ALERT: Omit<AlertSettings, 'name' | 'title' | 'line'> = {
  picture: null,
  sound: 'none',
  volume: 80,
  seconds: 7,
  enter: 'slide',
  leave: 'fade',
  place: 'bottomLeft',
  layout: 'beside',
}

/** What is needed of an alert that is in no list. */
export interface Inline {
  readonly title: string
  readonly line: string
  readonly picture: PictureRef | null
  readonly sound: SoundRef
  readonly seconds: Seconds
}

/** Shows an alert that is in no list on every overlay. */
export function showAlert(world: World, inline: Inline): void {
  play(world, { ...PLAIN_ALERT, ...inline, alert: null })
}

function play(world: World, alert: Alert): void {
  world.fact('screen.alert', 'overlay', { ...alert })
}

/** What an alert's texts can name. */
export const ALERT_FIELDS: readonly Field[] = [
  field('viewer.name', 'whose it is', SAMPLE_VIEWER),
  field('viewer.rank', 'their rank', SAMPLE_RANK),
  field('reward.name', 'what was ordered', 'A reward'),
  field('reward.price', 'what it costs, as a number', '100'),
  field('order.text', 'what the buyer said to it', 'what they said to it'),
  field('order.cost', 'what was paid, in words', '100 points'),
]

/** Shows an alert of the list, its texts filled in with these fields. One that is gone shows nothing. */
export function showSaved(world: World, id: number, fields: Fields): AlertSettings | undefined {
  const row = alertOf(world, id)
  if (row === undefined) return undefined
  const { name: _, ...settings } = row.settings
  play(world, { ...settings, title: fillIn(settings.title, fields), line: fillIn(settings.line, fields), alert: id })
  return row.settings
}

/** Plays a sound on every overlay, without a picture. */
export function showSound(world: World, sound: SoundRef, volume = 80): void {
  if (sound !== 'none') world.fact('screen.sound', 'overlay', { sound, volume })
}

/** What is wrong with an alert, by its places. */
export function alertFaults({ title, line, picture, sound }: AlertSettings): Faults {
  const empty = title.trim() === '' && line.trim() === '' && picture === null && sound === 'none'
  const [inTitle] = faultsOf(title, ALERT_FIELDS)
  const [inLine] = faultsOf(line, ALERT_FIELDS)
  return foundFaults({
    '': empty ? 'It has no text, picture or sound. Add one.' : undefined,
    title: inTitle && `In the title: ${inTitle}`,
    line: inLine && `In the second line: ${inLine}`,
  })
}

export interface SaveAlert {
  readonly kind: 'alert.save'
  /** Null: a new one. */
  readonly alert: number | null
  readonly settings: AlertSettings
}

/** Makes or changes an alert. What is answered is what is live from that moment. */
export const saveAlert = {
  decide(world, { alert: id, settings }) {
    const before = savedAlerts.before(world, id)
    if (!before.ok) return before
    const fault = firstFault(alertFaults(settings))
    if (fault !== undefined) return refuse('alert_invalid', fault)
    const [picture, sound] = [checkRef(world, settings.picture), checkRef(world, settings.sound)]
    if (!picture.ok) return picture
    if (!sound.ok) return sound
    const tidy = { ...settings, name: settings.name.trim() }
    const row = world.put(alerts, { id: id ?? world.nextId(), settings: tidy, goneAt: null })
    world.fact('screen.changed', 'desk', { alert: row.id })
    return ok({ alert: row.id, settings: row.settings })
  },
} satisfies Handler<SaveAlert>

export interface TestAlert {
  readonly kind: 'screen.test'
  /** Which one; null: one that shows whether alerts are seen and heard at all. */
  readonly alert: number | null
}

const SAMPLE_PRICE = 100

/** What stands in an alert's texts while it is tried. @param reward - Of which reward; left out: of any. @param name - Whose. */
export const sampleFields = (currency: Currency, reward = 'A reward', name: string = SAMPLE_VIEWER) => ({
  viewer: { name, rank: SAMPLE_RANK },
  reward: { name: reward, price: SAMPLE_PRICE },
  order: { text: 'what they said to it', cost: inWords(SAMPLE_PRICE, currency) },
})

/** Plays an alert on every overlay now, with sample words. */
export const testAlert = {
  decide(world, { alert }) {
    if (alert !== null) {
      const found = savedAlerts.need(world, alert)
      if (!found.ok) return found
      showSaved(world, alert, sampleFields(readSetting(world, currencySetting)))
      return ok({})
    }
    showAlert(world, {
      title: 'This is a test',
      line: 'Picture, text and sound as viewers get them',
      picture: 'sparks',
      sound: 'bell',
      seconds: 6,
    })
    return ok({})
  },
} satisfies Handler<TestAlert>

/** Whether an alert of the list can still be chosen. */
export const checkAlert = (world: World, id: number | null): Result<true> =>
  id === null || alertOf(world, id) !== undefined
    ? ok(true)
    : refuse('alert_not_found', 'The alert it shows was removed. Choose another one, or none.')
