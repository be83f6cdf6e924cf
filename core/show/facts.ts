import { Type } from '@sinclair/typebox'
import { Count, orNull, ShowId } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of the show. */
export const showFacts = {
  'show.ended': fact(['everyone'], 'The show is over.', { show: ShowId, seconds: Count }),
  'show.guest': fact(['everyone'], 'Another channel is looked at as a guest, or not any more.', {
    show: ShowId,
    guest: orNull(Type.String()),
    paused: Type.Boolean(),
  }),
  'show.started': fact(['everyone'], 'A show is on air.', {
    show: ShowId,
    title: Type.String(),
    resumed: Type.Boolean(),
  }),
}

type Declared = typeof showFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
