import { tellsRefusal } from '../access/index.ts'
import {
  type Act,
  type GameVerb,
  gameKey,
  gameOf,
  needAct,
  needPlayer,
  needPlayerRow,
  play,
  playerOf,
  readSpan,
  settingsOf,
} from '../games/index.ts'
import { findViewer, type ViewerRow } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { type Asker, voiceSetting } from '../voice/index.ts'
import { findNamed, needNamed, typedName } from '../words/index.ts'
import { type Need, ok, type Result, refuse, type World } from '../world/index.ts'

/** An amount as people type it, to be told from a name. */
const AMOUNT = /^(all|half|\d[\d.,'’_]*[km]?)$/iu

const words = (rest: string): string[] => rest.split(/\s+/u).filter((one) => one !== '')

/** Whom a line names: of a duel, or whose challenge is taken. */
function nameIn(verb: GameVerb, rest: string): string | undefined {
  const [first, second] = words(rest)
  if (verb === 'take') return first
  if (verb !== 'duel') return undefined
  if (first !== undefined && (first.startsWith('@') || !AMOUNT.test(first))) return first
  return second
}

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

/** Reads what somebody wants to do in a game; or how it is typed. Needs whom it names. */
function actIn(world: World, verb: GameVerb, rest: string): Result<Act> {
  const [first = '', second = ''] = words(rest)
  switch (verb) {
    case 'heist':
      return heistIn(world, first, second)
    case 'duel':
      return duelIn(world, rest)
    case 'take':
      return takeIn(world, first)
    case 'roulette':
      return ok({ do: 'roulette', bets: rest.slice(0, 300) })
    case 'reels':
      return first === ''
        ? usage(`!${settingsOf(world, 'reels').word.word} 50`)
        : ok({ do: 'reels', stake: first.slice(0, 40) })
    case 'coin':
      return coinIn(world, first, second)
    case 'sitout':
      return ok({ do: 'sitout', seconds: readSpan(rest) ?? 0 })
    case 'out':
    case 'pass':
    case 'withdraw':
    case 'cup':
    case 'scramble':
      return ok({ do: verb })
    case 'boss':
      return first === ''
        ? usage(`!${settingsOf(world, 'boss').word.word} 50`)
        : ok({ do: 'boss', stake: first.slice(0, 40) })
  }
}

const usage = (example: string): Result<never> => refuse('arguments_wrong', `Type it like ${example}.`)

function heistIn(world: World, stake: string, room: string): Result<Act> {
  const { word } = settingsOf(world, 'heist').word
  if (stake === '') return usage(`!${word} 50, or !${word} 50 2 to leave after the second room`)
  if (room !== '' && !/^[1-9]\d?$/.test(room))
    return refuse(
      'arguments_wrong',
      `"${room.slice(0, 20)}" is not a room. Type !${word} 50 2 to leave after the second room.`,
    )
  return ok({ do: 'heist', stake: stake.slice(0, 40), leaveAfter: room === '' ? null : Number(room) })
}

function duelIn(world: World, rest: string): Result<Act> {
  const { word } = settingsOf(world, 'duel').word
  const name = nameIn('duel', rest)
  const stake = words(rest).find((one) => one !== name)
  if (stake === undefined) return usage(`!${word} valve_vera 50, or !${word} 50 for a duel open to anyone`)
  if (name === undefined) return ok({ do: 'duel', stake: stake.slice(0, 40), challenged: null })
  const found = findNamed(world, name)
  if (!found.ok)
    return refuse(
      found.refusal.code,
      `${found.refusal.sentence.charAt(0).toUpperCase()}${found.refusal.sentence.slice(1)}`,
    )
  return ok({ do: 'duel', stake: stake.slice(0, 40), challenged: found.value.id })
}

function takeIn(world: World, name: string): Result<Act> {
  if (typedName(name) === '') return ok({ do: 'take' })
  const found = findNamed(world, name)
  // Words behind it are talk, unless they name whose challenge is meant.
  const duel = found.ok ? playerOf(world, found.value.id).at.duel : undefined
  return ok(duel === undefined ? { do: 'take' } : { do: 'take', duel })
}

function coinIn(world: World, stake: string, side: string): Result<Act> {
  const { word } = settingsOf(world, 'coin').word
  const called = side.toLowerCase()
  if (stake === '' || !['', 'heads', 'tails', 'h', 't'].includes(called))
    return usage(`!${word} 50, or !${word} 50 tails`)
  return ok({ do: 'coin', stake: stake.slice(0, 40), side: called.startsWith('t') ? 'tails' : 'heads' })
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
