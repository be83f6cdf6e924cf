import { useEffect, useRef, useState } from 'react'
import type { Evening, Spread } from '#core/games'

/** The spread of many evenings, tried in a worker; undefined while the first is being tried. */
export function useEvening(evening: Evening): Spread | undefined {
  const [spread, setSpread] = useState<Spread>()
  const worker = useRef<Worker | undefined>(undefined)
  const asked = useRef(0)
  useEffect(() => {
    const made = new Worker(new URL('./evening.worker.ts', import.meta.url), { type: 'module' })
    made.onmessage = ({ data }: MessageEvent<{ id: number; spread: Spread }>) => {
      if (data.id === asked.current) setSpread(data.spread)
    }
    worker.current = made
    return () => made.terminate()
  }, [])
  const key = JSON.stringify(evening, (_key, value: unknown) => (typeof value === 'bigint' ? String(value) : value))
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for the evening, which is made anew with each drawing
  useEffect(() => {
    asked.current++
    worker.current?.postMessage({ id: asked.current, evening, seed: 20_261_127 })
  }, [key])
  return spread
}
