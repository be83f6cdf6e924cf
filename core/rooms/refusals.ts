import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons a room cannot be. */
export const roomRefusals = {
  own_voice_invalid: { kind: 'conflict', when: 'The account by which the streamer is to speak lacks its password.' },
  own_voice_missing: { kind: 'missing', when: 'There is no account by which the streamer could speak as themselves.' },
  room_invalid: { kind: 'conflict', when: 'The bot sits in this room already, or there are too many.' },
  room_not_found: { kind: 'missing', when: 'There is no longer a room with this number.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof roomRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
