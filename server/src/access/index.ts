export { whoNames } from './names.ts'
export { accessWorld } from './world.ts'
