import { Type } from '@sinclair/typebox'
import { Amount, Count, Id, ShowId, UnixSeconds, ViewerId, whole } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of presence and pay. */
export const earningFacts = {
  'earning.changed': fact(['everyone', 'desk'], 'What watching pays has changed, or where days begin.', {
    by: Type.Optional(Type.String()),
    timeZone: Type.Optional(Type.String()),
  }),
  'earning.drafted': fact(['desk'], 'A plan was put aside, to be looked at or for the next show.', {
    by: Type.String(),
    nextShow: Type.Boolean(),
  }),
  'earning.paid': fact(['everyone', 'desk'], 'Those who were there were paid.', { viewers: Count, amount: Amount }),
  'people.arrived': fact(['overlay'], 'Somebody came into the room.', { viewer: ViewerId, name: Type.String() }),
  'people.left': fact(['overlay'], 'Somebody left the room.', { viewer: ViewerId, name: Type.String() }),
  'presence.gap': fact(['desk'], 'Nobody counted who was there for a while: it can be paid.', {
    gap: Id,
    from: UnixSeconds,
    until: UnixSeconds,
    people: Count,
  }),
  'presence.gapEnded': fact(['desk'], 'Such a while was paid, or is let be.', { gap: Id, people: Count, total: Count }),
  'show.settled': fact(['desk'], 'What a show paid and took is final.', {
    show: ShowId,
    paid: Amount,
    /** What was given back after the show counts against it. */
    spent: whole(Number.MIN_SAFE_INTEGER),
  }),
}

type Declared = typeof earningFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
