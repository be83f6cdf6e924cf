import { accounts } from '../ledger/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { ViewerId } from '../schema.ts'
import { type Need, needKey, ok, type Result, type World } from '../world/index.ts'
import { needPlayer } from './allowed.ts'
import { type Act, type GameVerb, gameOf } from './declared.ts'
import { needEveryone } from './needEveryone.ts'
import type { ActPlay, Typed } from './play.ts'
import type { Played } from './played.ts'
import { PLAYS } from './plays.ts'
import { playerOf, rounds } from './rounds.ts'
import { readSpan, sitOut } from './sitOut.ts'

const SIT_OUT: ActPlay<Extract<Act, { do: 'sitout' }>> = {
  read: (_, { rest }) => ok({ do: 'sitout', seconds: readSpan(rest) ?? 0 }),
  play: (world, viewer, { seconds }) => sitOut(world, viewer, seconds),
}

// Each act bears its verb, by which how it is done is found: that the two fit is what `GamePlay` holds the games to.
const ACTS: Readonly<Record<string, ActPlay<Act>>> = Object.assign(
  { sitout: SIT_OUT },
  ...Object.values(PLAYS).map(({ acts }) => acts),
)

function actPlay(verb: GameVerb): ActPlay<Act> {
  const found = ACTS[verb]
  if (found === undefined) throw new Error(`Nobody plays ${verb}.`)
  return found
}

/** Whom a line of a game names; undefined: nobody. */
export const nameIn = (verb: GameVerb, rest: string): string | undefined => actPlay(verb).names?.(rest)

/** Reads what somebody wants to do in a game; or how it is typed. Needs whom it names. */
export const readAct = (world: World, verb: GameVerb, typed: Typed): Result<Act> => actPlay(verb).read(world, typed)

/** What an act needs. @param viewer - Undefined for who is new. */
export function needAct(world: World, viewer: ViewerId | undefined, act: Act): Need[] {
  const needed = needPlayer(gameOf(act), viewer)
  const ready = () => needed.every((need) => world.rows.has(need))
  if (!ready()) return needed
  const { rounds: about, needs, mayEnd } = actPlay(act.do)
  const at = viewer === undefined ? {} : playerOf(world, viewer).at
  const ids = (about?.(world, at, act) ?? []).filter((id): id is number => id !== undefined)
  needed.push(...ids.flatMap((id) => [needKey(rounds, id), needKey(accounts, id)]))
  if (!ready()) return needed
  needed.push(...(needs?.(world, at, act) ?? []))
  if (mayEnd) needed.push(...ids.flatMap((id) => needPeople(world, id)))
  return needed
}

/** What paying everybody in a small round needs. */
function needPeople(world: World, id: number): Need[] {
  const round = world.rows.has(needKey(rounds, id)) ? world.get(rounds, id) : undefined
  return round === undefined ? [] : needEveryone(world, round)
}

/** Does what somebody wants to do in a game. All of it happens, or nothing but the refusal. Needs `needAct`. */
export const play = (world: World, viewer: ViewerRow, act: Act): Result<Played> =>
  actPlay(act.do).play(world, viewer, act)
