export { decide, needs } from './decide.ts'
export type { Intent } from './intents.ts'
