import type { EarningPlan } from '#core/earning'

/** What is typed in the form, as it is typed. */
export interface PlanDraft {
  readonly interval: string
  readonly unit: 'seconds' | 'minutes'
  readonly base: string
  readonly cap: string
}

export const draftOf = ({ intervalSeconds, base, cap }: EarningPlan): PlanDraft => {
  const inMinutes = intervalSeconds % 60 === 0
  return {
    interval: String(inMinutes ? intervalSeconds / 60 : intervalSeconds),
    unit: inMinutes ? 'minutes' : 'seconds',
    base: String(base),
    cap: cap === null ? '' : String(cap),
  }
}

const whole = (text: string): number | undefined => (/^\d{1,15}$/.test(text.trim()) ? Number(text) : undefined)

export interface ReadDraft {
  readonly plan?: EarningPlan
  readonly problems: Partial<Record<keyof PlanDraft, string>>
}

/** The plan that a draft stands for, or what is wrong with each field. */
export function readDraft({ interval, unit, base, cap }: PlanDraft): ReadDraft {
  const problems: ReadDraft['problems'] = {}
  const seconds = (whole(interval) ?? 0) * (unit === 'minutes' ? 60 : 1)
  const each = whole(base)
  const most = cap.trim() === '' ? null : whole(cap)
  if (seconds < 10 || seconds > 86_400) problems.interval = 'Give a whole number: at least 10 seconds, at most a day.'
  if (each === undefined || each > 1_000_000_000) problems.base = 'Give a whole number from 0 to 1,000,000,000.'
  if (most === undefined || most === 0) problems.cap = 'Give a whole number above 0, or leave it empty for no limit.'
  else if (most !== null && each !== undefined && each > most)
    problems.cap = 'One payment would already pass this limit.'
  if (Object.keys(problems).length > 0 || each === undefined || most === undefined) return { problems }
  return { plan: { intervalSeconds: seconds, base: each, cap: most }, problems }
}
