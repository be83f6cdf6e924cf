import { useEffect, useRef, useState } from 'react'
import { feedAddress } from './api.ts'
import { type Followed, follow } from './feed.ts'

interface FeedOptions extends Pick<Followed, 'onFact' | 'onReset'> {
  /** Which feed of the channel: `/desk/feed`. */
  readonly path: string
  /** The last fact that is known; undefined: not yet. */
  readonly after: number | undefined
}

/** Listens to a channel's facts. @returns Whether the connection is up. */
export function useFeed({ path, after, onFact, onReset }: FeedOptions): boolean {
  const [up, setUp] = useState(true)
  const handlers = useRef({ onFact, onReset })
  useEffect(() => {
    handlers.current = { onFact, onReset }
  })
  useEffect(() => {
    if (after === undefined) return
    return follow({
      address: (last) => feedAddress(path, last ?? after),
      onFact: (fact) => handlers.current.onFact(fact),
      onReset: () => handlers.current.onReset(),
      onUp: setUp,
    })
  }, [path, after])
  return up
}
