import { useEffect, useRef, useState } from 'react'
import { runStrip, type StripDrawing, type StripRevealed, stopStrip } from './drawStrip.ts'

/** The result of a draw stays above the winners for so long (seconds); after that the list of winners says it. */
const STAYS_SECONDS = 60
/** Who looks in later than this after the reveal (seconds) sees the marker at rest. */
const MOVES_SECONDS = 3

interface StripProps {
  readonly drawing: StripDrawing | null
  readonly revealed: (StripRevealed & { readonly at: number }) | null
  /** The server's time now (Unix seconds). */
  readonly now: number
}

/** Whether there is anything of a draw to look at. */
export const showsStrip = ({ drawing, revealed, now }: StripProps): boolean =>
  drawing !== null || (revealed !== null && now - revealed.at < STAYS_SECONDS)

/** The odds bar: while a draw runs with its sweeping marker, once it is revealed with the marker on who was drawn. */
export function Strip({ drawing, revealed, now }: StripProps) {
  const place = useRef<HTMLDivElement>(null)
  const [stopped, setStopped] = useState<readonly string[]>([])
  const time = useRef(now)
  time.current = now
  const from = drawing?.from
  const at = revealed?.at
  // biome-ignore lint/correctness/useExhaustiveDependencies: the same draw, read again, must not start its marker anew
  useEffect(() => {
    const within = place.current
    if (within === null) return
    setStopped([])
    if (drawing !== null) runStrip(within, drawing)
    else if (revealed !== null)
      stopStrip(within, revealed, time.current - revealed.at < MOVES_SECONDS, ({ name }) =>
        setStopped((all) => [...all, name]),
      )
    return () => within.replaceChildren()
  }, [from, at])
  return (
    <div className="flex flex-col gap-1">
      <div ref={place} />
      <p aria-live="polite" className="min-h-6 font-semibold">
        {stopped.join(', ')}
      </p>
    </div>
  )
}
