import { useState } from 'react'
import { api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { lazily } from '../../parts/lazily.tsx'
import { leftText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { nextOf } from './next.ts'
import { type DeskRaffle, useRaffleAction } from './view.ts'

const CallOffRaffle = lazily(async () => (await import('./CallOffRaffle.tsx')).CallOffRaffle)

const SAID = {
  open: 'It is open.',
  close: 'It is closed.',
  draw: 'The draw is running.',
  finish: 'Finished. The seed is published.',
}

function sendPress(press: keyof typeof SAID, { id, draws }: DeskRaffle): Sent<unknown> {
  const params = { path: { raffle: id } }
  if (press === 'draw') return api.POST('/desk/raffles/{raffle}/draw', { params, body: { draw: draws + 1 } })
  return api.POST(`/desk/raffles/{raffle}/${press}`, { params, body: {} })
}

/** The one thing to do next with a raffle, or whom one waits for and how long. */
export function NextAction({ raffle, main = false }: { raffle: DeskRaffle; main?: boolean }) {
  const action = useRaffleAction()
  const { ahead } = useStatus()
  const now = useNow(ahead)
  const next = nextOf(raffle)
  if ('wait' in next)
    return (
      <p className="tabular py-1.5 text-brass-text">
        {next.wait}
        {next.until !== null && ` · ${leftText(next.until - now)}`}
      </p>
    )
  const { press, label } = next
  return (
    <Button
      needs="act"
      look={main ? 'main' : 'plain'}
      disabled={action.isPending}
      onClick={() =>
        action.mutate({
          send: () => sendPress(press, raffle),
          said: SAID[press],
        })
      }
      aria-label={main ? undefined : `${label}: ${raffle.settings.title}`}
    >
      {label}
    </Button>
  )
}

/** Calls a raffle off, once it has been asked whether that is meant. */
export function CallOffButton({ raffle }: { raffle: DeskRaffle }) {
  const [asking, setAsking] = useState(false)
  return (
    <>
      <Button
        needs="act"
        look="quiet"
        onClick={() => setAsking(true)}
        aria-label={`Call off “${raffle.settings.title}”`}
      >
        Call off
      </Button>
      {asking && <CallOffRaffle raffle={raffle} close={() => setAsking(false)} />}
    </>
  )
}
