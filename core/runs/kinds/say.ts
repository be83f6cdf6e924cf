import { answer, say as sayInRoom } from '../../voice/index.ts'
import { ok } from '../../world/index.ts'
import { emptyFault } from '../faultsIn.ts'
import { fill } from '../fill.ts'
import type { StepRule } from '../rule.ts'

export const say: StepRule<'say'> = {
  texts: ({ text }) => [text],
  faults: ({ text }) => emptyFault(text),
  act(run, { text }) {
    const { world, asker, reply } = run
    const filled = fill(run, text)
    if (asker === null) sayInRoom(world, { topic: 'triggers', to: null, text: filled })
    else answer(world, asker, filled, reply === null ? {} : { reply })
    return ok(filled === '' ? 'Says nothing: the text is empty.' : `Says: ${filled}`)
  },
}
