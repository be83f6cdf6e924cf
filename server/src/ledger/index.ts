export { Trail, TrailEntry } from './answers.ts'
export { ONLY, trailOf } from './trail.ts'
