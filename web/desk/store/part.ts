import type { RewardSettings } from '#core/store'
import { fieldOf } from '../../parts/form/DraftField.tsx'
import type { CommandsView } from '../commands/view.ts'
import type { StoreView } from './view.ts'

/** A field of the reward in the form. */
export const RewardField = fieldOf<RewardSettings>()

/** What each part of a reward's form works on. */
export interface PartProps {
  readonly draft: RewardSettings
  readonly put: (patch: Partial<RewardSettings>) => void
  readonly store: StoreView
  readonly view: CommandsView
  readonly id: number | undefined
}
