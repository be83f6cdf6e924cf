export { Audience, LOOKS, USUAL } from './audience.ts'
export { starterFor } from './compose.ts'
export type { Made, StarterPiece } from './piece.ts'
export { STEPS, StepKey, starterHandlers, starterSetting } from './steps.ts'
