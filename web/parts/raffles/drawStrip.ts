import './strip.css'

/** The odds bar: see `Strip` of the rules. */
export interface StripShown {
  readonly total: number
  readonly slices: readonly (readonly [weight: number, name: string | null])[]
}

/** A draw that is running: nobody but the ledger knows yet who was picked. See `Drawing` of the rules. */
export interface StripDrawing extends StripShown {
  readonly from: number
  readonly until: number
}

interface StripPick {
  readonly draw: number
  readonly name: string
  readonly mark: number
}

/** A draw that has been revealed: see `RevealedDraw` of the rules. */
export interface StripRevealed extends StripShown {
  readonly picks: readonly StripPick[]
}

/** How long the marker takes from the reveal to the point drawn, for each pick (ms). */
export const STOP_MS = 1400

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

function drawBand(within: HTMLElement, { total, slices }: StripShown): { strip: HTMLElement; band: HTMLElement } {
  const strip = element(within, 'strip')
  strip.setAttribute('role', 'img')
  strip.setAttribute(
    'aria-label',
    'The odds bar: everybody who is in is as wide as their chance; the marker stops on the point drawn.',
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
  return { strip, band }
}

/** Draws the odds bar while a draw runs: the marker sweeps over everybody, and stops only once the draw is revealed. */
export function runStrip(within: HTMLElement, drawing: StripDrawing): void {
  const { strip } = drawBand(within, drawing)
  element(strip, 'strip-marker sweeps')
}

/**
 * Draws the odds bar of a revealed draw: for each pick the marker runs once more and stops on the exact point drawn.
 * @param moves - False: who looks in later sees it at rest.
 * @param onPick - Called when the marker has stopped on a pick.
 */
export function stopStrip(
  within: HTMLElement,
  revealed: StripRevealed,
  moves: boolean,
  onPick: (pick: StripPick) => void = () => {},
): void {
  const { strip, band } = drawBand(within, revealed)
  const still = !moves || window.matchMedia('(prefers-reduced-motion: reduce)').matches
  const next = (at: number): void => {
    const pick = revealed.picks[at]
    if (pick === undefined) return
    const marker = element(strip, 'strip-marker')
    const end = place(pick.mark, revealed.total)
    marker.style.left = `${end}%`
    const stopped = () => {
      marker.classList.add('rests')
      sliceAt(band, revealed, pick.mark)?.classList.add('hit')
      onPick(pick)
      next(at + 1)
    }
    if (still) return stopped()
    const frames = [{ left: '0%', easing: 'cubic-bezier(0.1, 0.7, 0.2, 1)' }, { left: `${end}%` }]
    marker.animate(frames, { duration: STOP_MS, fill: 'backwards' }).onfinish = stopped
  }
  next(0)
}

function sliceAt(band: HTMLElement, { slices }: StripShown, mark: number): Element | undefined {
  let sum = 0
  const at = slices.findIndex(([weight]) => {
    sum += weight
    return sum > mark
  })
  return band.children[at]
}
