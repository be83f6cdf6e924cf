import { takesAlert } from '#core/screen'
import { drawAlert } from '../parts/screen/drawAlert.ts'
import type { Drawn } from '../parts/screen/drawn.ts'
import type { AlertFact, Control, OverlayPage } from '../parts/screen/page.ts'
import { playRef, stopSound } from '../parts/sound.ts'

const LEAVE_MS = 320
/** An alert older than this when it arrives (the connection was away) would only puzzle the audience. */
const STALE_SECONDS = 90

/** The alerts of all boxes of the page: in each box one after the other. */
export class Alerts {
  #boxes: Box[] = []
  #paused = false

  /** Takes over the boxes of a page that was drawn anew; what waits in a box of the same mark goes on waiting there. */
  setUp(drawn: readonly Drawn[], page: OverlayPage): void {
    const before = new Map(this.#boxes.map((box) => [box.id, box]))
    this.#paused = page.paused
    this.#boxes = drawn
      .filter(({ piece }) => piece.of === 'alerts')
      .map((one) => {
        const box = before.get(one.piece.id) ?? new Box(one.piece.id)
        before.delete(one.piece.id)
        box.setUp(one, page, this.#paused)
        return box
      })
    for (const gone of before.values()) gone.clear()
  }

  /** @param age - Seconds since it was decided. */
  add(alert: AlertFact, age: number): void {
    if (age > STALE_SECONDS && !this.#paused) return
    for (const box of this.#boxes) if (box.takes(alert.alert)) box.add(alert)
  }

  control({ what, paused }: Control): void {
    this.#paused = paused
    for (const box of this.#boxes) {
      if (what === 'clear') box.clear()
      if (what === 'skip') box.skip()
      box.pause(paused)
    }
  }
}

class Box {
  readonly #queue: AlertFact[] = []
  #drawn: Drawn | undefined
  #page: OverlayPage | undefined
  #playing = false
  #paused = false
  /** Ends the one under way. */
  #end: () => void = () => {}

  constructor(readonly id: string) {}

  setUp(drawn: Drawn, page: OverlayPage, paused: boolean): void {
    this.#drawn = drawn
    this.#page = page
    this.pause(paused)
  }

  takes(alert: number | null): boolean {
    const piece = this.#drawn?.piece
    return piece !== undefined && takesAlert(piece, alert)
  }

  add(alert: AlertFact): void {
    this.#queue.push(alert)
    void this.#play()
  }

  skip(): void {
    this.#end()
  }

  clear(): void {
    this.#queue.length = 0
    this.#end()
  }

  pause(paused: boolean): void {
    this.#paused = paused
    void this.#play()
  }

  async #play(): Promise<void> {
    if (this.#playing) return
    this.#playing = true
    while (!this.#paused && this.#drawn !== undefined && this.#page !== undefined) {
      const alert = this.#queue.shift()
      if (alert === undefined) break
      await this.#playOne(alert, this.#drawn.element, this.#page.media)
    }
    this.#playing = false
  }

  async #playOne(alert: AlertFact, box: HTMLElement, media: string): Promise<void> {
    const shown = drawAlert(box, alert, media)
    void playRef(alert.sound, media, alert.volume / 100)
    await new Promise<void>((over) => {
      const timer = setTimeout(over, alert.seconds * 1000)
      this.#end = () => {
        clearTimeout(timer)
        stopSound()
        over()
      }
    })
    this.#end = () => {}
    shown.classList.remove(`enter-${alert.enter}`)
    shown.classList.add(`leave-${alert.leave}`)
    await new Promise((over) => setTimeout(over, alert.leave === 'none' ? 0 : LEAVE_MS))
    shown.remove()
  }
}
