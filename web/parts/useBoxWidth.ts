import { type RefCallback, useCallback, useState } from 'react'

/** The width of a box in pixels, anew whenever it changes; 0 before it is measured. */
export function useBoxWidth(): [RefCallback<HTMLElement>, number] {
  const [width, setWidth] = useState(0)
  const box = useCallback((element: HTMLElement | null) => {
    if (element === null) return
    setWidth(element.clientWidth)
    const observer = new ResizeObserver(() => setWidth(element.clientWidth))
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [box, width]
}
