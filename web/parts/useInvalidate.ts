import { type QueryClient, useQueryClient } from '@tanstack/react-query'
import { useCallback, useRef } from 'react'
import { keyOf, type QueryName } from './queryKey.ts'

const GATHER_MS = 350

/**
 * Marks queries as outdated. One that is being read for the first time is read once more after that: what it is about to
 * tell may be older than what has just happened, and its answer would count as current.
 */
export function outdate(client: QueryClient, name: QueryName): void {
  const queryKey = keyOf(name)
  const reads = client.getQueryCache().findAll({ queryKey, fetchStatus: 'fetching' })
  const firstReads = reads.filter(({ state }) => state.data === undefined)
  void client.invalidateQueries({ queryKey })
  for (const { promise, queryKey: own } of firstReads)
    void promise?.then(
      () => client.invalidateQueries({ queryKey: own, exact: true }),
      () => {},
    )
}

/** Marks queries as outdated, gathered over a moment: a burst of facts makes one request, not a hundred. */
export function useInvalidate(): (names: readonly QueryName[]) => void {
  const client = useQueryClient()
  const waiting = useRef(new Set<QueryName>())
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  return useCallback(
    (names) => {
      for (const name of names) waiting.current.add(name)
      timer.current ??= setTimeout(() => {
        timer.current = undefined
        const all = [...waiting.current]
        waiting.current.clear()
        for (const name of all) outdate(client, name)
      }, GATHER_MS)
    },
    [client],
  )
}
