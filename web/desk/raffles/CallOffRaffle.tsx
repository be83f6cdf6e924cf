import { useState } from 'react'
import { digits } from '#core/currency'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT } from '../../parts/form/inputs.tsx'
import { useStatus } from '../status.ts'
import { type DeskRaffle, useRaffleAction } from './view.ts'

/** Calls a raffle off with a reason that everybody can read. */
export function CallOffRaffle({ raffle, close }: { raffle: DeskRaffle; close: () => void }) {
  const action = useRaffleAction({ inPlace: true })
  const { currency } = useStatus()
  const [why, setWhy] = useState('')
  const go = () =>
    action.mutate(
      {
        send: () =>
          api.POST('/desk/raffles/{raffle}/call-off', { params: { path: { raffle: raffle.id } }, body: { why } }),
        said: 'Called off.',
      },
      { onSuccess: close },
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
      {action.error && <Problem error={action.error} />}
      <div className="flex gap-2">
        <Button look="danger" disabled={action.isPending} onClick={go}>
          Call it off
        </Button>
        <Button onClick={close}>Keep it running</Button>
      </div>
    </FormDialog>
  )
}
