import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { digits, durationInWords } from '#core/currency'
import { shareInWords } from '#core/raffles'
import { api, channelSlug } from '../../parts/api.ts'
import { Button, ButtonLink } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { PageHead } from '../../parts/page/PageHead.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { Strip, showsStrip } from '../../parts/raffles/Strip.tsx'
import { dayText, leftText, useNow } from '../../parts/time.ts'
import { useCopy } from '../../parts/useCopy.ts'
import { useStatus } from '../status.ts'
import { CallOffButton, NextAction } from './Actions.tsx'
import { ArrivalChart } from './ArrivalChart.tsx'
import { Entrants } from './Entrants.tsx'
import { stateInWords } from './next.ts'
import { type DeskRaffle, formAddress, type RaffleView, raffleQuery, useRaffleAction } from './view.ts'
import { Winners } from './Winners.tsx'

/** One raffle: what to do next, who is in, how they came, and who was drawn. */
export function RafflePage() {
  // What is no number is asked for as number 0, which no raffle has.
  const id = Math.floor(Number(useParams().raffle)) || 0
  const view = useQuery(raffleQuery(id))
  if (view.isPending) return <Loading what="the raffle" />
  if (view.isError)
    return (
      <div className="flex flex-col items-start gap-3">
        <Problem error={view.error} retry={() => void view.refetch()} />
        <Link to="/raffles" className="underline underline-offset-2">
          All raffles
        </Link>
      </div>
    )
  return <OneRaffle view={view.data} />
}

function OneRaffle({ view }: { view: RaffleView }) {
  const { raffle, winners, shares, circles } = view
  const { ahead } = useStatus()
  const now = useNow(ahead)
  return (
    <div className="flex max-w-5xl flex-col gap-4">
      <Head view={view} />
      <Figures raffle={raffle} now={now} />
      {showsStrip({ ...raffle, now }) && (
        <Panel title="The draw" bodyClassName="px-4 py-3">
          <Strip drawing={raffle.drawing} revealed={raffle.revealed} now={now} />
        </Panel>
      )}
      {winners.some(({ state }) => state !== 'drawn') && <Winners view={view} now={now} />}
      {shares.length > 0 && (
        <ul className="text-muted">
          {shares.map((share) => (
            <li key={share.standing}>{shareInWords(share, circles)}</li>
          ))}
        </ul>
      )}
      {raffle.openedAt !== null && (
        <>
          <ArrivalChart view={view} />
          <Entrants raffle={raffle} circles={circles} />
        </>
      )}
    </div>
  )
}

function Head({ view: { raffle } }: { view: RaffleView }) {
  const { settings, status, won, endedAt } = raffle
  const over = endedAt !== null
  return (
    <PageHead title={settings.title} back={{ to: '/raffles', name: 'Raffles' }} below={<State raffle={raffle} />}>
      <div className="ml-auto flex flex-wrap items-center gap-2">
        {!over && <NextAction raffle={raffle} main />}
        <OpenAgain raffle={raffle} />
        {!over && status !== 'returning' && <ButtonLink to={formAddress({ change: raffle.id })}>Change</ButtonLink>}
        <ShareButton raffle={raffle} />
        {!over && won === 0 && status !== 'returning' && <CallOffButton raffle={raffle} />}
        {over && <ButtonLink to={formAddress({ again: raffle.id })}>Run again</ButtonLink>}
      </div>
    </PageHead>
  )
}

function State({ raffle }: { raffle: DeskRaffle }) {
  const { settings, status, why, endedAt } = raffle
  return (
    <>
      <p className="text-muted">
        {stateInWords(raffle)}
        {endedAt !== null && ` ${dayText(endedAt)}`} ·{' '}
        {settings.byWord ? <code>!{settings.word.word}</code> : 'not in chat'} · {settings.winners}{' '}
        {settings.winners === 1 ? 'winner' : 'winners'}
      </p>
      {why !== null && <p className={status === 'planned' ? 'text-brick-text' : 'text-muted'}>{why}</p>}
    </>
  )
}

/** Closed by mistake: until something is drawn it can be opened again. */
function OpenAgain({ raffle }: { raffle: DeskRaffle }) {
  const action = useRaffleAction()
  if (raffle.status !== 'closed' || raffle.draws > 0) return null
  return (
    <Button
      onClick={() =>
        action.mutate({
          send: () => api.POST('/desk/raffles/{raffle}/open', { params: { path: { raffle: raffle.id } }, body: {} }),
          said: 'It is open again.',
        })
      }
    >
      Open again
    </Button>
  )
}

function ShareButton({ raffle: { id } }: { raffle: DeskRaffle }) {
  const copy = useCopy()
  const address = `${window.location.origin}/c/${channelSlug()}/raffles/${id}`
  return (
    <Button onClick={() => copy(address, 'The address is copied.', `The address is ${address}`)}>
      Copy its address
    </Button>
  )
}

function Figures({ raffle, now }: { raffle: DeskRaffle; now: number }) {
  const { currency } = useStatus()
  const { people, tickets, paid, openedAt, closedAt, closesAt, opensAt, finishAt, endedAt } = raffle
  const end = closedAt ?? endedAt ?? now
  const open = openedAt === null ? null : Math.max(0, end - openedAt)
  const clock =
    opensAt !== null
      ? { value: leftText(opensAt - now), name: 'until it opens' }
      : closesAt !== null
        ? { value: leftText(closesAt - now), name: 'left' }
        : finishAt !== null
          ? { value: leftText(finishAt - now), name: 'until it ends' }
          : { value: '–', name: raffle.status === 'open' ? 'no time set' : 'no clock' }
  return (
    <dl className="grid grid-cols-2 lg:grid-cols-5 rounded-md border border-line bg-panel">
      <One name={people === 1 ? 'person' : 'people'} value={digits(people)} />
      <One name={tickets === 1 ? 'ticket' : 'tickets'} value={digits(tickets)} />
      <One name={`${currency.many} in the pot`} value={digits(paid)} />
      <One name="open for" value={open === null ? '–' : durationInWords(Math.floor(open))} />
      <One name={clock.name} value={clock.value} />
    </dl>
  )
}

const One = ({ name, value }: { name: string; value: string }) => (
  <div className="flex flex-col-reverse border-r border-line px-4 py-2.5 last:border-r-0">
    <dt className="text-sm text-muted">{name}</dt>
    <dd className="tabular font-display text-xl font-semibold">{value}</dd>
  </div>
)
