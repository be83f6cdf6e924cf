import { colourOf } from '#core/games'

const SVG = 'http://www.w3.org/2000/svg'
const COUNT = 37
const SLICE = 360 / COUNT
/** What the slices are filled with, by the colour that the game calls them. */
export const FILLS = { red: '#a8472f', black: '#242b34', green: '#567230' } as const
export const LETTERS = '#f4eee1'
/** How long the wheel turns before it stops. */
const TURN_MS = 4200

export interface WheelDrawn {
  readonly element: SVGSVGElement
  /** Stops at a number, turning to it if it is to be seen; null: stands with none. */
  readonly stopAt: (number: number | null, turns: boolean) => void
}

function make<K extends keyof SVGElementTagNameMap>(
  parent: Element,
  name: K,
  attributes: Readonly<Record<string, string>>,
): SVGElementTagNameMap[K] {
  const made = document.createElementNS(SVG, name)
  for (const [key, value] of Object.entries(attributes)) made.setAttribute(key, value)
  parent.append(made)
  return made
}

const at = (degrees: number, radius: number): string => {
  const radians = ((degrees - 90) * Math.PI) / 180
  return `${(100 + radius * Math.cos(radians)).toFixed(2)} ${(100 + radius * Math.sin(radians)).toFixed(2)}`
}

/** The wheel: a ring of the numbers in their order, a brass marker above, the number in the middle once it has stopped. */
export function drawWheel(): WheelDrawn {
  const element = document.createElementNS(SVG, 'svg')
  element.setAttribute('viewBox', '0 0 200 200')
  element.setAttribute('aria-hidden', 'true')
  const ring = make(element, 'g', {})
  ring.style.transformOrigin = '100px 100px'
  for (let number = 0; number < COUNT; number++) {
    const [from, to] = [number * SLICE, (number + 1) * SLICE]
    const path = `M${at(from, 96)} A96 96 0 0 1 ${at(to, 96)} L${at(to, 62)} A62 62 0 0 0 ${at(from, 62)} Z`
    make(ring, 'path', { d: path, fill: FILLS[colourOf(number)], stroke: '#14171c', 'stroke-width': '0.8' })
    const middle = from + SLICE / 2
    const text = make(ring, 'text', {
      transform: `rotate(${middle} 100 100) translate(100 17)`,
      'text-anchor': 'middle',
      'font-size': '10.5',
      'font-weight': '600',
      fill: LETTERS,
    })
    text.textContent = String(number)
  }
  make(element, 'circle', { cx: '100', cy: '100', r: '60', fill: '#1b2027', stroke: '#d9a441', 'stroke-width': '2' })
  make(element, 'path', { d: 'M100 36 L92 51 L108 51 Z', fill: '#d9a441', stroke: '#14171c' })
  const middle = make(element, 'text', {
    x: '100',
    y: '119',
    'text-anchor': 'middle',
    'font-size': '52',
    'font-weight': '700',
    fill: LETTERS,
  })
  return { element, stopAt: stopper(ring, middle) }
}

function stopper(ring: SVGGElement, middle: SVGTextElement): WheelDrawn['stopAt'] {
  let turned = 0
  let shown: number | null = null
  let telling: ReturnType<typeof setTimeout> | undefined
  return (number, turns) => {
    if (number === shown) return
    shown = number
    clearTimeout(telling)
    if (number === null) {
      middle.textContent = ''
      return
    }
    const still = !turns || window.matchMedia('(prefers-reduced-motion: reduce)').matches
    const rounds = still ? 0 : 5
    turned = Math.ceil(turned / 360) * 360 + rounds * 360 + (360 - (number + 0.5) * SLICE)
    ring.style.transition = still ? 'none' : `transform ${TURN_MS}ms cubic-bezier(0.12, 0.7, 0.1, 1)`
    ring.style.transform = `rotate(${turned}deg)`
    const tell = () => {
      middle.textContent = String(number)
    }
    if (still) tell()
    else {
      middle.textContent = ''
      telling = setTimeout(tell, TURN_MS)
    }
  }
}
