import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answerOf, type Sent } from '../api.ts'
import { useToast } from '../feedback/toasts.tsx'
import { OnOff } from '../OnOff.tsx'

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
  refreshes?: string
}) {
  const client = useQueryClient()
  const toast = useToast()
  const turn = useMutation({
    mutationFn: (next: boolean) => answerOf(send(next)),
    onSuccess: () => client.invalidateQueries({ queryKey: [refreshes] }),
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
  return <OnOff on={turn.isPending ? !on : on} name={label} onTurn={(next) => turn.mutate(next)} />
}
