import { digits } from '#core/currency'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
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
    <FormDialog title={`Call ${roundTitle(round)} off`} close={close}>
      <p>
        It ends here. All stakes not yet paid out are refunded ({digits(round.staked)} were staked), and chat is told.
      </p>
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
