import { sayPrivately } from '../../voice/index.ts'
import { ok } from '../../world/index.ts'
import { emptyFault, oneOnly, targetFaults } from '../faultsIn.ts'
import { fill } from '../fill.ts'
import { oneOf } from '../people.ts'
import type { StepRule } from '../rule.ts'

export const tell: StepRule<'tell'> = {
  texts: ({ text }) => [text],
  faults: ({ to, text }, around) => [...emptyFault(text), ...targetFaults(to, around), ...oneOnly(to)],
  act(run, { to, text }) {
    const who = oneOf(run, to)
    if (!who.ok) return who
    const filled = fill(run, text)
    sayPrivately(run.world, { viewer: who.value, text: filled })
    return ok(`Tells ${who.value.name} privately: ${filled}`)
  },
}
