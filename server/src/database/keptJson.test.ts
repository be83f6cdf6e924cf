import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { SETTINGS } from '#core/engine'
import { storedRules } from '#core/people'
import { storedRaffle, storedTemplate } from '#core/raffles'
import { storedAlert, storedPieces } from '#core/screen'
import { settings } from '#core/settings'
import { storedReward } from '#core/store'
import { storedTrigger } from '#core/triggers'
import { storedCommand } from '#core/words'
import { keptOf, type Stored } from '#core/world'
import { arsenal } from '../../../testing/core/arsenal.ts'
import { evening } from '../../../testing/core/evening.ts'
import { faultIn } from '../checked.ts'
import { faultOf, readKept } from './keptJson.ts'

const SAVED: Readonly<Record<string, Stored<object>>> = {
  reward: storedReward,
  command: storedCommand,
  trigger: storedTrigger,
  template: storedTemplate,
  raffle: storedRaffle,
  alert: storedAlert,
  overlay: storedPieces,
  circle: storedRules,
}

const ALL: readonly (readonly [string, Stored<object>])[] = [
  ...Object.entries(SAVED),
  ...SETTINGS.map((one) => [one.name, one] as const),
]

interface Frozen {
  readonly settings: Readonly<Record<string, unknown>>
  readonly [saved: string]: readonly unknown[] | Readonly<Record<string, unknown>>
}

const FOLDER = 'testing/kept'
/** Rows as each version wrote them, the first at the front: never edited, only added to. */
const VERSIONS = readdirSync(FOLDER)
  .sort((a, b) => a.localeCompare(b, 'en', { numeric: true }))
  .map((file) => JSON.parse(readFileSync(`${FOLDER}/${file}`, 'utf8')) as Frozen)

const rowsOf = (frozen: Frozen, name: string): readonly unknown[] => {
  const rows = frozen[name] ?? frozen.settings[name]
  return rows === undefined ? [] : Array.isArray(rows) ? rows : [rows]
}

describe.each(ALL)('what is kept of %s', (name, stored) => {
  test('is read, whichever version wrote it', () => {
    for (const frozen of VERSIONS)
      for (const row of rowsOf(frozen, name)) expect(faultOf(readKept(stored, row))).toBeUndefined()
  })

  test('has rows of every version to show that', () => {
    // What was never changed has one version, whose rows may be missing: nothing could go wrong with them.
    if (stored.upgrades.length === 0) return
    expect(VERSIONS.filter((frozen) => rowsOf(frozen, name).length > 0).length).toBeGreaterThan(stored.upgrades.length)
  })

  test('is stood in for by what the rules can work with', () => {
    for (const kept of [undefined, null, 7, 'x', [], { name: 'x'.repeat(900), title: '', word: 'No Word!' }]) {
      const standIn = readKept(stored, kept ?? { 'kept/version': 1e9 })
      expect(faultIn(stored.schema, standIn)).toBeUndefined()
    }
    expect(faultOf(readKept(stored, { 'kept/version': 1e9 }))).toMatch(/a newer version/)
  })

  test('reads as it was written', () => {
    for (const frozen of VERSIONS.slice(-1))
      for (const row of rowsOf(frozen, name)) {
        const read = readKept(stored, row)
        expect(readKept(stored, JSON.parse(JSON.stringify(keptOf(stored, read))))).toEqual(read)
      }
  })
})

test('every group of settings that the rules write is declared, so that it is checked when it is read', () => {
  const channel = evening()
  for (const intent of arsenal(channel.world.lastId + 1)) channel.send(intent)
  const written = channel.world.all(settings).map(({ name }) => name)
  expect(written.length).toBeGreaterThan(4)
  expect(written.filter((name) => !SETTINGS.some((one) => one.name === name))).toEqual([])
})
