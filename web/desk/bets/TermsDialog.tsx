import { BetDefaults } from '#core/bets'
import { firstFault } from '#core/faults'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { useChange } from '../../parts/useChange.ts'
import { WordFields } from '../games/WordFields.tsx'
import { MinutesField } from './MinutesField.tsx'
import { TermsFields } from './TermsFields.tsx'
import { termsFaultsHere } from './termsFaults.ts'
import type { BetsView } from './view.ts'

/** Keeps what is typed, and saves it. */
function useTerms(view: BetsView, close: () => void) {
  const kept = useDraft('bets', view.defaults)
  const save = useChange({
    ask: () => answerOf(api.PUT('/desk/bet-terms', { body: kept.draft, ...changedFrom(view.defaults) })),
    invalidates: ['bets', 'commands'],
    said: 'The usual terms are saved.',
    onFresh: () => {
      kept.discard()
      close()
    },
    inPlace: true,
  })
  return { kept, save }
}

/** The word by which people bet, and the terms that a new bet begins with. */
export function TermsDialog({ view, close }: { view: BetsView; close: () => void }) {
  const { kept, save } = useTerms(view, close)
  const { draft, put, discard, changed, conflict } = kept
  const faults = faultsIn(BetDefaults, draft, termsFaultsHere(draft.terms, view, 'terms.'))
  const putTerms = (patch: Partial<BetDefaults['terms']>) => put({ ...draft, terms: { ...draft.terms, ...patch } })
  return (
    <DialogForm
      title="Usual terms of bets"
      wide
      close={close}
      leave="Close"
      does="Save now"
      go={() => save.mutate()}
      off={!changed || firstFault(faults) !== undefined}
      change={save}
      aside={changed && <Button onClick={discard}>Discard changes</Button>}
    >
      <DraftFields kept={kept} faults={faults} error={save.error}>
        <p className="text-muted">
          A new bet begins with these. Bets that are on keep the terms they were opened with.
        </p>
        <FaultsAt name="word">
          <WordFields label="Command and aliases" word={draft.word} setWord={(word) => put({ ...draft, word })} />
        </FaultsAt>
        <MinutesField seconds={draft.terms.openSeconds} onValue={(openSeconds) => putTerms({ openSeconds })} />
        <TermsFields terms={draft.terms} put={putTerms} view={view} />
      </DraftFields>
      <DraftConflict conflict={conflict} />
    </DialogForm>
  )
}
