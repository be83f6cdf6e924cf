import { useEffect, useState } from 'react'
import type { SetupRow } from '#core/raffles'
import { api } from '../../parts/api.ts'
import { useRaffleAction } from './view.ts'

const TYPED_INTO = 'input:not([type=checkbox]), textarea, select, [role=dialog] *'
/** A key that was hit by accident can be taken back for so long (seconds). */
const WAIT = 3

export interface Starting {
  /** What opens in a moment. */
  readonly next: SetupRow | undefined
  readonly left: number
  readonly stop: () => void
  readonly start: (setup: SetupRow) => void
}

/** Starts a raffle from a set-up by its digit: after a moment, so that Escape can stop what was hit by accident. */
export function useStartKeys(setups: readonly SetupRow[]): Starting {
  const action = useRaffleAction()
  const [next, setNext] = useState<SetupRow>()
  const [left, setLeft] = useState(0)
  const start = ({ id, settings }: SetupRow) => {
    setNext(undefined)
    const body = { settings, opens: { of: 'now' }, setup: id } as const
    action.mutate({ send: () => api.POST('/desk/raffles', { body }), said: `“${settings.title}” is open.` })
  }
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape') setNext(undefined)
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
      if (event.target instanceof Element && event.target.matches(TYPED_INTO)) return
      const setup = setups.find(({ digit }) => String(digit) === event.key)
      if (setup === undefined) return
      setLeft(WAIT)
      setNext(setup)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [setups])
  useEffect(() => {
    if (next === undefined) return
    const timer = setTimeout(() => (left <= 1 ? start(next) : setLeft(left - 1)), 1000)
    return () => clearTimeout(timer)
  })
  return { next, left, stop: () => setNext(undefined), start }
}
