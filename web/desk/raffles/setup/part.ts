import type { RaffleSettings } from '#core/raffles'
import type { CommandsView } from '../../commands/view.ts'
import type { RaffleForm } from '../view.ts'

/** What every part of a raffle's form gets. */
export interface PartProps {
  readonly draft: RaffleSettings
  readonly put: (patch: Partial<RaffleSettings>) => void
  readonly form: RaffleForm
  readonly commands: CommandsView
  /** It is open: what people went by when they entered stays as it is. */
  readonly fixed: boolean
}
