import { useEffect, useRef } from 'react'
import { drawWheel, type WheelDrawn } from './drawWheel.ts'

/** The wheel, stopped at a number or turning to it. What it shows is said beside it in words. */
export function Wheel({ number, turns, className }: { number: number | null; turns: boolean; className?: string }) {
  const place = useRef<HTMLDivElement>(null)
  const wheel = useRef<WheelDrawn | undefined>(undefined)
  useEffect(() => {
    const drawn = drawWheel()
    drawn.element.style.display = 'block'
    place.current?.append(drawn.element)
    wheel.current = drawn
    return () => drawn.element.remove()
  }, [])
  useEffect(() => wheel.current?.stopAt(number, turns), [number, turns])
  return <div ref={place} className={className} />
}
