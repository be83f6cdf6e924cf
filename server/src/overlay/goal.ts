import { goalsSetting } from '#core/goals'
import type { Reader } from '../database/index.ts'
import { goalHead, runningGoalRows } from '../goals/index.ts'
import { settingOf } from '../settings/index.ts'

/** The goal that is looked at, as its piece shows it: of several the one that has come furthest. */
export async function goalOnScreen(db: Reader, channel: number) {
  const open = (await runningGoalRows(db, channel)).filter(({ status }) => status === 'open').map(goalHead)
  const [goal] = open.sort((a, b) => b.paid / b.target - a.paid / a.target || a.id - b.id)
  if (goal === undefined) return undefined
  const { id, title, paid, target, milestones, lastName, lastAmount, word } = goal
  const { chip } = await settingOf(db, channel, goalsSetting)
  const how = open.length > 1 ? `${chip.word} 100 ${word}` : `${chip.word} 100`
  return { goal: { id, title, paid, target, milestones, lastName, lastAmount, word: how } }
}
