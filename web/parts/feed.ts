import type { Fact, FactKind } from '#core/engine'
import { onWake } from './wake.ts'

/** A fact as the feed tells it. */
export type LiveFact<K extends FactKind = FactKind> = K extends FactKind ? Omit<Fact<K>, 'audience'> : never

export interface Followed {
  /** Where to listen from. @param last - The last fact that was heard; undefined: none yet. */
  readonly address: (last: number | undefined) => string
  readonly onFact: (fact: LiveFact) => void
  /** Facts were missed for good: load everything anew. */
  readonly onReset: () => void
  /** The connection is up, or down. */
  readonly onUp?: (up: boolean) => void
  /** The server's clock, in Unix seconds. */
  readonly onNow?: (seconds: number) => void
}

const RETRY_MS = 2000

/**
 * Listens to facts for as long as it is wanted, whatever happens to the connection: the browser resumes a broken one, one that
 * was refused is tried again, and after the device has slept it is opened anew. Each goes on after the last fact heard.
 * @returns Stops it.
 */
export function follow({ address, onFact, onReset, onUp, onNow }: Followed): () => void {
  let source: EventSource
  let retry: ReturnType<typeof setTimeout> | undefined
  let last: number | undefined
  const open = () => {
    source = new EventSource(address(last))
    source.onopen = () => onUp?.(true)
    source.onmessage = ({ data }) => {
      const fact = JSON.parse(String(data)) as LiveFact
      last = fact.seq
      onFact(fact)
    }
    source.addEventListener('reset', onReset)
    source.addEventListener('now', ({ data }) => onNow?.(Number(data)))
    source.onerror = () => {
      onUp?.(false)
      // The browser gives up for good on an error answer (a server that is just starting); we do not.
      if (source.readyState === EventSource.CLOSED) retry = setTimeout(open, RETRY_MS)
    }
  }
  const close = () => {
    clearTimeout(retry)
    source.close()
  }
  open()
  const sleepWell = onWake(() => {
    close()
    open()
  })
  return () => {
    sleepWell()
    close()
  }
}
