import { PRESENT, PRESENT_COUNT, topKey } from '../lists/index.ts'
import type { Step } from '../steps/index.ts'
import type { TallyRow } from '../tallies/index.ts'
import { fieldsOf } from '../texts/index.ts'
import { ruleOf } from './rules.ts'

/** The texts of a step. */
export const textsOf = (step: Step): readonly string[] => ruleOf(step).texts?.(step) ?? []

/** The keys of the lists that a text reads. */
export function listsIn(text: string, tallies: readonly TallyRow[]): string[] {
  return fieldsOf(text).flatMap(([first, second, third]) => {
    if (first === 'top' && (second === 'balance' || second === 'hours' || second === 'earned')) return [topKey(second)]
    if (first === 'counts' && second === 'present') return [PRESENT, PRESENT_COUNT]
    if (first === 'present') return [PRESENT]
    const tally = first === 'tally' && third === 'top' ? tallies.find(({ key }) => key === second) : undefined
    return tally === undefined ? [] : [topKey(`tally/${tally.id}`)]
  })
}

/** The tallies of a person that a text reads: of the viewer (`undefined`), or of an argument by its name. */
export function talliesIn(text: string): { readonly argument: string | undefined; readonly key: string }[] {
  return fieldsOf(text).flatMap((path) => {
    if (path[0] === 'viewer' && path[1] === 'tally' && path[2] !== undefined)
      return [{ argument: undefined, key: path[2] }]
    const ofArgument = path[0] === 'args' && path[2] === 'tally' && path[3] !== undefined
    return ofArgument ? [{ argument: path[1], key: path[3] as string }] : []
  })
}
