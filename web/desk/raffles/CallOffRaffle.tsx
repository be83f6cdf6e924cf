import { digits } from '#core/currency'
import { api } from '../../parts/api.ts'
import { useStatus } from '../status.ts'
import { ReasonDialog } from './ReasonDialog.tsx'
import { type DeskRaffle, useRaffleAction } from './view.ts'

/** Calls a raffle off with a reason that everybody can read. */
export function CallOffRaffle({ raffle, close }: { raffle: DeskRaffle; close: () => void }) {
  const action = useRaffleAction({ inPlace: true })
  const { currency } = useStatus()
  const go = (why: string) =>
    action.mutate(
      {
        send: () =>
          api.POST('/desk/raffles/{raffle}/call-off', { params: { path: { raffle: raffle.id } }, body: { why } }),
        said: 'Called off.',
      },
      { onSuccess: close },
    )
  return (
    <ReasonDialog
      title={`Call “${raffle.settings.title}” off`}
      does="Call it off"
      leave="Keep it running"
      optional
      close={close}
      go={go}
      change={action}
    >
      <p>
        {raffle.paid > 0
          ? `All ${digits(raffle.paid)} ${currency.many} paid for tickets are refunded, and chat is told.`
          : 'Nobody has paid anything. Chat is told.'}
      </p>
    </ReasonDialog>
  )
}
