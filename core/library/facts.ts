import { Type } from '@sinclair/typebox'
import { fact } from '../world/index.ts'

/** What is told of pictures and sounds. */
export const libraryFacts = {
  'screen.media': fact(['desk'], 'A file came, was renamed, or is gone.', { file: Type.String() }),
}

type Declared = typeof libraryFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
