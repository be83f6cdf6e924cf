import { amount, digits, durationInWords } from '../currency/index.ts'
import type { UnixSeconds } from '../schema.ts'
import { showSaved } from '../screen/index.ts'
import { say } from '../voice/index.ts'
import type { World } from '../world/index.ts'
import { type GoalRow, type GoalTotalsRow, goalTotals, goalTotalsOf } from './rows.ts'
import { goalWords } from './settings.ts'
import { setTimer } from './timers.ts'

/** Says something about a goal in the room. */
export const tell = (world: World, text: string): void => say(world, { topic: 'goals', to: null, text })

const longInWords = (seconds: number): string =>
  seconds >= 2 * 86_400 ? `${Math.floor(seconds / 86_400)} days` : durationInWords(Math.max(1, seconds))

/** "“Mend the tram clock”: 1,200 of 5,000 rivets from 12 people, 3 days left. !chip 100 lamp". */
export function standsInWords(world: World, { id, settings, status }: GoalRow, at: UnixSeconds): string {
  const { title, target, word, endsAt } = settings
  const { paid, people } = goalTotalsOf(world, id)
  const from = people === 0 ? '' : ` from ${digits(people)} ${people === 1 ? 'person' : 'people'}`
  const left = endsAt === null ? '' : `, ${longInWords(endsAt - at)} left`
  const how = status === 'open' ? ` !${goalWords(world).chip.word} 100 ${word}` : ''
  return `“${title}”: ${digits(paid)} of ${amount(world, target)}${from}${left}.${how}`
}

/** Said when a goal opens: what it takes, how to chip in, and what becomes of the money. */
export function openedInWords(world: World, goal: GoalRow): string {
  const { title, target, word, unreached, endsAt } = goal.settings
  const end = endsAt === null ? '' : ` It ends in ${longInWords(endsAt - world.at)};`
  const money = unreached === 'refund' ? 'if it is not reached, everybody is refunded.' : 'what is chipped in stays in.'
  const rest = endsAt === null ? ` ${money.charAt(0).toUpperCase()}${money.slice(1)}` : ` ${money}`
  return `A goal for all of us: “${title}”, ${amount(world, target)}. Chip in: !${goalWords(world).chip.word} 100 ${word}.${end}${rest}`
}

/** What the moments of a goal can tell. */
export function figuresOf(world: World, { id, settings }: GoalRow) {
  const { paid, people } = goalTotalsOf(world, id)
  return { goal: id, title: settings.title, target: digits(settings.target), paid: digits(paid), people }
}

/** Tells every page that a goal stands differently now. */
export const tellChanged = (world: World, { id, status, settings }: GoalRow): void =>
  world.fact('goal.changed', 'everyone', { goal: id, status, title: settings.title, target: settings.target })

/** Shows an alert of the list for what a goal has come to, if it has one. */
export function showFor(world: World, { settings }: GoalRow, alert: number | null, name: string, line: string): void {
  if (alert === null) return
  const paid = amount(world, settings.target)
  showSaved(world, alert, { viewer: { name }, reward: { name: settings.title }, order: { text: line, cost: paid } })
}

/** Everybody is told at most this often how much is in (seconds). */
const TELL_SECONDS = 1

/** Writes down how much is in, and tells everybody: at once, or with what comes in within the next second. */
export function count(world: World, id: number, changed: Partial<GoalTotalsRow>): GoalTotalsRow {
  const before = goalTotalsOf(world, id)
  const next = { ...before, ...changed }
  if (next.tellAt !== null && next.tellAt >= world.at) return world.put(goalTotals, next)
  if (before.toldAt + TELL_SECONDS <= world.at || before.toldAt > world.at) return tellCount(world, next)
  const tellAt = before.toldAt + TELL_SECONDS
  setTimer(world, id, 'told', tellAt)
  return world.put(goalTotals, { ...next, tellAt })
}

/** Tells everybody how much is in. */
export function tellCount(world: World, row: GoalTotalsRow): GoalTotalsRow {
  const { id, people, paid, lastName, lastAmount } = row
  world.fact('goal.counted', 'everyone', { goal: id, people, paid, name: lastName, amount: lastAmount })
  return world.put(goalTotals, { ...row, tellAt: null, toldAt: world.at })
}
