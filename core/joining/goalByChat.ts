import { needLimits } from '../access/index.ts'
import { chipIn, type GoalRow, goalWords, needChip, runningGoals, standsInWords, takePartBack } from '../goals/index.ts'
import { findViewer, type ViewerRow } from '../people/index.ts'
import { lookAlike } from '../texts/index.ts'
import { type Need, ok, type Result, refuse, type World } from '../world/index.ts'
import type { Joined } from './joined.ts'

const BACK: ReadonlySet<string> = new Set(['back', 'out'])

interface Typed {
  readonly goal: GoalRow
  /** Null: the part is taken back. */
  readonly amount: string | null
}

const open = (world: World): GoalRow[] => runningGoals(world).filter(({ status }) => status === 'open')

const example = (world: World, { settings }: GoalRow): string => `!${goalWords(world).chip.word} 100 ${settings.word}`

/** "200", "200 lamp", "lamp 200", "back lamp": an amount, and the goal where there are several. */
function typedIn(world: World, rest: string): Result<Typed> {
  const goals = open(world)
  const [only, other] = goals
  if (only === undefined) return refuse('goal_not_found', 'No goal is open.')
  const words = rest
    .split(/\s+/u)
    .filter((word) => word !== '')
    .slice(0, 2)
  const named = goals.find(({ settings }) => words.some((word) => lookAlike(word) === lookAlike(settings.word)))
  const amount = words.find((word) => named === undefined || lookAlike(word) !== lookAlike(named.settings.word))
  const goal = named ?? (other === undefined ? only : undefined)
  if (goal === undefined)
    return refuse(
      'goal_typed',
      `For which goal? ${goals
        .slice(0, 6)
        .map((one) => example(world, one))
        .join(', or ')}.`,
    )
  if (amount === undefined) return refuse('goal_typed', `How much? Type ${example(world, goal)}.`)
  return ok({ goal, amount: BACK.has(amount.toLowerCase()) ? null : amount.slice(0, 40) })
}

/** What a line with the word to chip in needs. */
export function needChipLine(world: World, rest: string, account: string): Need[] {
  const typed = typedIn(world, rest)
  const viewer = findViewer(world, account)?.id
  const limits = needLimits(`o${typed.ok ? typed.value.goal.id : 0}`, viewer)
  return typed.ok ? [...limits, ...needChip(typed.value.goal.id, viewer)] : limits
}

/** Chips in, or takes back, as a line of chat says it. Needs `needChipLine`. */
export function chipLine(world: World, viewer: ViewerRow, rest: string): Joined {
  const typed = typedIn(world, rest)
  if (!typed.ok) return { key: 'o0', told: typed.refusal }
  const { goal, amount } = typed.value
  const done = amount === null ? takePartBack(world, goal, viewer) : chipIn(world, goal, viewer, amount)
  return { key: `o${goal.id}`, told: done.ok ? done.value.told : done.refusal }
}

/** How the goals stand, or one of them. */
export function goalLine(world: World, _: ViewerRow, rest: string): Joined {
  const goals = open(world)
  const word = lookAlike(rest.split(/\s+/u)[0] ?? '')
  const named = goals.filter(({ settings }) => lookAlike(settings.word) === word)
  const told = (named.length > 0 ? named : goals).slice(0, 3).map((goal) => standsInWords(world, goal, world.at))
  return { key: 'o0', told: told.length === 0 ? 'No goal is open right now.' : told.join(' ') }
}
