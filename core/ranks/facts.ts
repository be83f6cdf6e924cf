import { Type } from '@sinclair/typebox'
import { CircleId, orNull, ViewerId } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of ranks and circles. */
export const rankFacts = {
  'circle.changed': fact(['desk'], 'Somebody joined a circle, or left it.', {
    viewer: ViewerId,
    name: Type.String(),
  }),
  'rank.changed': fact(['desk'], 'Somebody has another rank.', {
    viewer: ViewerId,
    name: Type.String(),
    rank: orNull(Type.String()),
    up: Type.Boolean(),
  }),
  'ranks.changed': fact(['everyone'], 'The ranks, or the circles, are set otherwise.', {
    circle: Type.Optional(CircleId),
  }),
}

type Declared = typeof rankFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
