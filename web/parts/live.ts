import { useEffect, useRef, useState } from 'react'
import type { Fact, FactKind } from '#core/engine'
import { onWake } from './wake.ts'

/** A fact as the feed tells it. */
export type LiveFact<K extends FactKind = FactKind> = K extends FactKind ? Omit<Fact<K>, 'audience'> : never

export interface LiveOptions {
  /** Where to listen; undefined: not yet. */
  readonly address: string | undefined
  readonly onFact: (fact: LiveFact) => void
  /** Facts were missed for good: load everything anew. */
  readonly onReset: () => void
}

const RETRY_MS = 2000

/**
 * Listens to a channel's facts. The browser resumes after a break from the last fact it saw.
 * @returns Whether the connection is up.
 */
export function useLive({ address, onFact, onReset }: LiveOptions): boolean {
  const [up, setUp] = useState(true)
  const handlers = useRef({ onFact, onReset })
  useEffect(() => {
    handlers.current = { onFact, onReset }
  })
  useEffect(() => {
    if (address === undefined) return
    let source: EventSource | undefined
    let retry: ReturnType<typeof setTimeout> | undefined
    let last: number | undefined
    const open = () => {
      source = new EventSource(last === undefined ? address : address.replace(/after=\d+/, `after=${last}`))
      source.onopen = () => setUp(true)
      source.onmessage = ({ data }) => {
        const fact = JSON.parse(String(data)) as LiveFact
        last = fact.seq
        handlers.current.onFact(fact)
      }
      source.addEventListener('reset', () => handlers.current.onReset())
      source.onerror = () => {
        setUp(false)
        // The browser gives up for good on an error answer (a server that is just starting); we do not.
        if (source?.readyState === EventSource.CLOSED) retry = setTimeout(open, RETRY_MS)
      }
    }
    open()
    const stop = onWake(() => {
      clearTimeout(retry)
      source?.close()
      open()
    })
    return () => {
      stop()
      clearTimeout(retry)
      source?.close()
    }
  }, [address])
  return up
}
