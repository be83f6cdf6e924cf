import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the state of the channel itself says no. */
export const settingsRefusals = {
  channel_paused: {
    kind: 'conflict',
    when: 'The channel is paused: nothing is bought, played or entered, and no show starts.',
  },
  economy_off: { kind: 'conflict', when: 'Earning and spending are switched off in this channel.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof settingsRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
