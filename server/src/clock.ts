/** The time of day, injected so that tests can set it. Seconds since 1970, whole. */
export type Clock = () => number

export const systemClock: Clock = () => Math.floor(Date.now() / 1000)
