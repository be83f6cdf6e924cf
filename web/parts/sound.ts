import type { Sound, SoundRef } from '#core/screen'
import { mediaAddress } from './media.ts'

let context: AudioContext | undefined

interface Tone {
  readonly hertz: number
  readonly at: number
  readonly seconds: number
  readonly shape: OscillatorType
  readonly loud: number
  /** Frequency at the end, for a tone that slides. */
  readonly to?: number
}

const bell = (at: number, hertz: number): Tone[] =>
  [1, 2.76, 5.4].map((partial, i) => ({
    hertz: hertz * partial,
    at,
    seconds: 1.6 / (i + 1),
    shape: 'sine',
    loud: 0.32 / (i + 1),
  }))

/** The sounds that ship, made on the spot: nothing to load, and they play offline. */
const SOUNDS: Record<Sound, readonly Tone[]> = {
  none: [],
  bell: [...bell(0, 660), ...bell(0.22, 880)],
  whistle: [
    { hertz: 520, at: 0, seconds: 1.5, shape: 'triangle', loud: 0.3, to: 588 },
    { hertz: 655, at: 0.03, seconds: 1.45, shape: 'triangle', loud: 0.25, to: 735 },
    { hertz: 780, at: 0.06, seconds: 1.4, shape: 'sawtooth', loud: 0.05, to: 880 },
  ],
  ratchet: Array.from({ length: 9 }, (_, i) => ({
    hertz: 190 + i * 12,
    at: i * 0.07,
    seconds: 0.05,
    shape: 'square' as const,
    loud: 0.16,
  })),
}

function play(audio: AudioContext, volume: number, { hertz, at, seconds, shape, loud, to }: Tone): void {
  const begin = audio.currentTime + at
  const tone = audio.createOscillator()
  const level = audio.createGain()
  tone.type = shape
  tone.frequency.setValueAtTime(hertz, begin)
  if (to !== undefined) tone.frequency.linearRampToValueAtTime(to, begin + seconds * 0.4)
  level.gain.setValueAtTime(0, begin)
  level.gain.linearRampToValueAtTime(loud * volume, begin + 0.015)
  level.gain.exponentialRampToValueAtTime(0.0001, begin + seconds)
  tone.connect(level).connect(audio.destination)
  tone.start(begin)
  tone.stop(begin + seconds + 0.05)
}

/** Plays a sound, where the browser lets the page (a streaming program does; a tab after its first click). */
export async function playSound(name: Sound, volume = 1): Promise<void> {
  if (name === 'none' || typeof AudioContext === 'undefined') return
  context ??= new AudioContext()
  if (context.state === 'suspended')
    await Promise.race([context.resume(), new Promise((later) => setTimeout(later, 200))])
  if (context.state !== 'running') return
  for (const tone of SOUNDS[name]) play(context, volume, tone)
}

/** The sound under way from a file; stopped when the next begins or when it is told to. */
let playing: HTMLAudioElement | undefined

/** Plays one of our sounds or a file of the library. @param volume - 0 to 1. */
export async function playRef(ref: SoundRef, base: string, volume: number): Promise<void> {
  if (!ref.startsWith('media/')) return playSound(ref as Sound, volume)
  stopSound()
  playing = new Audio(mediaAddress(ref, base))
  playing.volume = Math.min(1, Math.max(0, volume))
  // Where the host allows no sound without a click there is none; nothing of it may show.
  await playing.play().catch(() => {})
}

/** Stops a sound from a file. */
export function stopSound(): void {
  playing?.pause()
  playing = undefined
}
