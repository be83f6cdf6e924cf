import { Type } from '@sinclair/typebox'
import { CommandId, Count, TallyId, TriggerId, ViewerId } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of commands. */
export const commandFacts = {
  'chat.said': fact(['desk'], 'Somebody said something in the room.', {
    viewer: ViewerId,
    name: Type.String(),
    text: Type.String(),
  }),
  'commands.changed': fact(
    ['everyone'],
    'A command, a trigger, a tally or a reward of the platform is set otherwise.',
    {
      command: Type.Optional(CommandId),
      trigger: Type.Optional(TriggerId),
      tally: Type.Optional(TallyId),
      outside: Type.Optional(Count),
    },
  ),
}

type Declared = typeof commandFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
