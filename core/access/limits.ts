import { durationInWords } from '../currency/index.ts'
import type { Seconds, UnixSeconds, ViewerId } from '../schema.ts'
import { limitPeriod, showOnAir } from '../show/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { type CooldownRow, cooldowns } from './cooldowns.ts'
import type { Limits } from './schema.ts'

export const NO_LIMITS: Limits = { everyoneSeconds: 0, eachSeconds: 0, perViewer: 0, perShow: 0 }

/** What limits are kept by: `c`, `t` or `r` and the id of the command, trigger or reward; `g:` and the name of a game; `f` and the id of a raffle; `b` and the id of a bet; `o` and the id of a goal. */
export type LimitKey = `${'c' | 't' | 'r' | 'f' | 'b' | 'o'}${number}` | `g:${string}`

const eachKey = (of: LimitKey, viewer: ViewerId): string => `${of}/${viewer}`
const toldKey = (of: LimitKey): string => `${of}/told`
const taughtKey = (of: LimitKey, viewer: ViewerId): string => `${of}/taught/${viewer}`
const toldOneKey = (of: LimitKey, viewer: ViewerId): string => `${of}/told/${viewer}`

/** What checking limits needs. `viewer`: undefined for who is new or nobody. */
export function needLimits(of: LimitKey, viewer: ViewerId | undefined): Need[] {
  const own = viewer === undefined ? [] : [eachKey(of, viewer), toldOneKey(of, viewer), taughtKey(of, viewer)]
  return [of, toldKey(of), ...own].map((key) => needKey(cooldowns, key))
}

const rowOf = (world: World, key: string): CooldownRow =>
  world.get(cooldowns, key) ?? { key, until: 0, period: 0, used: 0 }

/** How often something was used in this show: by everyone, and by a viewer. Needs `needLimits`. */
export function usedInShow(world: World, of: LimitKey, viewer: ViewerId | null): { all: number; own: number } {
  const period = limitPeriod(world)
  const used = (key: string): number => {
    const row = rowOf(world, key)
    return row.period === period ? row.used : 0
  }
  return { all: used(of), own: viewer === null ? 0 : used(eachKey(of, viewer)) }
}

/**
 * Whether something may be used by its limits. A refusal's `until` is when it ends, 0 if that is not known.
 * @param at - When; left out: now.
 */
export function checkLimits(
  world: World,
  of: LimitKey,
  limits: Limits,
  viewer: ViewerId | null,
  at = world.at,
): Result<true> {
  const used = usedInShow(world, of, viewer)
  const when = showOnAir(world) === undefined ? 'until the next show' : 'this show'
  if (limits.perShow > 0 && used.all >= limits.perShow)
    return refuse('used_up', `That is used up: ${times(limits.perShow)} ${when}.`, { until: 0 })
  if (limits.perViewer > 0 && used.own >= limits.perViewer)
    return refuse('used_up_own', `You can do that ${times(limits.perViewer)} ${when}, and you have.`, { until: 0 })
  const rest = limits.everyoneSeconds > 0 ? rowOf(world, of).until : 0
  if (rest > at) return refuse('rests', `That is on cooldown for ${durationInWords(rest - at)}.`, { until: rest })
  const own = limits.eachSeconds > 0 && viewer !== null ? rowOf(world, eachKey(of, viewer)).until : 0
  if (own > at) return refuse('rests_own', `You can do that again in ${durationInWords(own - at)}.`, { until: own })
  return ok(true)
}

const times = (n: number): string => (n === 1 ? 'once' : `${n} times`)

/** Counts a use and starts the rests. @param ownOnly - It counts for the viewer, and for nobody else. */
export function countUse(world: World, of: LimitKey, limits: Limits, viewer: ViewerId | null, ownOnly = false): void {
  const used = usedInShow(world, of, viewer)
  const period = limitPeriod(world)
  if (!ownOnly) world.put(cooldowns, { key: of, until: world.at + limits.everyoneSeconds, period, used: used.all + 1 })
  if (viewer === null) return
  world.put(cooldowns, {
    key: eachKey(of, viewer),
    until: world.at + limits.eachSeconds,
    period,
    used: used.own + 1,
  })
}

/** Until when something rests for everyone (seconds since 1970); what has passed: it does not. */
export const restsUntil = (world: World, of: LimitKey): number => rowOf(world, of).until

/** Has something rest for everyone from now on. */
export function startRest(world: World, of: LimitKey, seconds: Seconds): void {
  world.put(cooldowns, { ...rowOf(world, of), until: world.at + seconds })
}

/**
 * Takes a use back that came to nothing: it does not count. What rests since then goes on resting.
 * @param period - What it counted towards; of an earlier one there is nothing to take back any more.
 */
export function uncountUse(world: World, of: LimitKey, viewer: ViewerId, period: number): void {
  for (const key of [of, eachKey(of, viewer)]) {
    const row = rowOf(world, key)
    if (row.period === period && row.used > 0) world.put(cooldowns, { ...row, used: row.used - 1 })
  }
}

/** How long a refusal is not repeated to somebody (seconds). */
const SPELL_SECONDS = 60

/** What teaches how a command is called. */
const TEACHING: ReadonlySet<string> = new Set(['arguments_wrong', 'name_unknown', 'name_unsure', 'amount_not_whole'])

/**
 * Whether a refusal is to be told: once per spell. Of what rests or is used up for everyone, chat is told once until that is
 * over; of anything else each viewer once a minute. A call that was made wrongly is answered each time, but not in a flood.
 */
export function tellsRefusal(world: World, of: LimitKey, viewer: ViewerId, code: string, until: UnixSeconds): boolean {
  if (TEACHING.has(code)) return spell(world, taughtKey(of, viewer), world.at + 5)
  if (code === 'rests') return spell(world, toldKey(of), until)
  if (code === 'used_up') return spell(world, toldKey(of), world.at + SPELL_SECONDS)
  return spell(world, toldOneKey(of, viewer), Math.max(until, world.at + SPELL_SECONDS))
}

function spell(world: World, key: string, until: UnixSeconds): boolean {
  const row = rowOf(world, key)
  if (row.until > world.at) return false
  world.put(cooldowns, { ...row, until })
  return true
}
