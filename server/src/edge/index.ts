export { createApp } from './app.ts'
export { Front } from './front.ts'
export type { AppOptions } from './parts.ts'
