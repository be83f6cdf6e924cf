import { useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { RunningBet } from '../bets/RunningBet.tsx'
import { RunningRound } from '../games/RunningRound.tsx'
import { RunningRaffle } from '../raffles/RunningRaffle.tsx'
import { InArea } from '../rights.tsx'
import type { RunningOne } from './byDeadline.ts'
import { useRunning } from './useRunning.ts'

/** Many duels at once would bury what else is on. */
const MOST_SHOWN = 6

/** What is running, whichever ends next at the top: raffles and rounds, each with its clock and what can be pressed. @param titled - Not within a sheet, which is. */
export function Running({ titled = true }: { titled?: boolean }) {
  const [all, setAll] = useState(false)
  const running = useRunning()
  if (running.length === 0) return null
  const more = running.length - MOST_SHOWN
  return (
    <section aria-label="Running" className="border-b border-line px-4 pt-4 pb-2">
      {titled && <h2 className="text-lg">Running</h2>}
      <ul>{running.slice(0, all ? undefined : MOST_SHOWN).map(lineOf)}</ul>
      {more > 0 && <Button onClick={() => setAll(!all)}>{all ? 'Show fewer' : `Show ${more} more`}</Button>}
    </section>
  )
}

function lineOf(one: RunningOne) {
  switch (one.of) {
    case 'raffle':
      return (
        <InArea key={`raffle-${one.raffle.id}`} area="raffles">
          <RunningRaffle raffle={one.raffle} />
        </InArea>
      )
    case 'bet':
      return (
        <InArea key={`bet-${one.bet.id}`} area="bets">
          <RunningBet bet={one.bet} />
        </InArea>
      )
    case 'round':
      return (
        <InArea key={`round-${one.round.id}`} area="games">
          <RunningRound round={one.round} />
        </InArea>
      )
  }
}
