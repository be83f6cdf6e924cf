import { type ComponentType, lazy, Suspense } from 'react'

/**
 * A part of a page that is not needed for its first view. It is fetched as soon as that view is there, so that it is at
 * hand by the time somebody wants it; nothing is shown in its place until then.
 */
export function lazily<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const Part = lazy(async () => ({ default: await load() })) as unknown as ComponentType<P>
  const fetchAhead = () => void load().catch(() => {})
  window.addEventListener('load', () => setTimeout(fetchAhead, AFTER_LOAD_MS))
  return function Lazily(props: P) {
    return (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    )
  }
}

/** Leaves the first view the line and the processor to itself. */
const AFTER_LOAD_MS = 2000
