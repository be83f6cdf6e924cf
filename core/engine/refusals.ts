import { accessRefusals } from '../access/refusals.ts'
import { betRefusals } from '../bets/refusals.ts'
import { buyingRefusals } from '../buying/refusals.ts'
import { changeRefusals } from '../changes/refusals.ts'
import { commandRefusals } from '../commands/refusals.ts'
import { earningRefusals } from '../earning/refusals.ts'
import { enteringRefusals } from '../entering/refusals.ts'
import { eventRefusals } from '../events/refusals.ts'
import { gameRefusals } from '../games/refusals.ts'
import { goalRefusals } from '../goals/refusals.ts'
import { ledgerRefusals } from '../ledger/refusals.ts'
import { libraryRefusals } from '../library/refusals.ts'
import { peopleRefusals } from '../people/refusals.ts'
import { playingRefusals } from '../playing/refusals.ts'
import { raffleRefusals } from '../raffles/refusals.ts'
import { rankRefusals } from '../ranks/refusals.ts'
import { roomRefusals } from '../rooms/refusals.ts'
import { runRefusals } from '../runs/refusals.ts'
import { screenRefusals } from '../screen/refusals.ts'
import { settingsRefusals } from '../settings/refusals.ts'
import { showRefusals } from '../show/refusals.ts'
import { storeRefusals } from '../store/refusals.ts'
import { tallyRefusals } from '../tallies/refusals.ts'
import { teamRefusals } from '../team/refusals.ts'
import { triggerRefusals } from '../triggers/refusals.ts'
import { webhookRefusals } from '../webhooks/refusals.ts'
import type { DeclaredRefusal, RefusalCode } from '../world/index.ts'

/** Every code of a refusal. One that a feature declares and that is not among these does not compile. */
export const REFUSALS: Readonly<Record<RefusalCode, DeclaredRefusal>> = {
  ...accessRefusals,
  ...commandRefusals,
  ...roomRefusals,
  ...runRefusals,
  ...buyingRefusals,
  ...playingRefusals,
  ...enteringRefusals,
  ...earningRefusals,
  ...eventRefusals,
  ...gameRefusals,
  ...ledgerRefusals,
  ...libraryRefusals,
  ...peopleRefusals,
  ...raffleRefusals,
  ...betRefusals,
  ...goalRefusals,
  ...rankRefusals,
  ...screenRefusals,
  ...settingsRefusals,
  ...showRefusals,
  ...storeRefusals,
  ...changeRefusals,
  ...tallyRefusals,
  ...teamRefusals,
  ...triggerRefusals,
  ...webhookRefusals,
}
