import type { Faults } from '#core/faults'
import { type GoalSettings, goalFaults, GoalSettings as Schema } from '#core/goals'
import { checkSteps, faultInWords } from '#core/runs'
import type { Step } from '#core/steps'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { aroundView, type CommandsView } from '../commands/view.ts'
import type { DeskGoal, GoalsView } from './view.ts'

/** What a goal’s steps can tell. */
const FIGURES = {
  title: 'what is promised',
  target: 'how much it takes',
  paid: 'how much is in it',
  people: 'how many have chipped in',
  milestone: 'what the milestone is called',
}

export const aroundSteps = (commands: CommandsView) => ({
  arguments: [],
  figures: FIGURES,
  viewer: true,
  ...aroundView(commands),
})

/** What keeps a goal from being opened, by field. @param commands - Undefined where they may not be looked at. */
export function wrongWith(
  draft: GoalSettings,
  view: GoalsView,
  goal: DeskGoal | undefined,
  commands: CommandsView | undefined,
): Faults {
  const words = view.running.filter(({ id }) => id !== goal?.id).map(({ word, title }) => ({ word, title }))
  const alerts = new Set(view.alerts.map(({ id }) => id))
  const inSteps = (steps: readonly Step[]) => {
    const fault = commands && checkSteps(steps, aroundSteps(commands)).find(({ hint }) => !hint)
    return fault && faultInWords(fault)
  }
  return faultsIn(Schema, draft, {
    title: draft.title.trim() === '' ? 'Type what you promise.' : undefined,
    word: draft.word === '' ? 'Type a word for chat.' : undefined,
    ...goalFaults(draft, { at: view.now, alerts, words }),
    steps: inSteps(draft.steps),
    ...Object.fromEntries(
      draft.milestones.map(({ name, steps }, i) => [
        `milestones.${i}`,
        name.trim() === '' ? `Milestone ${i + 1} needs a name.` : inSteps(steps),
      ]),
    ),
  })
}
