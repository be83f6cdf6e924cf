import { Type } from '@sinclair/typebox'
import { Count, Id, oneOf } from '../schema.ts'
import { fact } from '../world/index.ts'
import { OUTCOMES } from './runs.ts'

/** What is told of commands and their runs. */
export const commandFacts = {
  'chat.said': fact(['desk'], 'Somebody said something in the room.', {
    viewer: Id,
    name: Type.String(),
    text: Type.String(),
  }),
  'chat.words': fact(['desk'], 'The words of chat are set otherwise.', {}),
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
  'currency.changed': fact(['everyone'], 'The currency is called otherwise, or looks otherwise.', {}),
  'run.ended': fact(['desk'], 'Steps are done, wait, or were refused.', { run: Id, outcome: oneOf(OUTCOMES) }),
}

type Declared = typeof commandFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
