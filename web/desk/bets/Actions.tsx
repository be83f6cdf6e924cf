import { useState } from 'react'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { lazily } from '../../parts/lazily.tsx'
import { type DeskBet, STATES, useBetAction } from './view.ts'

const SettleDialog = lazily(async () => (await import('./SettleDialog.tsx')).SettleDialog)

/** The one thing to do next with a bet: lock it, pick what came true, or change what was picked. */
export function NextStep({ bet, main = false }: { bet: DeskBet; main?: boolean }) {
  const [settling, setSettling] = useState(false)
  const action = useBetAction()
  const look = main ? 'main' : 'plain'
  const named = (label: string) => (main ? {} : { 'aria-label': `${label}: ${bet.question}` })
  if (bet.status === 'open')
    return (
      <Button
        needs="act"
        look={look}
        disabled={action.isPending}
        onClick={() =>
          action.mutate({
            send: () => api.POST('/desk/bets/{bet}/lock', { params: { path: { bet: bet.id } } }),
            said: 'Locked.',
          })
        }
        {...named('Lock now')}
      >
        Lock now
      </Button>
    )
  if (bet.status !== 'locked' && bet.status !== 'announced')
    return <p className="py-1.5 text-brass-text">{STATES[bet.status]} …</p>
  const label = bet.status === 'locked' ? 'Pick what came true' : 'Change the winner'
  return (
    <>
      <Button
        needs="act"
        look={bet.status === 'locked' ? look : 'plain'}
        onClick={() => setSettling(true)}
        {...named(label)}
      >
        {label}
      </Button>
      {settling && <SettleDialog bet={bet} close={() => setSettling(false)} />}
    </>
  )
}

/** One that is open without an end gets one. */
function extendLabel({ status, locksAt }: DeskBet): string {
  if (status !== 'open') return 'Open again for a minute'
  return locksAt === null ? 'Lock in a minute' : 'A minute longer'
}

/** Keeps betting open for a minute longer, or opens it again after a lock that came too early. */
export function ExtendButton({ bet }: { bet: DeskBet }) {
  const action = useBetAction()
  const label = extendLabel(bet)
  return (
    <Button
      needs="act"
      look="quiet"
      disabled={action.isPending}
      aria-label={`${label}: ${bet.question}`}
      onClick={() =>
        action.mutate({
          send: () => api.POST('/desk/bets/{bet}/extend', { params: { path: { bet: bet.id } }, body: { seconds: 60 } }),
          said: bet.status === 'open' ? 'Done.' : 'It is open again.',
        })
      }
    >
      {label}
    </Button>
  )
}
