import './strip.css'

/** A draw as it is told: see `Drawing` of the rules. */
export interface StripDrawing {
  readonly picks: readonly { readonly draw: number; readonly name: string; readonly mark: number }[]
  readonly total: number
  readonly slices: readonly (readonly [weight: number, name: string | null])[]
  readonly from: number
  readonly until: number
}

/** From so wide on (part of the whole) a slice bears its name. */
const NAMED_FROM = 0.07

const element = (parent: HTMLElement, name: string, text = ''): HTMLElement => {
  const made = document.createElement('div')
  made.className = name
  made.textContent = text
  parent.append(made)
  return made
}

/** Where a mark stands on the strip, in hundredths of its width: in the middle of the unit that was drawn. */
const place = (mark: number, total: number): number => ((mark + 0.5) / total) * 100

/**
 * Draws the strip of chances and lets the marker run along it: for each pick it sweeps over everybody and stops on the exact point drawn.
 * @param elapsed - Seconds since the draw was begun: who looks in late sees the rest of it.
 * @param onPick - Called when the marker has stopped on a pick.
 */
export function drawStrip(
  within: HTMLElement,
  drawing: StripDrawing,
  elapsed: number,
  onPick: (pick: StripDrawing['picks'][number]) => void = () => {},
): void {
  const { picks, total, slices, from, until } = drawing
  const strip = element(within, 'strip')
  strip.setAttribute('role', 'img')
  strip.setAttribute(
    'aria-label',
    'The strip of chances: everybody who is in is as wide as their chance; the marker stops on the point drawn.',
  )
  const band = element(strip, 'strip-band')
  for (const [weight, name] of slices) {
    const wide = weight / total >= NAMED_FROM && name !== null
    const slice = element(band, wide ? 'strip-slice' : 'strip-slice narrow', wide ? (name ?? '') : '')
    slice.style.width = `${(weight / total) * 100}%`
    // A name that does not fit would only be a puzzle.
    if (wide && slice.scrollWidth > slice.clientWidth) {
      slice.textContent = ''
      slice.classList.add('narrow')
    }
  }
  const each = (until - from) / Math.max(1, picks.length)
  run(strip, band, drawing, { at: 0, each, elapsed, onPick })
}

interface Running {
  readonly at: number
  readonly each: number
  readonly elapsed: number
  readonly onPick: (pick: StripDrawing['picks'][number]) => void
}

function run(
  strip: HTMLElement,
  band: HTMLElement,
  drawing: StripDrawing,
  { at, each, elapsed, onPick }: Running,
): void {
  const { picks, total } = drawing
  const pick = picks[at]
  if (pick === undefined) return
  const marker = element(strip, 'strip-marker')
  const end = place(pick.mark, total)
  marker.style.left = `${end}%`
  const stopped = () => {
    marker.classList.add('rests')
    sliceAt(band, drawing, pick.mark)?.classList.add('hit')
    onPick(pick)
    run(strip, band, drawing, { at: at + 1, each, elapsed: Math.max(0, elapsed - each), onPick })
  }
  const left = each - elapsed
  if (left <= 0) return stopped()
  const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches
  if (still) {
    marker.style.visibility = 'hidden'
    setTimeout(() => {
      marker.style.visibility = 'visible'
      stopped()
    }, left * 1000)
    return
  }
  // There and back twice, then slowly to the point.
  const sweep = ['0%', '100%', '0%', '100%', `${end}%`]
  const easing = ['linear', 'linear', 'linear', 'cubic-bezier(0.1, 0.7, 0.2, 1)', 'linear']
  const offset = [0, 0.14, 0.3, 0.48, 1]
  const frames = sweep.map((x, i) => ({ left: x, offset: offset[i] ?? 1, easing: easing[i] ?? 'linear' }))
  const animation = marker.animate(frames, { duration: each * 1000, fill: 'backwards' })
  animation.currentTime = elapsed * 1000
  animation.onfinish = stopped
}

function sliceAt(band: HTMLElement, { slices }: StripDrawing, mark: number): Element | undefined {
  let sum = 0
  const at = slices.findIndex(([weight]) => {
    sum += weight
    return sum > mark
  })
  return band.children[at]
}
