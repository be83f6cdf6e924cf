import { useState } from 'react'
import { digits } from '#core/currency'
import { api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { INPUT } from '../../parts/form/inputs.tsx'
import { leftText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { nextOf } from './next.ts'
import { type DeskRaffle, useRaffleAction } from './view.ts'

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
      <Button look="quiet" onClick={() => setAsking(true)} aria-label={`Call off “${raffle.settings.title}”`}>
        Call off
      </Button>
      {asking && <CallOff raffle={raffle} close={() => setAsking(false)} />}
    </>
  )
}

function CallOff({ raffle, close }: { raffle: DeskRaffle; close: () => void }) {
  const action = useRaffleAction()
  const { currency } = useStatus()
  const [why, setWhy] = useState('')
  const go = () =>
    action.mutate(
      {
        send: () =>
          api.POST('/desk/raffles/{raffle}/call-off', { params: { path: { raffle: raffle.id } }, body: { why } }),
        said: 'Called off.',
      },
      { onSettled: close },
    )
  return (
    <FormDialog title={`Call “${raffle.settings.title}” off`} close={close}>
      <p>
        {raffle.paid > 0
          ? `All ${digits(raffle.paid)} ${currency.many} paid for tickets are refunded, and chat is told.`
          : 'Nobody has paid anything. Chat is told.'}
      </p>
      <label className="flex flex-col gap-1">
        Why (everybody can read it; may be empty)
        <input value={why} maxLength={200} onChange={(event) => setWhy(event.target.value)} className={INPUT} />
      </label>
      <div className="flex gap-2">
        <Button look="danger" disabled={action.isPending} onClick={go}>
          Call it off
        </Button>
        <Button onClick={close}>Keep it running</Button>
      </div>
    </FormDialog>
  )
}

/** Asks for a reason, and does something with it. */
export function ReasonDialog({
  title,
  children,
  does,
  close,
  go,
}: {
  title: string
  children: React.ReactNode
  does: string
  close: () => void
  go: (why: string) => void
}) {
  const [why, setWhy] = useState('')
  return (
    <FormDialog title={title} close={close}>
      {children}
      <label className="flex flex-col gap-1">
        Why (everybody can read it)
        <input value={why} maxLength={200} onChange={(event) => setWhy(event.target.value)} className={INPUT} />
      </label>
      <div className="flex gap-2">
        <Button look="danger" disabled={why.trim() === ''} onClick={() => go(why.trim())}>
          {does}
        </Button>
        <Button onClick={close}>Leave it</Button>
      </div>
    </FormDialog>
  )
}
