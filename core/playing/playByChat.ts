import { tellsRefusal } from '../access/index.ts'
import {
  type Act,
  type GameVerb,
  gameKey,
  gameOf,
  nameIn,
  needAct,
  needPlayer,
  needPlayerRow,
  play,
  readAct,
} from '../games/index.ts'
import { findViewer, type ViewerRow } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { type Asker, voiceSetting } from '../voice/index.ts'
import { findNamed, needNamed, typedName } from '../words/index.ts'
import { type Need, type Result, refuse, type World } from '../world/index.ts'

/** What a line of a game needs. */
export function needGameLine(world: World, verb: GameVerb, rest: string, account: string): Need[] {
  const name = nameIn(verb, rest)
  const viewer = findViewer(world, account)?.id
  const needed = [...needPlayer(gameOf({ do: verb }), viewer), ...(name === undefined ? [] : needNamed(world, name))]
  if (!needed.every((need) => world.rows.has(need))) return needed
  const found = name === undefined ? undefined : findNamed(world, name)
  if (found?.ok) needed.push(...needPlayerRow(found.value.id))
  if (!needed.every((need) => world.rows.has(need))) return needed
  const act = actIn(world, verb, rest)
  return act.ok ? [...needed, ...needAct(world, viewer, act.value)] : needed
}

/** Reads what a line says; or how it is typed. Needs whom it names. */
function actIn(world: World, verb: GameVerb, rest: string): Result<Act> {
  const [first = '', second = ''] = rest.split(/\s+/u).filter((one) => one !== '')
  return readAct(world, verb, { rest, first, second, named: (name) => personNamed(world, name) })
}

function personNamed(world: World, name: string): Result<ViewerRow> {
  if (typedName(name) === '') return refuse('viewer_not_found', 'Nobody is named.')
  const found = findNamed(world, name)
  if (found.ok) return found
  const { code, sentence } = found.refusal
  return refuse(code, `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}`)
}

/** Plays as a line of chat says it. @returns What is answered beside what was said in the room; undefined: nothing. */
export function playByChat(
  world: World,
  viewer: ViewerRow,
  { verb, rest }: { readonly verb: GameVerb; readonly rest: string },
  asker: Asker,
): string | undefined {
  const act = actIn(world, verb, rest)
  const before = world.mark()
  const played = act.ok ? play(world, viewer, act.value) : act
  if (played.ok) {
    const alone = asker.privately || SAID_BY_NOBODY.has(verb)
    return alone ? played.value.told : undefined
  }
  world.undo(before)
  const { code, sentence, data } = played.refusal
  const key = gameKey(gameOf({ do: verb }))
  const told = tellsRefusal(world, key, viewer.id, code, Number(data?.until ?? 0))
  return told || readSetting(world, voiceSetting).reply === 'private' ? `${viewer.name}: ${sentence}` : undefined
}

/** What no text of the games tells in the room: the answer is all there is. */
const SAID_BY_NOBODY: ReadonlySet<GameVerb> = new Set(['sitout'])
