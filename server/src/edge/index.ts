export { createApp } from './app.ts'
export type { AppOptions } from './parts.ts'
export { TurnedAway } from './turnedAway.ts'
