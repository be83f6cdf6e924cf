import { type GoalSettings, PLAIN_GOAL } from '#core/goals'
import { STREAMER } from '../../standin/src/people.ts'
import type { Submit } from './submit.ts'

const CLOCK: GoalSettings = {
  ...PLAIN_GOAL,
  title: 'Mend the tram clock, live and to the end',
  description: 'A whole evening for the one clock that everybody asks about.',
  word: 'clock',
  picture: 'clock',
  target: 12_000,
  milestones: [
    { at: 3000, name: 'New springs', steps: [] },
    { at: 7000, name: 'A new glass', steps: [] },
  ],
  steps: [{ do: 'say', text: 'The tram clock it is, thanks to all of you!' }],
}

const KETTLE: GoalSettings = {
  ...PLAIN_GOAL,
  title: 'A kettle for the workshop',
  word: 'kettle',
  picture: 'sparks',
  target: 800,
}

interface Person {
  readonly account: string
  readonly name: string
}

/** A goal that is reached, one that is on its way, and one that is planned. */
export async function runningGoals(
  submit: Submit,
  chance: () => number,
  people: readonly Person[],
  at: number,
): Promise<void> {
  await made(submit, chance, people, at, KETTLE)
  await made(submit, chance, people, at + 86_400, CLOCK)
  const settings = { ...KETTLE, title: 'Paint the shelf blue', word: 'shelf', target: 2500, follows: true }
  await submit(at, { kind: 'goal.make', settings, opens: false, by: STREAMER.account })
}

async function made(
  submit: Submit,
  chance: () => number,
  people: readonly Person[],
  at: number,
  settings: GoalSettings,
): Promise<void> {
  const opened = await submit(at, { kind: 'goal.make', settings, opens: true, by: STREAMER.account })
  if (!opened.ok) return
  for (const { account, name } of people) {
    const amount = 10 * (2 + Math.floor(chance() ** 2 * 18))
    const who = { account, name }
    await submit(at + chance() * 7200, { kind: 'goal.chip', who, goal: opened.value.goal, amount })
  }
}
