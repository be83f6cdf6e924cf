import { betFacts } from '../bets/facts.ts'
import { commandFacts } from '../commands/facts.ts'
import { earningFacts } from '../earning/facts.ts'
import { eventFacts } from '../events/facts.ts'
import { fairnessFacts } from '../fairness/facts.ts'
import { gameFacts } from '../games/facts.ts'
import { goalFacts } from '../goals/facts.ts'
import { ledgerFacts } from '../ledger/facts.ts'
import { libraryFacts } from '../library/facts.ts'
import { peopleFacts } from '../people/facts.ts'
import { raffleFacts } from '../raffles/facts.ts'
import { rankFacts } from '../ranks/facts.ts'
import { roomFacts } from '../rooms/facts.ts'
import { runFacts } from '../runs/facts.ts'
import { screenFacts } from '../screen/facts.ts'
import { settingsFacts } from '../settings/facts.ts'
import { showFacts } from '../show/facts.ts'
import { starterFacts } from '../starter/facts.ts'
import { storeFacts } from '../store/facts.ts'
import { tallyFacts } from '../tallies/facts.ts'
import { teamFacts } from '../team/facts.ts'
import { triggerFacts } from '../triggers/facts.ts'
import { voiceFacts } from '../voice/facts.ts'
import { webhookFacts } from '../webhooks/facts.ts'
import { wordFacts } from '../words/facts.ts'
import type { DeclaredFact, FactKind } from '../world/index.ts'
import { channelFacts } from './channelFacts.ts'

// Who takes the kinds from here knows of them all.
export type { Fact, FactBody, FactKind, KindFor } from '../world/index.ts'

/** Every kind of fact. One that a feature declares and that is not among these does not compile. */
export const FACTS = {
  ...betFacts,
  ...commandFacts,
  ...earningFacts,
  ...eventFacts,
  ...fairnessFacts,
  ...gameFacts,
  ...goalFacts,
  ...ledgerFacts,
  ...libraryFacts,
  ...peopleFacts,
  ...raffleFacts,
  ...rankFacts,
  ...screenFacts,
  ...settingsFacts,
  ...showFacts,
  ...starterFacts,
  ...storeFacts,
  ...tallyFacts,
  ...teamFacts,
  ...triggerFacts,
  ...voiceFacts,
  ...webhookFacts,
  ...wordFacts,
  ...roomFacts,
  ...runFacts,
  ...channelFacts,
} satisfies Readonly<Record<FactKind, DeclaredFact>>
