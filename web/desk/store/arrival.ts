import type { Sound } from '#core/screen'
import { playSound } from '../../parts/sound.ts'

/** How this computer tells of what has come to the bench. */
export interface Arrival {
  readonly sound: Sound
  /** Hundredths. */
  readonly volume: number
  /** Whether the browser shows a notice while the desk is in the background. */
  readonly notice: boolean
}

const KEY = 'ricompensa-arrival'
const INITIAL: Arrival = { sound: 'bell', volume: 60, notice: false }

export function readArrival(): Arrival {
  try {
    return { ...INITIAL, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Arrival>) }
  } catch {
    return INITIAL
  }
}

export const writeArrival = (arrival: Arrival): void => localStorage.setItem(KEY, JSON.stringify(arrival))

/** Tells of something that waits now, by sound, and by a notice of the browser where the desk is not in view. */
export function tellArrival(words: string): void {
  const { sound, volume, notice } = readArrival()
  void playSound(sound, volume / 100)
  if (!notice || !document.hidden || typeof Notification === 'undefined' || Notification.permission !== 'granted')
    return
  const shown = new Notification('New order', { body: words, tag: 'ricompensa-bench', icon: '/mark.svg' })
  shown.onclick = () => {
    window.focus()
    shown.close()
  }
}
