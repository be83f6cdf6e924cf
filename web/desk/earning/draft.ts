import { queryOptions, useMutation } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import type { EarningPlan } from '#core/earning'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
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
}

const KEEP_AFTER_MS = 700

/** The draft of a plan, begun from what the server keeps. */
export function useDraft(live: EarningPlan, kept: EarningPlan | null): Draft {
  const [plan, setPlan] = useState(kept ?? live)
  const [version, setVersion] = useState(0)
  const [problems, setProblems] = useState<Record<string, string>>({})
  const keep = useMutation({
    mutationFn: (wanted: EarningPlan) =>
      answerOf(api.PUT('/desk/earning/draft', { body: { plan: same(wanted, live) ? null : wanted, nextShow: false } })),
  })
  const last = useRef(kept ?? live)
  const { mutate } = keep
  useEffect(() => {
    if (same(plan, last.current)) return
    const timer = setTimeout(() => {
      last.current = plan
      mutate(plan)
    }, KEEP_AFTER_MS)
    return () => clearTimeout(timer)
  }, [plan, mutate])
  return {
    plan,
    set: (patch) => setPlan((before) => ({ ...before, ...patch })),
    problems,
    setProblem: (name, problem) =>
      setProblems(({ [name]: _, ...others }) => (problem === undefined ? others : { ...others, [name]: problem })),
    changed: !same(plan, live),
    saving: keep.isError ? 'failed' : same(plan, last.current) && !keep.isPending ? 'saved' : 'saving',
    version,
    replace: (next) => {
      setPlan(next)
      setProblems({})
      setVersion((n) => n + 1)
    },
  }
}
