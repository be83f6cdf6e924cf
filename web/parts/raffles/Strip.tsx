import { useEffect, useRef, useState } from 'react'
import { drawStrip, type StripDrawing } from './drawStrip.ts'

/** The strip of chances with its running marker. @param now - The server's time now; who looks in late sees the rest. */
export function Strip({ drawing, now }: { drawing: StripDrawing; now: number }) {
  const place = useRef<HTMLDivElement>(null)
  const [stopped, setStopped] = useState<readonly string[]>([])
  const began = useRef(now)
  useEffect(() => {
    const within = place.current
    if (within === null) return
    setStopped([])
    drawStrip(within, drawing, began.current - drawing.from, ({ name }) => setStopped((all) => [...all, name]))
    return () => within.replaceChildren()
  }, [drawing])
  return (
    <div className="flex flex-col gap-1">
      <div ref={place} />
      <p aria-live="polite" className="min-h-6 font-semibold">
        {stopped.join(', ')}
      </p>
    </div>
  )
}
