import { type UseMutationResult, useMutation, useQueryClient } from '@tanstack/react-query'
import { useToast } from './feedback/toasts.tsx'
import { keyOf, type QueryName } from './queryKey.ts'

interface Said {
  readonly text: string
  readonly look?: 'done' | 'problem'
}

export interface Change<A, V> {
  /** Asks the server for it. */
  readonly ask: (wanted: V) => Promise<A>
  /** What is outdated by it, whether it happened or not; `all`: whatever is shown. */
  readonly invalidates: readonly QueryName[] | 'all'
  /** What is said in passing once it has happened; `undefined`: nothing. */
  readonly said?: string | ((answer: A, wanted: V) => string | Said | undefined)
  /** What takes it back, where that can be had; what it comes to is said in passing, if that is a sentence. */
  readonly undo?: ((answer: A, wanted: V) => Promise<unknown>) | undefined
  /** A dialog or form shows a refusal itself, beside what was typed: it is not said in passing, too. */
  readonly inPlace?: boolean
  readonly onDone?: (answer: A, wanted: V) => void
  /** What is outdated by it has been asked for anew: a form that lets go of its draft shows what is saved now. */
  readonly onFresh?: (answer: A, wanted: V) => void
}

/**
 * Changes something at the server: says that it has happened, or why not, offers Undo where that is possible, and asks anew for
 * what is outdated by it. Pending until that is there.
 */
export function useChange<A = unknown, V = void>(change: Change<A, V>): UseMutationResult<A, Error, V> {
  const toast = useToast()
  const outdate = useOutdate(change.invalidates)
  const undoing = async (undo: Promise<unknown>) => {
    try {
      const undone = await undo
      if (typeof undone === 'string') toast({ text: undone })
      await outdate()
    } catch (fault) {
      toast({ text: (fault as Error).message, look: 'problem' })
    }
  }
  return useMutation({
    mutationFn: change.ask,
    onSuccess: async (answer, wanted) => {
      const { said, undo } = change
      const words = typeof said === 'function' ? said(answer, wanted) : said
      if (words !== undefined)
        toast({
          ...(typeof words === 'string' ? { text: words } : words),
          ...(undo && { undo: () => void undoing(undo(answer, wanted)) }),
        })
      change.onDone?.(answer, wanted)
      await outdate()
      change.onFresh?.(answer, wanted)
    },
    onError: (fault) => {
      if (!change.inPlace) toast({ text: fault.message, look: 'problem' })
      void outdate()
    },
  })
}

/** Asks anew for what is outdated; done once that is there. */
function useOutdate(names: Change<unknown, unknown>['invalidates']): () => Promise<void> {
  const client = useQueryClient()
  return async () => {
    if (names === 'all') await client.invalidateQueries()
    else await Promise.all(names.map((name) => client.invalidateQueries({ queryKey: keyOf(name) })))
  }
}
