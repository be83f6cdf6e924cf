import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, orNull } from '../schema.ts'
import { fact } from '../world/index.ts'
import type { CodeOf } from './voice.ts'

/** What the code that is told is of: see `CodeOf`. */
const Code = Type.Unsafe<CodeOf>(
  Type.Union([
    exactly({ of: Type.Literal('order'), id: Id }),
    exactly({ of: Type.Literal('winner'), key: Type.String() }),
  ]),
)

/** What is told of what the bot says. */
export const voiceFacts = {
  'chat.replied': fact(['desk'], 'The bot has something to say: in the room (`to` is null), or to one person alone.', {
    to: orNull(Type.String()),
    text: Type.String(),
    /** Answers of one likeness can be joined into a line. */
    likeness: Type.Optional(Type.String()),
    /** Written by the team: it goes before all answers. */
    first: Type.Optional(Type.Boolean()),
    /** An owner says it as themselves, in these rooms: the bot says nothing. */
    own: Type.Optional(Type.Array(Count)),
    /** Whom it is for alone, whatever they are called. */
    viewer: Type.Optional(Type.Integer()),
    code: Type.Optional(Code),
    /** In this room alone; left out: in all. */
    room: Type.Optional(Count),
  }),
  'chat.voice': fact(['desk'], 'How the bot speaks has changed.', { muted: Type.Boolean() }),
  'message.told': fact(['viewer'], 'Something for them alone stands on their page.', {}),
}

type Declared = typeof voiceFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
