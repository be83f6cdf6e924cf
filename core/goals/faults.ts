import { isNobody } from '../access/index.ts'
import { digits } from '../currency/index.ts'
import { type Faults, foundFaults } from '../faults.ts'
import type { UnixSeconds } from '../schema.ts'
import { lookAlike } from '../texts/index.ts'
import type { GoalSettings } from './schema.ts'

/** What is around a goal that it refers to. */
export interface GoalAround {
  readonly at: UnixSeconds
  readonly alerts: ReadonlySet<number>
  /** The words of the other goals that have not ended. */
  readonly words: readonly { readonly word: string; readonly title: string }[]
}

/** What keeps a goal from being opened, by the place in its settings. Its steps are looked at apart. */
export function goalFaults(settings: GoalSettings, { at, alerts, words }: GoalAround): Faults {
  const { word, endsAt, smallest, largest, target, who, milestoneAlert, reachedAlert } = settings
  const other = words.find((one) => lookAlike(one.word) === lookAlike(word))
  const gone = (id: number | null) =>
    id === null || alerts.has(id) ? undefined : 'This alert was removed. Choose another, or none.'
  return {
    ...milestoneFaults(settings),
    ...foundFaults({
      word: /^\d/.test(word)
        ? 'A word that begins with a digit looks like an amount. Use another.'
        : other && `“${other.title}” has this word, too. Use another.`,
      endsAt: endsAt !== null && endsAt <= at ? 'This time has passed. Choose a later one, or none.' : undefined,
      smallest: smallest > target ? 'The smallest part is more than the goal takes.' : undefined,
      largest: largest > 0 && largest < smallest ? 'The most from one person is below the smallest part.' : undefined,
      who: isNobody(who) ? 'Nobody may chip in: choose who.' : undefined,
      milestoneAlert: gone(milestoneAlert),
      reachedAlert: gone(reachedAlert),
    }),
  }
}

function milestoneFaults({ milestones, target }: GoalSettings): Faults {
  const found: Record<string, string> = {}
  for (const [i, { at }] of milestones.entries()) {
    const before = milestones[i - 1]?.at ?? 0
    if (at <= before) found[`milestones.${i}.at`] = `It comes after ${digits(before)}: make it larger.`
    else if (at >= target) found[`milestones.${i}.at`] = `The goal itself is ${digits(target)}: make it smaller.`
  }
  return found
}

/** The first thing that was promised and would change, in words; undefined: none. @param reached - How many milestones are. */
export function fixedIn(before: GoalSettings, after: GoalSettings, reached: number): string | undefined {
  if (before.unreached !== after.unreached) return 'what happens with the money if it is not reached'
  if (before.withdraw !== after.withdraw) return 'whether one’s part can be taken back'
  const passed = before.milestones.slice(0, reached).map(({ at }) => at)
  const kept = after.milestones.slice(0, reached).map(({ at }) => at)
  return JSON.stringify(passed) === JSON.stringify(kept) ? undefined : 'a milestone that is reached'
}
