import { queryOptions, useMutation } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import type { EarningPlan } from '#core/earning'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import type { Conflict } from '../../parts/form/drafts.tsx'
import { type Clash, mergeDraft, takeTheirs } from '../../parts/form/mergeDraft.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { same } from '../../parts/same.ts'

/** What the Earning page is made of. */
export type Earning = Answer<'/desk/earning'>

export const earningQuery = queryOptions({
  queryKey: keyOf('earning'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/earning', { signal })),
})

/** A draft in the making: every change is kept on the server a moment after it was made. */
export interface Draft {
  readonly plan: EarningPlan
  readonly set: (patch: Partial<EarningPlan>) => void
  /** What is wrong with fields, by their names; a field that cannot be read keeps its last value. */
  readonly problems: Readonly<Record<string, string>>
  readonly setProblem: (name: string, problem: string | undefined) => void
  readonly changed: boolean
  readonly saving: 'saved' | 'saving' | 'failed'
  /** Goes up when the whole plan was replaced, so that fields start anew from it. */
  readonly version: number
  readonly replace: (plan: EarningPlan) => void
  /** Where somebody else applied something different meanwhile. */
  readonly conflict: Conflict | undefined
}

const KEEP_AFTER_MS = 700

/** Keeps a draft on the server a moment after it was changed. @returns how that stands, and whether it lies there no more. */
function useKept(plan: EarningPlan, live: EarningPlan, kept: EarningPlan | null) {
  const { mutate, isError, isPending } = useMutation({
    mutationFn: (wanted: EarningPlan) =>
      answerOf(api.PUT('/desk/earning/draft', { body: { plan: same(wanted, live) ? null : wanted, nextShow: false } })),
  })
  const last = useRef(kept ?? live)
  useEffect(() => {
    if (same(plan, last.current)) return
    const timer = setTimeout(() => {
      last.current = plan
      mutate(plan)
    }, KEEP_AFTER_MS)
    return () => clearTimeout(timer)
  }, [plan, mutate])
  const saving: Draft['saving'] = isError ? 'failed' : same(plan, last.current) && !isPending ? 'saved' : 'saving'
  return { saving, gone: (now: EarningPlan) => (last.current = now) }
}

/** The draft of a plan, begun from what the server keeps; what somebody else applies meanwhile is joined with it. */
export function useDraft(live: EarningPlan, kept: EarningPlan | null): Draft {
  const [plan, setPlan] = useState(kept ?? live)
  const [version, setVersion] = useState(0)
  const [problems, setProblems] = useState<Record<string, string>>({})
  const { saving, gone } = useKept(plan, live, kept)
  const replace = (next: EarningPlan) => {
    setPlan(next)
    setProblems({})
    setVersion((n) => n + 1)
  }
  const conflict = useMeanwhile(plan, live, (merged) => {
    // A plan that is applied takes the draft at the server with it.
    gone(live)
    replace(merged)
  })
  return {
    plan,
    set: (patch) => setPlan((before) => ({ ...before, ...patch })),
    problems,
    setProblem: (name, problem) =>
      setProblems(({ [name]: _, ...others }) => (problem === undefined ? others : { ...others, [name]: problem })),
    changed: !same(plan, live),
    saving,
    version,
    replace,
    conflict,
  }
}

/** Joins what was typed with what somebody else applied meanwhile. @returns where both changed the same. */
function useMeanwhile(plan: EarningPlan, live: EarningPlan, joined: (plan: EarningPlan) => void): Conflict | undefined {
  const [begun, setBegun] = useState(live)
  const [clashes, setClashes] = useState<readonly Clash[]>([])
  useEffect(() => {
    if (same(begun, live)) return
    const found = mergeDraft(begun, plan, live)
    setBegun(live)
    setClashes(found.clashes)
    joined(found.merged)
  })
  if (clashes.length === 0 || same(plan, live)) return undefined
  return {
    clashes,
    keepMine: () => setClashes([]),
    takeTheirs: () => {
      setClashes([])
      joined(takeTheirs(plan, clashes))
    },
  }
}
