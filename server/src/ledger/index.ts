export { ONLY, type Trail, type TrailEntry, trailOf } from './trail.ts'
