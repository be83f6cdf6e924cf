import { digits } from '#core/currency'
import { api } from '../../parts/api.ts'
import { ReasonDialog } from '../raffles/ReasonDialog.tsx'
import { useStatus } from '../status.ts'
import { type DeskBet, potOf, useBetAction } from './view.ts'

/** Calls a bet off with a reason that everybody can read. */
export function CallOffBet({ bet, close }: { bet: DeskBet; close: () => void }) {
  const action = useBetAction({ inPlace: true })
  const { currency } = useStatus()
  const go = (why: string) =>
    action.mutate(
      {
        send: () => api.POST('/desk/bets/{bet}/call-off', { params: { path: { bet: bet.id } }, body: { why } }),
        said: 'Called off.',
      },
      { onSuccess: close },
    )
  return (
    <ReasonDialog
      title={`Call “${bet.question}” off`}
      does="Call it off"
      leave="Keep it running"
      optional
      close={close}
      go={go}
      change={action}
    >
      <p>
        {potOf(bet) > 0
          ? `All ${digits(potOf(bet))} ${currency.many} go back to who staked them, and chat is told.`
          : 'Nobody has bet anything. Chat is told.'}
      </p>
    </ReasonDialog>
  )
}
