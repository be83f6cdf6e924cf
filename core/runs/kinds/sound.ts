import { showSound } from '../../screen/index.ts'
import { ok } from '../../world/index.ts'
import type { StepRule } from '../rule.ts'

export const sound: StepRule<'sound'> = {
  act({ world }, { sound: file }) {
    showSound(world, file)
    return ok(`Plays ${file}.`)
  },
}
