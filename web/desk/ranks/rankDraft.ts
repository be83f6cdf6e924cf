import { digits } from '#core/currency'
import type { Rank, RankPlan } from '#core/ranks'
import type { Ranks } from './ranks.ts'

type RankSpread = Pick<Ranks['counts']['ranks'][number], 'watchedSeconds' | 'earned'>

/** A rank as it is being typed. `from`: hours, or currency earned. */
export interface RankLine {
  readonly id: number
  readonly name: string
  readonly from: string
  readonly needs: string
  readonly badge: Rank['badge']
}

/** Minutes as the hours they are: 90 -> "1.5". */
export const hoursOf = (minutes: number): string => String(Math.round((minutes / 60) * 100) / 100)

export const linesOf = ({ ranks, measure }: RankPlan): RankLine[] =>
  ranks.map(({ id, name, from, needs, badge }) => ({
    id,
    name,
    from: measure === 'hours' ? hoursOf(from) : String(from),
    needs: needs ?? '',
    badge,
  }))

/**
 * The lines once ranks are based on something else: hours say nothing of an amount, so the thresholds are asked for anew; those
 * that are saved come back with their metric.
 */
export const linesFor = (measure: RankPlan['measure'], saved: RankPlan, lines: readonly RankLine[]): RankLine[] => {
  const known = measure === saved.measure ? linesOf(saved) : []
  return lines.map((line) => ({ ...line, from: known.find(({ id }) => id === line.id)?.from ?? '' }))
}

/** What most holders have: "12 to 80 hours, half up to 31". */
export function spreadInWords(spread: RankSpread, measure: RankPlan['measure']): string {
  const { low, half, high } = measure === 'hours' ? spread.watchedSeconds : spread.earned
  const shown = (value: number) => (measure === 'hours' ? hoursOf(Math.round(value / 60)) : digits(value))
  return `${shown(low)} to ${shown(high)}, half up to ${shown(half)}`
}

function readFrom(text: string, measure: RankPlan['measure']): number {
  const plain = text.trim().replaceAll(',', '')
  if (measure === 'earned') return /^\d{1,15}$/.test(plain) ? Number(plain) : Number.NaN
  return /^\d{1,6}(\.\d{1,2})?$/.test(plain) ? Math.round(Number(plain) * 60) : Number.NaN
}

/** The ranks that the lines stand for, or what is wrong with the first that cannot be read. */
export function readLines(lines: readonly RankLine[], measure: RankPlan['measure']): Rank[] | string {
  const ranks = lines.map(({ id, name, from, needs, badge }) => ({
    id,
    name: name.trim(),
    from: readFrom(from, measure),
    needs: needs === '' ? null : needs,
    badge,
  }))
  const nameless = ranks.findIndex(({ name }) => name === '')
  if (nameless >= 0) return `Type a name for rank ${nameless + 1}.`
  const wrong = ranks.find(({ from }) => Number.isNaN(from))
  if (wrong === undefined) return ranks
  return measure === 'hours'
    ? `Type a number of hours for "${wrong.name}", like 12 or 1.5.`
    : `Type a whole number from 0 up for "${wrong.name}".`
}

/** Whether what is typed of where a rank begins says nothing; an empty one is only not there yet. */
export const isUnreadable = ({ from }: RankLine, measure: RankPlan['measure']): boolean =>
  from.trim() !== '' && Number.isNaN(readFrom(from, measure))

/** A new line behind the last. */
export const newLine = (lines: readonly RankLine[]): RankLine => ({
  id: Math.max(0, ...lines.map(({ id }) => id)) + 1,
  name: '',
  from: '',
  needs: '',
  badge: 'bolt',
})
