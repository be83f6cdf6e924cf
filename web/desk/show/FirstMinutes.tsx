import { useQuery } from '@tanstack/react-query'
import { Fragment } from 'react'
import { Link } from 'react-router'
import { GAMES } from '#core/games'
import { ageText, useNow } from '../../parts/time.ts'
import { gamesQuery } from '../games/view.ts'
import { presentQuery } from '../people/present.ts'
import { rafflesQuery } from '../raffles/view.ts'
import { useStatus } from '../status.ts'
import { storeQuery } from '../store/view.ts'

/** So long a show is young: its chart says little, and who comes in matters. */
const FIRST_SECONDS = 600

/** What is worth knowing while a show has only begun: who has just come in, and what is ready for them. */
export function FirstMinutes({ onViewer }: { onViewer: (id: number) => void }) {
  const { show, ahead } = useStatus()
  const now = useNow(ahead)
  if (show?.status !== 'on' || now - show.startedAt > FIRST_SECONDS) return null
  return (
    <section
      aria-label="The first minutes"
      className="grid gap-x-6 gap-y-2 rounded-md border border-line bg-panel px-4 py-3 lg:grid-cols-2"
    >
      <Arrived now={now} onViewer={onViewer} />
      <ReadyToUse />
    </section>
  )
}

function Arrived({ now, onViewer }: { now: number; onViewer: (id: number) => void }) {
  const arrived = useQuery(presentQuery).data?.arrived ?? []
  return (
    <p>
      <span className="text-muted">Just arrived: </span>
      {arrived.length === 0 && <span className="text-muted">nobody in the last five minutes</span>}
      {arrived.map(({ id, name, at }, i) => (
        <Fragment key={id}>
          {i > 0 && ', '}
          <button
            type="button"
            onClick={() => onViewer(id)}
            title={`${ageText(now - at)} ago`.replace('just now ago', 'just now')}
            className="in-line font-medium hover:underline"
          >
            {name}
          </button>
        </Fragment>
      ))}
    </p>
  )
}

/** How much of the channel can be used, each with the page where the rest is switched on. */
function ReadyToUse() {
  const rewards = useQuery(storeQuery).data?.rewards
  const games = useQuery(gamesQuery).data?.settings
  const setups = useQuery(rafflesQuery).data?.setups
  const counts = [
    { to: '/store', count: rewards?.filter(({ settings }) => settings.on).length, one: 'reward', many: 'rewards' },
    { to: '/games', count: games && GAMES.filter((game) => games[game].on).length, one: 'game', many: 'games' },
    { to: '/raffles', count: setups?.length, one: 'saved raffle', many: 'saved raffles' },
  ]
  return (
    <p>
      <span className="text-muted">Ready: </span>
      {counts.map(({ to, count, one, many }, i) => (
        <Fragment key={to}>
          {i > 0 && ', '}
          <Link to={to} className="underline-offset-2 hover:underline">
            {count === undefined ? '…' : count} {count === 1 ? one : many}
          </Link>
        </Fragment>
      ))}
    </p>
  )
}
