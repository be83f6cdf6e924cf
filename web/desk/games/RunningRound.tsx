import { useState } from 'react'
import { Link } from 'react-router'
import { digits } from '#core/currency'
import { GAME_NAMES } from '#core/games'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { clockText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { useGameAction } from './useGameAction.ts'
import type { OpenRound } from './view.ts'

/** A round that is on, with its clock and a way to call it off. */
export function RunningRound({ round }: { round: OpenRound }) {
  const [asking, setAsking] = useState(false)
  const { ahead } = useStatus()
  const left = Math.max(0, (round.nextAt ?? 0) - useNow(ahead))
  return (
    <li className="border-t border-line py-2 first:border-t-0">
      <p className="flex items-baseline justify-between gap-2">
        <strong className="truncate">{titleOf(round)}</strong>
        <span className="tabular shrink-0 text-brass-text">{clockText(left).replace(/^0:/, '')}</span>
      </p>
      <p className="tabular text-[0.93rem] text-muted">{standOf(round)}</p>
      <p className="mt-1 flex gap-2">
        {round.game === 'cup' && (
          <Link to="/games/cup" className="rounded-md border border-line px-3 py-1 hover:bg-raised">
            Open
          </Link>
        )}
        <Button look="quiet" onClick={() => setAsking(true)} aria-label={`Call off ${titleOf(round)}`}>
          Call off
        </Button>
      </p>
      {asking && <CallOff round={round} close={() => setAsking(false)} />}
    </li>
  )
}

function titleOf({ game, state }: OpenRound): string {
  if (state.of === 'duel') return `Duel: ${state.challenger.name} – ${state.challenged?.name ?? 'anyone'}`
  if (state.of === 'cup') return state.rules.name
  if (state.of === 'heist' && state.site !== null) return state.site.name
  return GAME_NAMES[game]
}

function standOf({ status, seats, staked, state }: OpenRound): string {
  const pot = `${digits(staked)} in the pot`
  if (status === 'opened') return `waits for an answer · ${pot}`
  if (state.of === 'heist' && state.site !== null)
    return `${state.inside} of ${digits(seats)} inside, room ${Math.min(state.step + 1, state.site.rooms.length)} of ${state.site.rooms.length} next · ${pot}`
  if (state.of === 'cup') return `${state.entrants.length} of ${state.rules.places} in · ${pot}`
  if (status === 'gathering') return `${digits(seats)} ${state.of === 'roulette' ? 'bets' : 'in'} · ${pot}`
  return `being decided · ${pot}`
}

function CallOff({ round, close }: { round: OpenRound; close: () => void }) {
  const action = useGameAction()
  const go = () =>
    action.mutate(
      {
        send: () => api.POST('/desk/rounds/{round}/call-off', { params: { path: { round: round.id } } }),
        said: 'Called off; all stakes are refunded.',
      },
      { onSettled: close },
    )
  return (
    <FormDialog title={`Call ${titleOf(round)} off`} close={close}>
      <p>
        It ends here. All stakes not yet paid out are refunded ({digits(round.staked)} were staked), and chat is told.
      </p>
      <div className="flex gap-2">
        <Button look="danger" disabled={action.isPending} onClick={go}>
          Call it off
        </Button>
        <Button onClick={close}>Keep it running</Button>
      </div>
    </FormDialog>
  )
}
