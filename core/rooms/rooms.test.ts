import { expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { decide, type Intent } from '../engine/index.ts'
import { OPERATORS_ROOM, openOwnVoices, ownVoices } from './index.ts'

const NETWORK = { host: 'chat.example', port: 6697, tls: true, nick: 'Bot', account: 'bot' }
const BENCH = { room: '#bench', network: NETWORK, moderators: '@' }
const WANDA = { settings: { nick: 'wanda', account: 'wanda' }, password: 'sesame' }

/** A channel with a room, in which its owner speaks as themselves. */
function withVoice() {
  const channel = new TestChannel()
  const made = channel.send({ kind: 'room.save', room: null, settings: BENCH, password: 'bots', roomKey: null })
  const room = made.ok ? (made.value as { room: number }).room : 0
  expect(channel.send({ kind: 'room.ownVoice', room, ...WANDA })).toMatchObject({ ok: true })
  const move = (settings: typeof BENCH) =>
    channel.send({ kind: 'room.save', room, settings, password: 'bots', roomKey: null })
  return { channel, room, move, kept: () => channel.world.get(ownVoices, room) }
}

test('a password of one’s own goes to no other network, and is forgotten with its room', () => {
  const moved = withVoice()
  moved.move({ ...BENCH, room: '#shed' })
  expect(moved.kept()).toMatchObject({ goneAt: null, password: 'sesame' })
  moved.move({ ...BENCH, network: { ...NETWORK, host: 'other.example' } })
  expect(moved.kept()).toMatchObject({ goneAt: moved.channel.now, password: '' })

  const removed = withVoice()
  removed.channel.send({ kind: 'room.remove', room: removed.room })
  expect(removed.kept()).toMatchObject({ password: '' })
  const again = removed.channel.send({ kind: 'room.ownVoice', room: removed.room, ...WANDA })
  expect(again).toMatchObject({ refusal: { code: 'room_not_found' } })
})

test('what is written as oneself is said by nobody else, and by nobody where there is no account for it', () => {
  const { channel, room } = withVoice()
  channel.send({ kind: 'room.say', text: 'hello' })
  expect(channel.facts('chat.replied').at(-1)?.body).toMatchObject({ text: 'hello', own: [room] })
  channel.send({ kind: 'room.removeOwnVoice', room })
  expect(openOwnVoices(channel.world)).toEqual([])
  expect(channel.send({ kind: 'room.say', text: 'hello' })).toMatchObject({ refusal: { code: 'own_voice_missing' } })
  expect(channel.send({ kind: 'room.ownVoice', room: OPERATORS_ROOM, ...WANDA })).toMatchObject({ ok: true })
})

test('nobody speaks by an account that another owner has set, or keeps its password', () => {
  const { channel, room } = withVoice()
  const as = (atDesk: string, intent: Intent) =>
    decide(channel.world, { ...intent, key: `${atDesk}/${intent.kind}`, at: channel.now, atDesk })
  expect(as('wanda', { kind: 'room.ownVoice', room, ...WANDA })).toMatchObject({ ok: true })
  expect(as('otto', { kind: 'room.say', text: 'I am wanda' })).toMatchObject({ refusal: { code: 'own_voice_missing' } })
  const taken = { kind: 'room.ownVoice', room, settings: WANDA.settings, password: null } as const
  expect(as('otto', taken)).toMatchObject({ refusal: { code: 'own_voice_invalid' } })
  expect(as('wanda', { kind: 'room.say', text: 'hello' })).toMatchObject({ ok: true })
})
