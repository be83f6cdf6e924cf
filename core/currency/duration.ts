import type { Seconds } from '../schema.ts'
/** Seconds as people say them, in the two largest units: 5400 -> "1 h 30 min", 45 -> "45 s", 0 -> "0 s". */
export function durationInWords(seconds: Seconds): string {
  const hours = Math.floor(seconds / 3600)
  const minutes = Math.floor((seconds % 3600) / 60)
  const rest = Math.floor(seconds % 60)
  if (hours > 0) return minutes > 0 ? `${hours} h ${minutes} min` : `${hours} h`
  if (minutes > 0) return rest > 0 ? `${minutes} min ${rest} s` : `${minutes} min`
  return `${rest} s`
}
