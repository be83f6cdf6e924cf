import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useRef } from 'react'

const GATHER_MS = 350

/** Marks queries as outdated, gathered over a moment: a burst of facts makes one request, not a hundred. */
export function useRefresh(): (names: readonly string[]) => void {
  const client = useQueryClient()
  const waiting = useRef(new Set<string>())
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  return useCallback(
    (names) => {
      for (const name of names) waiting.current.add(name)
      timer.current ??= setTimeout(() => {
        timer.current = undefined
        const all = [...waiting.current]
        waiting.current.clear()
        for (const name of all) void client.invalidateQueries({ queryKey: [name] })
      }, GATHER_MS)
    },
    [client],
  )
}
