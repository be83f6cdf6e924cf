/** How much of its full work the bench does: 1, or a hundredth where `npm test` only sees that every part runs. Handed to processes of its own by the environment. */
export const SCALE = Number(process.env.BENCH_SCALE ?? 1)

/** A number of things to do at that size; at least `least`. */
export const scaled = (full: number, least = 1): number => Math.max(least, Math.round(full * SCALE))
