import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { change } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { useToast } from '../../parts/toasts.tsx'

/** Takes a command or trigger away, after asking. */
export function Remove({ path, name, close }: { path: string; name: string; close: () => void }) {
  const client = useQueryClient()
  const toast = useToast()
  const [asking, setAsking] = useState(false)
  const remove = useMutation({
    mutationFn: () => change('POST', path),
    onSuccess: async () => {
      toast({ text: `${name} is gone.` })
      close()
      await client.invalidateQueries({ queryKey: ['commands'] })
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
  if (!asking)
    return (
      <Button look="quiet" onClick={() => setAsking(true)}>
        Take it away
      </Button>
    )
  return (
    <Button
      look="danger"
      ref={(button) => button?.focus()}
      onClick={() => remove.mutate()}
      onBlur={() => setAsking(false)}
    >
      Really take {name} away
    </Button>
  )
}
