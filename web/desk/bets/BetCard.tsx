import { useState } from 'react'
import { Link } from 'react-router'
import { digits } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { Lanes } from '../../parts/bets/Lanes.tsx'
import { lazily } from '../../parts/lazily.tsx'
import { leftText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { ExtendButton, NextStep } from './Actions.tsx'
import { betDeadline, type DeskBet, potOf, STATES } from './view.ts'

const CallOffBet = lazily(async () => (await import('./CallOffBet.tsx')).CallOffBet)

/** A bet that is on: its lanes, its clock, and what can be done with it. */
export function BetCard({ bet, change }: { bet: DeskBet; change: () => void }) {
  const { currency } = useStatus()
  return (
    <li className="flex flex-col gap-3 rounded-md border border-line bg-panel px-4 py-3">
      <div className="flex flex-wrap items-start gap-4">
        <div className="min-w-0 flex-1 max-sm:basis-full">
          <p className="break-words">
            <Link to={`/bets/${bet.id}`} className="font-semibold underline-offset-2 hover:underline">
              {bet.question}
            </Link>
          </p>
          <p className="tabular text-muted">
            {STATES[bet.status]} · {digits(bet.backers)} {bet.backers === 1 ? 'has' : 'have'} bet · pot{' '}
            {digits(potOf(bet))} {currency.many}
          </p>
        </div>
        <Clock bet={bet} />
      </div>
      <Lanes lanes={bet.lanes} rakeBp={bet.rakeBp} winner={bet.winner} open={bet.status === 'open'} />
      <BetActions bet={bet} change={change} />
    </li>
  )
}

function Clock({ bet }: { bet: DeskBet }) {
  const now = useNow(useStatus().ahead)
  const until = betDeadline(bet)
  if (until === null) return null
  return (
    <p className="tabular text-right">
      <span className="block font-display text-xl font-semibold">{leftText(Math.max(0, until - now))}</span>
      <span className="text-sm text-muted">{bet.status === 'open' ? 'until it locks' : 'until it is paid'}</span>
    </p>
  )
}

function BetActions({ bet, change }: { bet: DeskBet; change: () => void }) {
  const [callingOff, setCallingOff] = useState(false)
  const ends = bet.status === 'paying' || bet.status === 'returning'
  if (ends) return <p className="text-brass-text">{STATES[bet.status]} …</p>
  return (
    <div className="flex flex-wrap gap-2">
      <NextStep bet={bet} main />
      {(bet.status === 'open' || bet.status === 'locked') && (
        <>
          <ExtendButton bet={bet} />
          <Button needs="act" look="quiet" onClick={change} aria-label={`Change “${bet.question}”`}>
            Change
          </Button>
        </>
      )}
      <Button needs="act" look="quiet" onClick={() => setCallingOff(true)} aria-label={`Call off “${bet.question}”`}>
        Call off
      </Button>
      {callingOff && <CallOffBet bet={bet} close={() => setCallingOff(false)} />}
    </div>
  )
}
