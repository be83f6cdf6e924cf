import { useState } from 'react'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Panel } from '../../parts/Panel.tsx'
import { same } from '../../parts/same.ts'
import { NumberInput } from '../commands/inputs.tsx'
import { useGameAction } from './useGameAction.ts'
import type { DeskGames } from './view.ts'
import { WordFields } from './WordFields.tsx'

/** What holds over all games: the most one may lose in a show, and the word to sit out by. */
export function WageringPanel({ view }: { view: DeskGames }) {
  const [draft, setDraft] = useState(view.wagering)
  const action = useGameAction()
  const changed = !same(draft, view.wagering)
  return (
    <Panel title="For all games" bodyClassName="flex flex-wrap items-end gap-x-8 gap-y-3 px-4 py-3">
      <div className="flex flex-col gap-1">
        <span>The most that one viewer may lose in a show</span>
        <span className="flex items-center gap-2">
          <NumberInput
            label="The most that one viewer may lose in a show"
            value={draft.mostLost}
            none="no limit"
            className="w-28"
            onValue={(mostLost) => setDraft({ ...draft, mostLost })}
          />
          <span className="text-muted">{view.currency.many}, winnings set off</span>
        </span>
      </div>
      <WordFields label="Word to sit out by" word={draft.sitOut} setWord={(sitOut) => setDraft({ ...draft, sitOut })} />
      <p className="basis-full text-muted">
        Viewers can bar themselves from all games for a time, in chat or on their page. Nobody can end that early, not
        even you.
      </p>
      {changed && (
        <div className="flex basis-full items-center gap-2">
          <Button
            look="main"
            disabled={action.isPending}
            onClick={() =>
              action.mutate({ send: () => api.PUT('/desk/wagering', { body: draft }), said: 'It holds from now on.' })
            }
          >
            Save: live at once
          </Button>
          <Button onClick={() => setDraft(view.wagering)}>Back to what is live</Button>
          <span className="text-brass-text">Not live yet.</span>
        </div>
      )}
    </Panel>
  )
}
