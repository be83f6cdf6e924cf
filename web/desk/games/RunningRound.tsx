import { useState } from 'react'
import { Link } from 'react-router'
import { digits } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { lazily } from '../../parts/lazily.tsx'
import { IfMay } from '../../parts/page/areaRights.tsx'
import { clockText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { roundTitle } from './roundTitle.ts'
import type { OpenRound } from './view.ts'

const CallOffRound = lazily(async () => (await import('./CallOffRound.tsx')).CallOffRound)

/** A round that is on, with its clock and a way to call it off. */
export function RunningRound({ round }: { round: OpenRound }) {
  const [asking, setAsking] = useState(false)
  const { ahead } = useStatus()
  const left = Math.max(0, (round.nextAt ?? 0) - useNow(ahead))
  return (
    <li className="border-t border-line py-2 first:border-t-0">
      <p className="flex items-baseline justify-between gap-2">
        <strong className="truncate">{roundTitle(round)}</strong>
        <span className="tabular shrink-0 text-brass-text">{clockText(left).replace(/^0:/, '')}</span>
      </p>
      <p className="tabular text-note text-muted">{standOf(round)}</p>
      <p className="mt-1 flex gap-2">
        {round.game === 'cup' && (
          <Link to="/games/cup" className="rounded-md border border-line px-3 py-1 hover:bg-raised">
            Open
          </Link>
        )}
        <IfMay level="act">
          <Button look="quiet" onClick={() => setAsking(true)} aria-label={`Call off ${roundTitle(round)}`}>
            Call off
          </Button>
        </IfMay>
      </p>
      {asking && <CallOffRound round={round} close={() => setAsking(false)} />}
    </li>
  )
}

function standOf({ status, seats, staked, state }: OpenRound): string {
  const pot = `${digits(staked)} in the pot`
  if (status === 'opened') return `waits for an answer · ${pot}`
  if (state.of === 'heist' && state.site !== null)
    return `${state.inside} of ${digits(seats)} inside, room ${Math.min(state.step + 1, state.site.rooms.length)} of ${state.site.rooms.length} next · ${pot}`
  if (state.of === 'cup') return `${state.entrants.length} of ${state.rules.places} in · ${pot}`
  if (state.of === 'scramble' && status === 'running') return `${digits(state.left)} of ${digits(seats)} left · ${pot}`
  if (state.of === 'boss' && status === 'running')
    return `${digits(state.hits)} of ${digits(state.needed)} hits, blow ${state.step} of ${state.strength.blows} struck · ${pot}`
  if (status === 'gathering') return `${digits(seats)} ${state.of === 'roulette' ? 'bets' : 'in'} · ${pot}`
  return `being decided · ${pot}`
}
