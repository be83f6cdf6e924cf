import { firstFault } from '#core/faults'
import { GoalWords } from '#core/goals'
import { answerOf, api } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { useChange } from '../../parts/useChange.ts'
import { WordFields } from '../games/WordFields.tsx'

/** The words by which people chip in, and hear how goals stand. */
export function GoalWordsDialog({ words, close }: { words: GoalWords; close: () => void }) {
  const kept = useDraft('goalWords', words)
  const { draft, put, discard, changed, conflict } = kept
  const save = useChange({
    ask: () => answerOf(api.PUT('/desk/goal-words', { body: draft, ...changedFrom(words) })),
    invalidates: ['goals', 'commands'],
    said: 'The words are saved.',
    onFresh: () => {
      discard()
      close()
    },
    inPlace: true,
  })
  const faults = faultsIn(GoalWords, draft, {})
  return (
    <DialogForm
      title="Words of goals in chat"
      close={close}
      leave="Close"
      does="Save now"
      go={() => save.mutate()}
      off={!changed || firstFault(faults) !== undefined}
      change={save}
    >
      <DraftFields kept={kept} faults={faults} error={save.error}>
        <FaultsAt name="chip">
          <WordFields label="To chip in" word={draft.chip} setWord={(chip) => put({ ...draft, chip })} />
        </FaultsAt>
        <FaultsAt name="goal">
          <WordFields label="To hear how goals stand" word={draft.goal} setWord={(goal) => put({ ...draft, goal })} />
        </FaultsAt>
      </DraftFields>
      <DraftConflict conflict={conflict} />
    </DialogForm>
  )
}
