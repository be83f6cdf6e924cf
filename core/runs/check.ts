import { DEEPEST, type Step } from '../steps/index.ts'
import { type Field, faultsOf } from '../texts/index.ts'
import type { Around } from './around.ts'
import { fieldsFor } from './catalogue.ts'
import { textsOf } from './mentions.ts'
import { ruleOf } from './rules.ts'
import { laterFaults, mintFaults, moneyFaults } from './sequence.ts'
import { type Fault, listsOf } from './within.ts'

/** Everything that is wrong with steps, each with its place. */
export function checkSteps(steps: readonly Step[], around: Around): Fault[] {
  const fields = fieldsFor(around)
  return [
    ...walk(steps, [], around, fields),
    ...moneyFaults(steps),
    ...laterFaults(steps, []),
    ...mintFaults(steps, [], steps),
  ]
}

function walk(steps: readonly Step[], at: readonly number[], around: Around, fields: readonly Field[]): Fault[] {
  if (at.length > DEEPEST * 2)
    return [
      {
        at,
        sentence: `Steps stand within one another more than ${DEEPEST} deep. Call another command instead.`,
        hint: false,
      },
    ]
  return steps.flatMap((step, i) => {
    const here = [...at, i]
    const own = [
      ...(ruleOf(step).faults?.(step, around) ?? []),
      ...textsOf(step).flatMap((text) => faultsOf(text, fields)),
    ]
    const faults = own.map((sentence): Fault => ({ at: here, sentence, hint: false }))
    const within = listsOf(step).flatMap((list, k) => walk(list, [...here, k], around, fields))
    return [...faults, ...within]
  })
}
