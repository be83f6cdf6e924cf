import { useState } from 'react'
import { digits, inWords } from '#core/currency'
import type { Body } from '../../../parts/api/called.ts'
import { api } from '../../../parts/api.ts'
import { Button } from '../../../parts/Button.tsx'
import { FormDialog } from '../../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../../parts/feedback/Notice.tsx'
import { Bracket } from '../../../parts/games/Bracket.tsx'
import { clockText, useNow } from '../../../parts/time.ts'
import { FindPerson } from '../../people/FindPerson.tsx'
import { useStatus } from '../../status.ts'
import { useGameAction } from '../useGameAction.ts'
import type { DeskGames, OpenRound } from '../view.ts'

function nextOf(status: OpenRound['status'], called: boolean, left: string): string {
  if (status === 'gathering') return `The sign-up ends in ${left}`
  return called ? `Time to show up: ${left}` : `The next match in ${left}`
}

/** The cup that is on: who is in it, the match that is called, and the bracket. */
export function CupOn({ round, view }: { round: OpenRound; view: DeskGames }) {
  const { ahead } = useStatus()
  const left = Math.max(0, (round.nextAt ?? 0) - useNow(ahead))
  const action = useGameAction()
  const { state } = round
  if (state.of !== 'cup') return null
  const { rules, entrants, matches } = state
  const begun = matches.some(({ how }) => how !== null && how !== 'bye')
  const begin = () =>
    action.mutate({
      send: () =>
        api.POST('/desk/cups/{round}/change', { params: { path: { round: round.id } }, body: { does: 'begin' } }),
      said: 'The bracket is drawn.',
    })
  const prize = rules.prize + round.staked
  return (
    <>
      <div className="flex flex-wrap items-center gap-4">
        <p>
          <strong>{rules.name}</strong>: {entrants.length} of {rules.places} places, to win:{' '}
          {prize === 0 ? 'the honour' : inWords(prize, view.currency)}.{' '}
          <span className="tabular text-muted">{nextOf(round.status, state.current !== null, clockText(left))}</span>
        </p>
        {round.status === 'gathering' && (
          <Button needs="act" look="main" disabled={entrants.length < 3 || action.isPending} onClick={begin}>
            Draw the bracket now
          </Button>
        )}
        <CallOffCup round={round} />
      </div>
      {matches.length > 0 && <Bracket state={state} />}
      {!begun && <Entrants round={round} drawn={matches.length > 0} />}
    </>
  )
}

function CallOffCup({ round }: { round: OpenRound }) {
  const [asking, setAsking] = useState(false)
  const action = useGameAction({ inPlace: true })
  return (
    <>
      <Button needs="act" onClick={() => setAsking(true)}>
        Call it off
      </Button>
      {asking && (
        <FormDialog title="Call the cup off" close={() => setAsking(false)}>
          <p>It ends here, all entries are refunded ({digits(round.staked)}), and chat is told.</p>
          {action.error && <Problem error={action.error} />}
          <div className="flex gap-2">
            <Button
              look="danger"
              onClick={() =>
                action.mutate(
                  {
                    send: () => api.POST('/desk/rounds/{round}/call-off', { params: { path: { round: round.id } } }),
                    said: 'Called off; all entries are refunded.',
                  },
                  { onSuccess: () => setAsking(false) },
                )
              }
            >
              Call it off
            </Button>
            <Button onClick={() => setAsking(false)}>Keep it running</Button>
          </div>
        </FormDialog>
      )}
    </>
  )
}

interface Entrant {
  readonly id: number
  readonly name: string
}

/** Gives a place back, or hands it on. */
function usePlaces(round: OpenRound) {
  const action = useGameAction()
  const change = (body: Body<'/desk/cups/{round}/change'>, said: string) =>
    action.mutate({
      send: () => api.POST('/desk/cups/{round}/change', { params: { path: { round: round.id } }, body }),
      said,
    })
  return {
    remove: ({ id, name }: Entrant) => change({ does: 'out', viewer: id }, `${name} is out and was refunded.`),
    replace: ({ id }: Entrant, other: Entrant) =>
      change({ does: 'replace', viewer: id, other: other.id }, `${other.name} has the place now.`),
  }
}

/** Who has a place, until the first match: it can be taken back or given to somebody else. */
function Entrants({ round, drawn }: { round: OpenRound; drawn: boolean }) {
  const [replacing, setReplacing] = useState<Entrant>()
  const { remove, replace } = usePlaces(round)
  const { state } = round
  if (state.of !== 'cup') return null
  return (
    <section aria-labelledby="entrants">
      <h2 id="entrants" className="text-base">
        Who is in
      </h2>
      {state.entrants.length === 0 && <p className="text-muted">Nobody yet.</p>}
      <ul className="mt-1 grid max-w-3xl gap-x-8 sm:grid-cols-2">
        {state.entrants.map((entrant) => (
          <li key={entrant.id} className="flex flex-wrap items-center gap-2 border-b border-line py-1">
            <span className="min-w-0 flex-1 truncate">
              {entrant.name}
              {entrant.kept && <span className="text-muted"> · reserved place</span>}
            </span>
            {!drawn && (
              <Button needs="act" look="quiet" onClick={() => remove(entrant)}>
                Remove
              </Button>
            )}
            <Button needs="act" look="quiet" onClick={() => setReplacing(entrant)}>
              Give the place to …
            </Button>
          </li>
        ))}
      </ul>
      {replacing && (
        <ReplaceDialog
          entrant={replacing}
          close={() => setReplacing(undefined)}
          choose={(other) => replace(replacing, other)}
        />
      )}
    </section>
  )
}

interface ReplaceProps {
  readonly entrant: Entrant
  readonly close: () => void
  readonly choose: (other: Entrant) => void
}

function ReplaceDialog({ entrant: { name }, close, choose }: ReplaceProps) {
  return (
    <FormDialog title={`The place of ${name}`} close={close}>
      <p>Who gets it? They pay the entry, and {name} is refunded.</p>
      <FindPerson
        label="Who gets the place"
        chosen={undefined}
        choose={(person) => {
          if (person === undefined) return
          choose(person)
          close()
        }}
      />
      <Button onClick={close}>Not now</Button>
    </FormDialog>
  )
}
