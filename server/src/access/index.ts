export { WhoNames } from './answers.ts'
export { whoNames } from './names.ts'
export { accessWorld } from './world.ts'
