import { useState } from 'react'
import { digits } from '#core/currency'
import { chanceInWords } from '#core/raffles'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Checkbox, TextInput } from '../../parts/form/inputs.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { ageText, leftText, timeText } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { ReasonDialog } from './ReasonDialog.tsx'
import { type DeskWinner, type RaffleView, useRaffleAction } from './view.ts'

/** Everybody who was drawn, in that order: their chance, what they said and when, and whether they have the prize. */
export function Winners({ view, now }: { view: RaffleView; now: number }) {
  const shown = view.winners.filter(({ state }) => state !== 'drawn')
  return (
    <Panel title={shown.length === 1 ? 'Drawn' : `Drawn: ${shown.length}`}>
      <ol>
        {shown.map((winner) => (
          <OneWinner key={winner.draw} winner={winner} view={view} now={now} />
        ))}
      </ol>
    </Panel>
  )
}

interface OneWinnerProps {
  readonly winner: DeskWinner
  readonly view: RaffleView
  readonly now: number
}

interface PassOverProps {
  readonly winner: DeskWinner
  readonly raffle: number
  readonly close: () => void
}

function PassOver({ winner: { draw, name }, raffle, close }: PassOverProps) {
  const action = useRaffleAction({ inPlace: true })
  const send = (why: string) =>
    api.POST('/desk/raffles/{raffle}/pass-over', { params: { path: { raffle } }, body: { draw, why } })
  return (
    <ReasonDialog
      title={`Skip ${name}`}
      does="Skip"
      close={close}
      change={action}
      go={(why) => action.mutate({ send: () => send(why), said: `${name} was skipped.` }, { onSuccess: close })}
    >
      <p>{name} is out, and another one can be drawn. It stays on record.</p>
    </ReasonDialog>
  )
}

function OneWinner({ winner, view: { raffle }, now }: OneWinnerProps) {
  const [passing, setPassing] = useState(false)
  const { draw, name, state, weight, total, guess, deliveredAt } = winner
  const out = state === 'missed' || state === 'passed'
  const mayPass = raffle.endedAt === null && (state === 'waiting' || (state === 'won' && deliveredAt === null))
  return (
    <li className="flex flex-col gap-1.5 border-b border-line px-4 py-2.5 last:border-b-0">
      <div className="flex items-baseline gap-3">
        <span className="tabular w-6 text-right text-muted">{draw}.</span>
        <strong className={out ? 'font-normal line-through' : ''}>{name}</strong>
        <span className="tabular text-muted">
          {guess === null ? `chance ${chanceInWords(weight, total)}` : `guessed ${digits(guess)}`}
        </span>
        <span className="ml-auto text-right">
          <State winner={winner} now={now} />
        </span>
        {mayPass && (
          <Button needs="act" look="quiet" onClick={() => setPassing(true)} aria-label={`Skip ${name}`}>
            Skip
          </Button>
        )}
      </div>
      {state === 'won' && <Delivery key={`${deliveredAt}/${winner.note}`} winner={winner} />}
      {passing && <PassOver winner={winner} raffle={raffle.id} close={() => setPassing(false)} />}
    </li>
  )
}

function State({ winner, now }: { winner: DeskWinner; now: number }) {
  const { state, claimUntil, line, claimedAt, why, present, lastSeenAt } = winner
  const here = present ? 'is here' : lastSeenAt === null ? 'not seen' : `last seen ${ageText(now - lastSeenAt)} ago`
  switch (state) {
    case 'waiting':
      return (
        <span className="tabular text-brass-text">
          {leftText((claimUntil ?? now) - now)} to reply · {here}
        </span>
      )
    case 'won':
      if (claimedAt === null) return <span className="text-moss-text">won · {here}</span>
      return (
        <span className="tabular text-moss-text">
          {line === '' || line === null ? 'pressed on their page' : `“${line}”`} · {timeText(claimedAt)}
        </span>
      )
    case 'missed':
      return <span className="text-muted">did not reply in time</span>
    default:
      return <span className="text-muted">skipped: {why}</span>
  }
}

/** Whether a winner has the prize, like an order, and a note about it. */
function Delivery({ winner: { raffle, draw, name, deliveredAt, amount, code, note } }: { winner: DeskWinner }) {
  const action = useRaffleAction()
  const { currency } = useStatus()
  const [typed, setTyped] = useState(note)
  const [ticked, setTicked] = useState(deliveredAt !== null)
  const byItself = amount > 0 || code !== null
  const record = (delivered: boolean) =>
    api.POST('/desk/raffles/{raffle}/record', { params: { path: { raffle } }, body: { draw, delivered, note: typed } })
  const save = (delivered: boolean, said: string) => action.mutate({ send: () => record(delivered), said })
  return (
    <div className="ml-9 flex flex-wrap items-center gap-3 text-note">
      {byItself ? (
        <span className="tabular">
          {code === null ? `${digits(amount)} ${currency.many} paid` : <>The code {code} was sent privately</>}
        </span>
      ) : (
        <Checkbox
          on={ticked}
          onTick={(on) => {
            setTicked(on)
            save(on, on ? `${name} has the prize.` : 'Not delivered yet.')
          }}
        >
          has the prize
        </Checkbox>
      )}
      <TextInput
        aria-label={`Note about ${name}`}
        value={typed}
        most={300}
        placeholder="a note, for the team"
        onValue={setTyped}
        className="min-w-0 flex-1"
      />
      {typed !== note && (
        <Button onClick={() => save(deliveredAt !== null || byItself, 'Noted.')}>Save the note</Button>
      )}
    </div>
  )
}
