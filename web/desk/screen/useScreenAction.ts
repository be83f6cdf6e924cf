import { useMutation, useQueryClient } from '@tanstack/react-query'
import { change } from '../../parts/api.ts'
import { useToast } from '../../parts/toasts.tsx'

interface Acting {
  readonly path: string
  readonly body?: unknown
  /** What is said once it has happened. */
  readonly said?: string
}

/** Changes something of the screen at once, and says so. */
export function useScreenAction() {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: ({ path, body }: Acting) => change<Readonly<Record<string, unknown>>>('POST', path, body),
    onSuccess: (_answer, { said }) => {
      if (said !== undefined) toast({ text: said })
      return client.invalidateQueries({ queryKey: ['screen'] })
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
}
