import type { Alert } from '#core/screen'
import { playSound } from '../parts/sound.ts'

const LEAVE_MS = 320
/** An alert older than this when it arrives (the connection was away) would only puzzle the audience. */
const STALE_SECONDS = 90
const SMALLEST_PX = 26

/** Plays alerts one after the other, each once. */
export class Alerts {
  readonly #queue: Alert[] = []
  #playing = false

  constructor(readonly stage: HTMLElement) {}

  /** @param age - Seconds since it was decided. */
  add(alert: Alert, age: number): void {
    if (age > STALE_SECONDS) return
    this.#queue.push(alert)
    if (!this.#playing) void this.#play()
  }

  async #play(): Promise<void> {
    this.#playing = true
    for (let alert = this.#queue.shift(); alert !== undefined; alert = this.#queue.shift()) {
      const box = show(this.stage, alert)
      void playSound(alert.sound)
      await pause(alert.seconds * 1000)
      box.classList.add('leaving')
      await pause(LEAVE_MS)
      box.remove()
    }
    this.#playing = false
  }
}

const pause = (ms: number) => new Promise((over) => setTimeout(over, ms))

function show(stage: HTMLElement, alert: Alert): HTMLElement {
  const box = document.createElement('section')
  box.className = 'alert'
  const picture = document.createElement('img')
  picture.src = `/pictures/${alert.picture}.svg`
  picture.alt = ''
  const words = document.createElement('div')
  // Text, never markup: what a viewer typed may be in it.
  for (const [name, text] of [['title', alert.title] as const, ['line', alert.line] as const]) {
    const line = document.createElement('p')
    line.className = name
    line.textContent = text
    words.append(line)
  }
  box.append(picture, words)
  stage.append(box)
  shrinkToFit(box, words)
  return box
}

/** A long text is made smaller until it fits; the box never leaves the picture. */
function shrinkToFit(box: HTMLElement, words: HTMLElement): void {
  const [title] = words.children
  if (!(title instanceof HTMLElement)) return
  for (let size = 54; size > SMALLEST_PX && box.offsetHeight > 330; size -= 2) title.style.fontSize = `${size}px`
}
