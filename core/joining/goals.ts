import { type Faults, firstFault } from '../faults.ts'
import {
  changeGoalSettings,
  chipIn,
  type GoalRun,
  type GoalSettings,
  type GoalWords,
  goalFaults,
  goals,
  goalsSetting,
  needChip,
  openGoal,
  runningGoal,
  runningGoals,
  takePartBack,
  tellChanged,
} from '../goals/index.ts'
import { balanceOf } from '../ledger/index.ts'
import { findViewer, keyOf, meet, needWatch, viewers, type Who } from '../people/index.ts'
import {
  aroundIn,
  checkSteps,
  finishRun,
  needAbout,
  needSteps,
  newRun,
  queued,
  refusedRun,
  runs,
} from '../runs/index.ts'
import type { Amount, GoalId } from '../schema.ts'
import { openAlerts } from '../screen/index.ts'
import { writeSetting } from '../settings/index.ts'
import { checkListeners, goalListeners, otherListeners } from '../words/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'

/** So many goals are open or planned at most. */
const MOST_GOALS = 20

const FIGURES = {
  title: 'what is promised',
  target: 'how much it takes',
  paid: 'how much is in it',
  people: 'how many have chipped in',
  milestone: 'what the milestone is called',
}

/** What keeps a goal from being opened or changed, by place: its settings, and its steps. @param but - The goal itself. */
function goalFaultsIn(world: World, settings: GoalSettings, but: GoalId | null): Faults {
  const words = runningGoals(world)
    .filter(({ id }) => id !== but)
    .map((goal) => ({ word: goal.settings.word, title: goal.settings.title }))
  const alerts = new Set(openAlerts(world).map(({ id }) => id))
  const around = aroundIn(world, { arguments: [], figures: FIGURES, viewer: true })
  const inSteps = (steps: GoalSettings['steps']) => checkSteps(steps, around).find(({ hint }) => !hint)?.sentence
  const lists = [
    ['steps', settings.steps],
    ...settings.milestones.map(({ steps }, i) => [`milestones.${i}.steps`, steps]),
  ]
  const found = lists.flatMap(([at, steps]) => {
    const fault = inSteps(steps as GoalSettings['steps'])
    return fault === undefined ? [] : [[at as string, fault] as const]
  })
  return { ...goalFaults(settings, { at: world.at, alerts, words }), ...Object.fromEntries(found) }
}

function checkGoal(world: World, settings: GoalSettings, but: GoalId | null): Result<true> {
  const fault = firstFault(goalFaultsIn(world, settings, but))
  return fault === undefined ? ok(true) : refuse('goal_invalid', fault)
}

export interface MakeGoal {
  readonly kind: 'goal.make'
  readonly settings: GoalSettings
  /** Whether it opens at once; if not, it is planned. */
  readonly opens: boolean
  readonly by: string
}

/** Makes a goal, and opens it if that is wanted at once. One that is not whole is refused. */
export const makeGoal = {
  decide(world, { settings, opens, by }) {
    const checked = checkGoal(world, settings, null)
    if (!checked.ok) return checked
    if (runningGoals(world).length >= MOST_GOALS)
      return refuse('goals_full', `${MOST_GOALS} goals are open or planned already. End or call off some of them.`)
    const made = world.put(goals, {
      ...{ id: world.nextId(), settings, status: 'planned', byName: by, madeAt: world.at },
      ...{ openedAt: null, endedAt: null, reached: 0, returned: 0, endsAs: null, why: null },
    })
    if (!opens) {
      tellChanged(world, made)
      return ok({ goal: made.id, status: made.status })
    }
    const opened = openGoal(world, made)
    return opened.ok ? ok({ goal: made.id, status: opened.value.status }) : opened
  },
} satisfies Handler<MakeGoal>

export interface ChangeGoal {
  readonly kind: 'goal.change'
  readonly goal: GoalId
  readonly settings: GoalSettings
}

/** Changes a goal that has not ended. */
export const changeGoal = {
  decide(world, { goal: id, settings }) {
    const goal = runningGoal(world, id)
    if (goal === undefined) return refuse('goal_not_found', 'This goal no longer exists or has ended.')
    const checked = checkGoal(world, settings, id)
    if (!checked.ok) return checked
    const changed = changeGoalSettings(world, goal, settings)
    return changed.ok ? ok({ goal: id }) : changed
  },
} satisfies Handler<ChangeGoal>

export interface ChangeGoalWords {
  readonly kind: 'goals.words'
  readonly words: GoalWords
}

/** Changes the words by which people chip in and hear how goals stand. */
export const changeGoalWords = {
  decide(world, { words }) {
    const checked = checkListeners([...otherListeners(world, { goals: true }), ...goalListeners(words)])
    if (!checked.ok) return checked
    writeSetting(world, goalsSetting, words)
    world.fact('goal.words', 'desk', {})
    return ok({})
  },
} satisfies Handler<ChangeGoalWords>

export interface ChipByPage {
  readonly kind: 'goal.chip'
  readonly who: Who
  readonly goal: GoalId
  /** Null: one's part is taken back. */
  readonly amount: Amount | null
}

/** Chipping in on the viewer page, or taking back: the same as in chat. */
export const chipByPage = {
  needs(world, { who, goal }) {
    const needed = needWatch(world, keyOf(who))
    if (!needed.every((need) => world.rows.has(need))) return needed
    return [...needed, ...needChip(goal, findViewer(world, keyOf(who))?.id)]
  },
  decide(world, { who, goal: id, amount }) {
    const viewer = meet(world, who)
    const goal = runningGoal(world, id)
    if (goal === undefined) return refuse('goal_ended', 'This goal is over.')
    const done = amount === null ? takePartBack(world, goal, viewer) : chipIn(world, goal, viewer, amount)
    return done.ok ? ok({ ...done.value, balance: balanceOf(world, viewer.id) }) : done
  },
} satisfies Handler<ChipByPage>

/** Does the steps of a milestone or of the end of a goal: all or none; what fails is in the log. */
export const runGoalSteps = {
  needs: (world, { viewer, steps }) => [
    ...needAbout(viewer),
    ...needSteps(world, steps, { caller: viewer, named: {} }),
  ],
  decide(world, { goal, name, viewer: id, figures, steps }) {
    const before = world.mark()
    const caller = world.get(viewers, id)
    const source = { source: 'goal', of: goal, name } as const
    const run = newRun({
      ...{ world, id: world.nextId(), source, limitKey: `o${goal}`, caller, wanted: [], given: {}, figures },
      ...{ depth: 1, asker: null, reply: null, paid: 0, taken: 0 },
    })
    const finished = finishRun(run, queued(steps), null)
    if (finished.ok) return ok({})
    world.undo(before)
    const base = { id: world.nextId(), at: world.at, ...source, viewer: id, viewerName: caller?.name ?? null }
    world.append(runs, refusedRun(base, finished.refusal))
    world.fact('run.ended', 'desk', { run: base.id, outcome: 'refused' })
    return ok({})
  },
} satisfies Handler<GoalRun>
