import { fact } from '../world/index.ts'

/** What is told of the rooms. */
export const roomFacts = {
  'rooms.changed': fact(['desk'], 'A chat room was set, changed or removed.', {}),
}

type Declared = typeof roomFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
