import { type ComponentType, lazy, Suspense, useState } from 'react'

/** A part that is fetched later, or when `load` is called. */
export type LazyPart<P> = ComponentType<P> & { readonly load: () => Promise<unknown> }

/**
 * A part of a page that is not needed for its first view. It is fetched as soon as that view is there, so that it is at
 * hand by the time somebody wants it.
 * @param Meanwhile - What stands in its place until then; nothing, where it is left out.
 */
export function lazily<P extends object>(
  fetch: () => Promise<ComponentType<P>>,
  Meanwhile?: ComponentType<P>,
): LazyPart<P> {
  let loaded: ComponentType<P> | undefined
  const load = async () => {
    loaded ??= await fetch()
    return loaded
  }
  const Part = lazy(async () => ({ default: await load() })) as unknown as ComponentType<P>
  fetchLater(load)
  function Lazily(props: P) {
    // One that is there is shown at once: what was waited for even for a moment, React holds back for 300 ms.
    const [There] = useState(() => loaded)
    if (There !== undefined) return <There {...props} />
    return (
      <Suspense fallback={Meanwhile === undefined ? null : <Meanwhile {...props} />}>
        <Part {...props} />
      </Suspense>
    )
  }
  return Object.assign(Lazily, { load })
}

const ahead: (() => Promise<unknown>)[] = []
/** Whether the first view is over, and whether something is being fetched ahead. */
let [begun, busy] = [false, false]

/** What a page that was fetched ahead can itself do without is fetched after it. */
function fetchLater(load: () => Promise<unknown>): void {
  ahead.push(load)
  if (begun && !busy) fetchAhead()
}

/** Leaves the first view the line and the processor to itself. */
const AFTER_LOAD_MS = 4000

/** Safari knows no idle moments; a short pause is near enough. */
const whenIdle = (run: () => void): void =>
  void ('requestIdleCallback' in window ? window.requestIdleCallback(run) : setTimeout(run, 200))

/** While somebody points, presses or types, what they do has the processor to itself. */
const AT_REST_MS = 1000
let touchedAt = Number.NEGATIVE_INFINITY
const touched = () => {
  touchedAt = performance.now()
}
for (const touch of ['pointermove', 'pointerdown', 'keydown', 'wheel'])
  window.addEventListener(touch, touched, { capture: true, passive: true })

/** One after the other, each in an idle moment: all at once would hold up whoever just begins to read. */
function fetchAhead(): void {
  const rests = performance.now() - touchedAt
  if (rests < AT_REST_MS) {
    busy = true
    setTimeout(fetchAhead, AT_REST_MS - rests)
    return
  }
  const load = ahead.shift()
  begun = true
  busy = load !== undefined
  if (load !== undefined)
    whenIdle(
      () =>
        void load()
          .catch(() => {})
          .then(fetchAhead),
    )
}

window.addEventListener('load', () => setTimeout(fetchAhead, AFTER_LOAD_MS))
