import { Type } from '@sinclair/typebox'
import { chanceFor } from '../fairness/index.ts'
import { exactly } from '../schema.ts'
import { readSetting, setting } from '../settings/index.ts'
import { atWord, type Fields, faultsOf, render } from '../texts/index.ts'
import { type Saying, say, withCommitment } from '../voice/index.ts'
import type { World } from '../world/index.ts'
import { GAME_TEXTS, type GameTextKey } from './texts.ts'

/** The streamer's own words, by the key of a text: alternatives, one of which is picked each time. */
export type OwnTexts = Readonly<Partial<Record<GameTextKey, readonly string[]>>>

const OwnTexts = Type.Unsafe<OwnTexts>(Type.Record(Type.String(), Type.Array(Type.String())))

export const gameTextsSetting = setting('game.texts', 'set of game texts', exactly({ texts: OwnTexts }), { texts: {} })

/** A line of chat; and of results, which name many, two of them. */
const LINE_BYTES = 340
const RESULT_BYTES = 2 * LINE_BYTES

/** What a text says, in the streamer's words or ours: one of its alternatives, picked from the open seed. */
export function gameText(world: World, key: GameTextKey, fields: Fields): string {
  const own = readSetting(world, gameTextsSetting).texts[key]
  const { ours, long } = GAME_TEXTS[key]
  const all: readonly string[] = own === undefined || own.length === 0 ? ours : own
  const at = all.length === 1 ? 0 : chanceFor(world, `text/${world.nextId()}`).below(all.length)
  const filled = render(all[at] ?? '', fields)
  const bytes = long ? RESULT_BYTES : LINE_BYTES
  if (filled.ok) return atWord(filled.text, bytes)
  // A text that cannot be filled in must not lose what it reports.
  const plain = render(ours[0] ?? '', fields)
  return plain.ok ? atWord(plain.text, bytes) : ''
}

/** Says a text of the games in the room, or to somebody alone. @returns What is said. */
export function tell(world: World, key: GameTextKey, fields: Fields, how: Partial<Saying> = {}): string {
  const text = withCommitment(world, gameText(world, key, fields), String(fields.commitment ?? ''))
  say(world, { topic: 'games', to: null, text, ...how })
  return text
}

/** What is wrong with the alternatives for a text; undefined: nothing. */
export function textFault(key: GameTextKey, all: readonly string[]): string | undefined {
  for (const [i, one] of all.entries()) {
    const [fault] = faultsOf(one, GAME_TEXTS[key].fields)
    if (fault !== undefined) return `Text ${i + 1}: ${fault}`
    if (one.trim() === '') return `Text ${i + 1} is empty. Write something or remove it.`
  }
  return undefined
}

/** What a text looks like with made-up figures, for the form. @param many - What the currency is called. */
export function sampleText(key: GameTextKey, text: string, many = 'points'): string {
  const fields: Record<string, unknown> = {}
  for (const { path, sample: ours } of GAME_TEXTS[key].fields) {
    const sample = typeof ours === 'string' ? ours.replace(/(?<=\d )points$/, many) : ours
    const [first = '', second] = path.split('.')
    fields[first] = second === undefined ? sample : { ...(fields[first] as object | undefined), [second]: sample }
  }
  const filled = render(text, fields)
  return filled.ok ? filled.text : filled.why
}

/** How many people are named in a line. */
const NAMED = 8

/** Names as a list that stays readable: "pia 20, jo 15 and 12 more"; nobody: "nobody". */
export function listed(names: readonly string[], most = NAMED): string {
  if (names.length === 0) return 'nobody'
  if (names.length <= most) return names.join(', ')
  return `${names.slice(0, most).join(', ')} and ${names.length - most} more`
}
