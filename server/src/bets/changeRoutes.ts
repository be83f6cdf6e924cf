import { Type } from '@sinclair/typebox'
import { type BetAct, BetDefaults, BetSettings, BetTemplate, EvidenceLink, EvidenceNote } from '#core/bets'
import { BetId, Count, exactly, Id, Nothing, orNull, UnixSeconds, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import { type Call, desk, hand, idOf, type Route, route } from '../http/index.ts'
import { BetStatus } from './answers.ts'

/** Bets as the desk runs them. */
export const changeBetRoutes = (channels: Channels): Route[] => [
  route({
    allowed: desk('act', 'bets'),
    method: 'post',
    path: '/desk/bets',
    does: 'Open a bet',
    answer: exactly({ bet: BetId, status: BetStatus }),
    body: exactly({ settings: BetSettings, template: orNull(Id) }),
    handle: (call) => hand(channels, call, { kind: 'bet.open', by: call.caller.name, ...call.body }),
  }),
  ...runRoutes(channels),
  ...templateRoutes(channels),
  route({
    allowed: desk('change', 'bets'),
    method: 'put',
    path: '/desk/bet-terms',
    does: 'Change the word by which people bet, and the usual terms',
    answer: Nothing,
    body: BetDefaults,
    handle: (call) => hand(channels, call, { kind: 'bets.change', defaults: call.body }),
  }),
]

const Done = exactly({ bet: BetId, status: BetStatus })

const act = (channels: Channels, { channel, caller, key, header, param }: Call<unknown>, does: BetAct) =>
  hand(channels, { channel, key, header }, {
    kind: 'bet.act',
    bet: idOf(param('bet')),
    act: does,
    by: caller.name,
  } as const)

const Picked = exactly({
  outcome: Count,
  knownFrom: orNull(UnixSeconds),
  note: EvidenceNote,
  link: EvidenceLink,
  /** Whether another winner than the one picked already is meant. */
  instead: Type.Boolean(),
})

const common = { allowed: desk('act', 'bets'), answer: Done } as const

function runRoutes(channels: Channels): Route[] {
  return [
    route({
      ...common,
      method: 'put',
      path: '/desk/bets/:bet',
      does: 'Change a bet that has no winner yet',
      body: BetSettings,
      handle: (call) => act(channels, call, { does: 'change', settings: call.body }),
    }),
    route({
      ...common,
      method: 'post',
      path: '/desk/bets/:bet/lock',
      does: 'Lock a bet: nobody bets any more',
      handle: (call) => act(channels, call, { does: 'lock' }),
    }),
    route({
      ...common,
      method: 'post',
      path: '/desk/bets/:bet/extend',
      does: 'Keep betting open for longer, or open it again',
      body: exactly({ seconds: whole(1, 86_400) }),
      handle: (call) => act(channels, call, { does: 'extend', seconds: call.body.seconds }),
    }),
    ...endRoutes(channels),
    recordRoute(channels),
  ]
}

const endRoutes = (channels: Channels): Route[] => [
  route({
    ...common,
    method: 'post',
    path: '/desk/bets/:bet/settle',
    does: 'Pick what came true: it is told at once and paid after a pause',
    body: Picked,
    handle: (call) => act(channels, call, { does: 'settle', ...call.body }),
  }),
  route({
    ...common,
    method: 'post',
    path: '/desk/bets/:bet/call-off',
    does: 'Call a bet off: all stakes go back',
    body: exactly({ why: Type.String({ maxLength: 200 }) }),
    handle: (call) => act(channels, call, { does: 'callOff', why: call.body.why }),
  }),
]

const recordRoute = (channels: Channels): Route =>
  route({
    allowed: desk('act', 'bets'),
    method: 'post',
    path: '/desk/bets/:bet/record',
    does: 'Note what shows how a bet ended',
    answer: exactly({ bet: BetId }),
    body: exactly({ note: EvidenceNote, link: EvidenceLink }),
    handle: ({ channel, key, header, param, body }) =>
      hand(channels, { channel, key, header }, { kind: 'bet.record', bet: idOf(param('bet')), ...body } as const),
  })

function templateRoutes(channels: Channels): Route[] {
  const save = (template: number | null, call: Call<unknown>) => {
    const { settings, digit } = call.body as { settings: BetSettings; digit: number | null }
    return hand(channels, call, { kind: 'bet.saveTemplate', template, settings, digit })
  }
  return [
    route({
      allowed: desk('change', 'bets'),
      method: 'post',
      path: '/desk/bet-templates',
      does: 'Keep a bet to open it from',
      answer: exactly({ template: Id }),
      body: BetTemplate,
      handle: (call) => save(null, call),
    }),
    route({
      allowed: desk('change', 'bets'),
      method: 'put',
      path: '/desk/bet-templates/:id',
      does: 'Change a template',
      answer: exactly({ template: Id }),
      body: BetTemplate,
      handle: (call) => save(idOf(call.param('id')), call),
    }),
    route({
      allowed: desk('change', 'bets'),
      method: 'post',
      path: '/desk/bet-templates/:id/remove',
      does: 'Take a template away',
      answer: exactly({ template: Id }),
      handle: (call) => hand(channels, call, { kind: 'bet.removeTemplate', template: idOf(call.param('id')) }),
    }),
  ]
}
