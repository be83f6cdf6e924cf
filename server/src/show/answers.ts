import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'
import { Voice } from '#core/voice'
import { ChatState } from '../chat/index.ts'

export const DeskShow = exactly({
  channel: Type.Number(),
  id: Id,
  title: Type.String(),
  status: oneOf(['on', 'ended', 'closing']),
  number: Type.Number(),
  startedAt: UnixSeconds,
  endedAt: orNull(UnixSeconds),
  countsFrom: Type.Number(),
  pausedAt: orNull(UnixSeconds),
  guest: orNull(Type.String()),
  paid: Count,
  spent: Type.Number(),
  lines: Count,
})

export const DeskStatusAnswer = exactly({
  seq: Count,
  now: UnixSeconds,
  channel: exactly({ slug: Type.String(), name: Type.String() }),
  caller: Type.String(),
  currency: Currency,
  chat: ChatState,
  overlays: Type.Array(exactly({ id: Id, connected: Type.Boolean() })),
  voice: Voice,
  show: orNull(DeskShow),
  present: Type.Number(),
  forgotten: orNull(Type.Number()),
  resumable: orNull(exactly({ title: Type.String(), endedAt: UnixSeconds })),
})

export const DeskEveningAnswer = exactly({
  show: orNull(DeskShow),
  minutes: Type.Array(exactly({ minute: Count, paid: Count, spent: Type.Number() })),
  end: Type.Optional(Type.Number()),
})

export const DeskLine = exactly({
  seq: Count,
  at: UnixSeconds,
  kind: Type.Literal('chat.said'),
  body: exactly({ viewer: Id, name: Type.String(), text: Type.String() }),
})

export const DeskBody = exactly({
  viewer: Type.Optional(Id),
  code: Type.Optional(
    Type.Union([
      exactly({ of: Type.Literal('order'), id: Id }),
      exactly({ of: Type.Literal('winner'), key: Type.String() }),
    ]),
  ),
  likeness: Type.Optional(Type.String()),
  first: Type.Optional(Type.Boolean()),
  text: Type.String(),
  to: orNull(Type.String()),
})

export const DeskChatLine = exactly({ seq: Count, at: UnixSeconds, kind: Type.Literal('chat.replied'), body: DeskBody })

export const DeskChatAnswer = exactly({ seq: Count, lines: Type.Array(Type.Union([DeskLine, DeskChatLine])) })
