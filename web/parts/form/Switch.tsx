import { answerOf, type Sent } from '../api.ts'
import { OnOff } from '../OnOff.tsx'
import { useAreaRights } from '../page/areaRights.tsx'
import type { QueryName } from '../queryKey.ts'
import { useChange } from '../useChange.ts'

/** Switches something on or off at once. */
export function Switch({
  turn: send,
  on,
  label,
  refreshes = 'commands',
}: {
  turn: (on: boolean) => Sent<unknown>
  on: boolean
  label: string
  /** What of the desk is outdated by it. */
  refreshes?: QueryName
}) {
  const turn = useChange({
    ask: (next: boolean) => answerOf(send(next)),
    invalidates: [refreshes],
  })
  if (!useAreaRights().act) return <span className="text-muted">{on ? 'On' : 'Off'}</span>
  return <OnOff on={turn.isPending ? !on : on} name={label} onTurn={(next) => turn.mutate(next)} />
}
