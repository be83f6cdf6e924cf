import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, type Sent } from '../api.ts'
import { Button } from '../Button.tsx'
import { useToast } from '../feedback/toasts.tsx'

/** Takes something away, after asking. */
export function RemoveButton({
  send,
  name,
  close,
  refreshes = 'commands',
  how = 'Remove',
}: {
  send: () => Sent<unknown>
  name: string
  close: () => void
  /** What of the desk is outdated by it. */
  refreshes?: string
  how?: string
}) {
  const client = useQueryClient()
  const toast = useToast()
  const [asking, setAsking] = useState(false)
  const remove = useMutation({
    mutationFn: () => answerOf(send()),
    onSuccess: async () => {
      toast({ text: `${name} was removed.` })
      close()
      await client.invalidateQueries({ queryKey: [refreshes] })
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
  if (!asking)
    return (
      <Button look="quiet" onClick={() => setAsking(true)}>
        {how}
      </Button>
    )
  return (
    <Button
      look="danger"
      ref={(button) => button?.focus()}
      onClick={() => remove.mutate()}
      onBlur={() => setAsking(false)}
    >
      {how} {name}?
    </Button>
  )
}
