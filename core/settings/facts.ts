import { Type } from '@sinclair/typebox'
import { fact } from '../world/index.ts'

/** What is told of the channel itself. */
export const settingsFacts = {
  'channel.changed': fact(
    ['everyone'],
    'The channel has another name or address, or was paused, closed or let go on.',
    {
      paused: Type.Boolean(),
      closed: Type.Boolean(),
    },
  ),
  'economy.switched': fact(['everyone'], 'Earning and spending were switched on or off.', { on: Type.Boolean() }),
}

type Declared = typeof settingsFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
