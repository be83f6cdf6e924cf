import type { Readiness } from '#core/runs'

/** What keeps several rows of a list from working for the same reason. */
export interface SharedFault {
  readonly fault: Readiness
  readonly count: number
}

/** So many rows with the same fault have it said once, above them. */
const LEAST_SHARED = 3

/** The faults that many rows share, the most frequent first: said once above the list, and by a mark in each row. */
export function sharedFaults(all: readonly Readiness[]): SharedFault[] {
  const counts = new Map<string, SharedFault>()
  for (const fault of all)
    if (!fault.ready && fault.fix !== null)
      counts.set(fault.sentence, { fault, count: (counts.get(fault.sentence)?.count ?? 0) + 1 })
  return [...counts.values()].filter(({ count }) => count >= LEAST_SHARED).sort((a, b) => b.count - a.count)
}
