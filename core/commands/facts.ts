import { Type } from '@sinclair/typebox'
import { Count, Id } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of commands. */
export const commandFacts = {
  'chat.said': fact(['desk'], 'Somebody said something in the room.', {
    viewer: Id,
    name: Type.String(),
    text: Type.String(),
  }),
  'commands.changed': fact(
    ['everyone'],
    'A command, a trigger, a tally or a reward of the platform is set otherwise.',
    {
      command: Type.Optional(Id),
      trigger: Type.Optional(Id),
      tally: Type.Optional(Id),
      outside: Type.Optional(Count),
    },
  ),
}

type Declared = typeof commandFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
