import type { Step } from '../steps/index.ts'
import { fieldsOf } from '../texts/index.ts'
import { textsOf } from './mentions.ts'
import { type Fault, listsOf } from './within.ts'

const moves = (step: Step): boolean => step.do === 'pay' || step.do === 'take'

/** All money of one run moves at once: it stands on one side of every wait. */
export function moneyFaults(steps: readonly Step[]): Fault[] {
  const faults: Fault[] = []
  const go = (
    list: readonly Step[],
    at: readonly number[],
    state: { paid: boolean; waited: boolean },
  ): typeof state => {
    let now = state
    for (const [i, step] of list.entries()) {
      const here = [...at, i]
      if (step.do === 'wait') now = { ...now, waited: now.paid }
      if (moves(step)) {
        if (now.waited)
          faults.push({
            at: here,
            sentence:
              'Currency moves before and after a wait. Put all of it on one side of the wait, so that it moves at once.',
            hint: false,
          })
        now = { ...now, paid: true }
      }
      const ends = listsOf(step).map((within, k) => go(within, [...here, k], now))
      for (const end of ends) now = { paid: now.paid || end.paid, waited: now.waited || end.waited }
    }
    return now
  }
  go(steps, [], { paid: false, waited: false })
  return faults
}

/** Texts that tell a value which a later step changes: they tell what it was before. */
export function laterFaults(steps: readonly Step[], at: readonly number[]): Fault[] {
  return steps.flatMap((step, i) => {
    const here = [...at, i]
    const later = steps.slice(i + 1)
    const told = textsOf(step)
      .flatMap(fieldsOf)
      .map((path) => path.join('.'))
    const stale = [...new Set(told)].filter((path) => later.some((one) => changes(one, path)))
    const own = stale.map(
      (path): Fault => ({
        at: here,
        sentence: `"${path}" is changed further down: this text shows the value before that. Move the text below it.`,
        hint: true,
      }),
    )
    return [...own, ...listsOf(step).flatMap((list, k) => laterFaults(list, [...here, k]))]
  })
}

/** Whether a step, or one within it, changes what a field tells. */
function changes(step: Step, path: string): boolean {
  if (listsOf(step).some((list) => list.some((one) => changes(one, path)))) return true
  const money = /\.(balance|has|earned)$|^(paid|taken)$|^top\.(balance|earned)/.test(path) && !path.includes('tally.')
  if (moves(step)) return money
  if (step.do === 'tally') return path.includes('tally.')
  return false
}

/** Paying an amount that the viewer types, which nobody gives: whoever uses it makes as much as they like. */
export function mintFaults(steps: readonly Step[], at: readonly number[], all: readonly Step[]): Fault[] {
  return steps.flatMap((step, i) => {
    const here = [...at, i]
    const typed = step.do === 'pay' && 'argument' in step.amount ? step.amount.argument : undefined
    const own: Fault[] =
      typed === undefined || takes(all, typed)
        ? []
        : [
            {
              at: here,
              sentence: `This pays whatever is typed for "${typed}", and nobody gives it. Take it from somebody first, or see who may use this.`,
              hint: true,
            },
          ]
    return [...own, ...listsOf(step).flatMap((list, k) => mintFaults(list, [...here, k], all))]
  })
}

/** Whether some step takes the amount that was typed for an argument. */
const takes = (steps: readonly Step[], argument: string): boolean =>
  steps.some(
    (step) =>
      (step.do === 'take' && 'argument' in step.amount && step.amount.argument === argument) ||
      listsOf(step).some((list) => takes(list, argument)),
  )
