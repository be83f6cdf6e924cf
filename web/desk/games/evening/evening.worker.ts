import { type Evening, quickRandom, tryEvenings } from '#core/games'

/** Tries evenings away from the page, so that it never stands still. */
self.onmessage = ({ data }: MessageEvent<{ id: number; evening: Evening; seed: number }>) => {
  self.postMessage({ id: data.id, spread: tryEvenings(data.evening, quickRandom(data.seed)) })
}
