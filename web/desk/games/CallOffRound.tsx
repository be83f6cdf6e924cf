import { digits } from '#core/currency'
import { api } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { roundTitle } from './roundTitle.ts'
import { useGameAction } from './useGameAction.ts'
import type { OpenRound } from './view.ts'

/** Calls a round off, once it has been said who is refunded. */
export function CallOffRound({ round, close }: { round: OpenRound; close: () => void }) {
  const action = useGameAction({ inPlace: true })
  const go = () =>
    action.mutate(
      {
        send: () => api.POST('/desk/rounds/{round}/call-off', { params: { path: { round: round.id } } }),
        said: 'Called off; all stakes are refunded.',
      },
      { onSuccess: close },
    )
  return (
    <DialogForm
      title={`Call ${roundTitle(round)} off`}
      close={close}
      leave="Keep it running"
      does="Call it off"
      danger
      go={go}
      change={action}
    >
      <p>
        It ends here. All stakes not yet paid out are refunded ({digits(round.staked)} were staked), and chat is told.
      </p>
    </DialogForm>
  )
}
