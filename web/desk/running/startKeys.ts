import { useEffect, useState } from 'react'

const TYPED_INTO = 'input:not([type=checkbox]), textarea, select, [role=dialog] *'
/** A key that was hit by accident can be taken back for so long (seconds). */
const WAIT = 3

export interface Starting<T> {
  /** What opens in a moment. */
  readonly next: T | undefined
  readonly left: number
  readonly stop: () => void
  readonly start: (row: T) => void
}

/** Starts something that is kept by its digit: after a moment, so that Escape can stop what was hit by accident. */
export function useStartKeys<T extends { readonly digit: number | null }>(
  rows: readonly T[],
  begin: (row: T) => void,
): Starting<T> {
  const [next, setNext] = useState<T>()
  const [left, setLeft] = useState(0)
  const start = (row: T) => {
    setNext(undefined)
    begin(row)
  }
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape') setNext(undefined)
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
      if (event.target instanceof Element && event.target.matches(TYPED_INTO)) return
      const row = rows.find(({ digit }) => String(digit) === event.key)
      if (row === undefined) return
      setLeft(WAIT)
      setNext(row)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [rows])
  useEffect(() => {
    if (next === undefined) return
    const timer = setTimeout(() => (left <= 1 ? start(next) : setLeft(left - 1)), 1000)
    return () => clearTimeout(timer)
  })
  return { next, left, stop: () => setNext(undefined), start }
}
