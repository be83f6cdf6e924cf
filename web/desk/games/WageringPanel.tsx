import { api } from '../../parts/api.ts'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { NumberInput } from '../../parts/form/inputs.tsx'
import { SaveLine } from '../../parts/form/SaveLine.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { useGameAction } from './useGameAction.ts'
import type { DeskGames } from './view.ts'
import { WordFields } from './WordFields.tsx'

/** What holds over all games: the most one may lose in a show, and the word to sit out by. */
export function WageringPanel({ view }: { view: DeskGames }) {
  const { draft, put: setDraft, discard, settle, changed, conflict } = useDraft('wagering', view.wagering)
  const action = useGameAction({ inPlace: true })
  const save = () =>
    action.mutate(
      { send: () => api.PUT('/desk/wagering', { body: draft, ...changedFrom(view.wagering) }), said: 'Saved.' },
      { onSuccess: () => settle(draft) },
    )
  return (
    <Panel title="For all games" bodyClassName="flex flex-wrap items-end gap-x-8 gap-y-3 px-4 py-3">
      <div className="flex flex-col gap-1">
        <span>Loss limit per viewer and show</span>
        <span className="flex items-center gap-2">
          <NumberInput
            label="Loss limit per viewer and show"
            value={draft.mostLost}
            none="no limit"
            className="w-28"
            onValue={(mostLost) => setDraft({ ...draft, mostLost })}
          />
          <span className="text-muted">{view.currency.many}, net of winnings</span>
        </span>
      </div>
      <WordFields label="Command to sit out" word={draft.sitOut} setWord={(sitOut) => setDraft({ ...draft, sitOut })} />
      <p className="basis-full text-muted">
        Viewers can bar themselves from all games for a time, in chat or on their page. Nobody can end that early, not
        even you.
      </p>
      <DraftConflict conflict={conflict} />
      {action.error && changed && <Problem error={action.error} />}
      {changed && (
        <div className="flex basis-full items-center gap-2">
          <SaveLine
            {...{ changed, discard, save, typed: true, saving: action.isPending, off: conflict !== undefined }}
          />
        </div>
      )}
    </Panel>
  )
}
