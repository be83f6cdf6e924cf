import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { FACTS } from '#core/engine'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'
import { Rights } from '#core/team'
import { Voice } from '#core/voice'
import { ChatState } from '../chat/index.ts'

export const LatestShow = exactly({
  id: Id,
  title: Type.String(),
  status: oneOf(['on', 'ended', 'closing']),
  number: Count,
  startedAt: UnixSeconds,
  endedAt: orNull(UnixSeconds),
  countsFrom: Count,
  pausedAt: orNull(UnixSeconds),
  guest: orNull(Type.String()),
  paid: Type.Integer(),
  spent: Type.Integer(),
  lines: Count,
})

export const Status = exactly({
  seq: Count,
  now: UnixSeconds,
  channel: exactly({
    slug: Type.String(),
    name: Type.String(),
    /** Who paused it; null: it goes on. */
    pausedBy: orNull(Type.Union([Type.Literal('owner'), Type.Literal('operator')])),
  }),
  caller: Type.String(),
  /** Whether whoever asks owns the channel, and what they may do. */
  owner: Type.Boolean(),
  rights: Rights,
  currency: Currency,
  /** Whether anything is earned or spent. */
  economy: Type.Boolean(),
  chat: ChatState,
  overlays: Type.Array(exactly({ id: Id, connected: Type.Boolean() })),
  voice: Voice,
  /** Whether whoever asks can speak in chat as themselves. */
  ownVoice: Type.Boolean(),
  show: orNull(LatestShow),
  present: Count,
  forgotten: orNull(Count),
  resumable: orNull(exactly({ title: Type.String(), endedAt: UnixSeconds })),
})

export const Evening = exactly({
  show: orNull(LatestShow),
  minutes: Type.Array(exactly({ minute: UnixSeconds, paid: Type.Integer(), spent: Type.Integer() })),
  end: Type.Optional(Count),
  /** What the show before came to, and how far it had come after as long. */
  before: Type.Optional(
    exactly({
      title: Type.String(),
      paid: Type.Integer(),
      spent: Type.Integer(),
      people: Count,
      seconds: Count,
      byThen: exactly({ paid: Type.Integer(), spent: Type.Integer() }),
    }),
  ),
})

const line = <K extends 'chat.said' | 'chat.replied'>(kind: K) =>
  exactly({ seq: Count, at: UnixSeconds, kind: Type.Literal(kind), body: FACTS[kind].body })

export const ChatLog = exactly({ seq: Count, lines: Type.Array(Type.Union([line('chat.said'), line('chat.replied')])) })
