import { describe, expect, test } from 'vitest'
import { COMMAND, TestChannel, TRIGGER } from '../../testing/core/channel.ts'
import { earningSetting } from '../earning/index.ts'
import { decide, type Intent } from '../engine/index.ts'
import { GAMES, settingsOf } from '../games/index.ts'
import { openCircles } from '../people/index.ts'
import { SAME_CHANCE } from '../raffles/index.ts'
import { ranksSetting } from '../ranks/index.ts'
import { rooms } from '../rooms/index.ts'
import { channelSetting, readSetting, zoneSetting } from '../settings/index.ts'
import { PLAIN_REWARD, rewards } from '../store/index.ts'
import { openTallies } from '../tallies/tallies.ts'
import { openWebhooks } from '../webhooks/index.ts'
import { type ChangeRow, changes, markOf, sameContent } from './index.ts'

const NO_RULES = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }
const HAT = { ...PLAIN_REWARD, name: 'Hat', word: 'hat', price: 60 }

/** A channel with a reward, and what somebody does at its desk. */
function atDesk() {
  const channel = new TestChannel()
  channel.send({ kind: 'store.save', reward: null, settings: HAT })
  let calls = 0
  const desk = (intent: Intent, atDesk = 'wanda') =>
    decide(channel.world, { ...intent, key: `desk/${++calls}`, at: channel.now, atDesk })
  const log = (): readonly ChangeRow[] => channel.world.appended(changes)
  const undo = (change = log().at(-1) as ChangeRow) => desk({ kind: 'changes.undo', change }, 'otto')
  const hat = channel.world.all(rewards).find(({ word }) => word === 'hat')?.id ?? 0
  return { channel, desk, log, undo, hat }
}

const price = (channel: TestChannel, id: number) => channel.world.get(rewards, id)?.settings.price

describe('the change log', () => {
  test('says who changed what, from what to what, and nothing where nothing changed', () => {
    const { desk, log, hat } = atDesk()
    expect(log()).toEqual([])
    desk({ kind: 'store.save', reward: hat, settings: { ...HAT, price: 80 } }, 'rosa dial')
    desk({ kind: 'store.save', reward: hat, settings: { ...HAT, price: 80 } })
    desk({ kind: 'channel.zone', timeZone: 'Europe/Berlin' })
    desk({ kind: 'channel.zone', timeZone: 'nowhere' })
    expect(log()).toMatchObject([
      { by: 'rosa dial', of: 'reward', name: 'Hat', before: { price: 60 }, after: { price: 80 } },
      { by: 'wanda', of: 'zone', name: 'Time zone', before: { timeZone: 'UTC' }, after: { timeZone: 'Europe/Berlin' } },
    ])
  })

  test('tells what was made and what was removed, and never an overlay’s address', () => {
    const { desk, log, hat } = atDesk()
    const tally = { name: 'Stamps', one: 'stamp', many: 'stamps', key: 'stamps', ceiling: null, passing: false }
    desk({ kind: 'tally.save', tally: null, settings: tally })
    desk({ kind: 'store.archive', reward: hat })
    desk({ kind: 'screen.add', name: 'Main', secret: 'sesame' })
    expect(log()).toMatchObject([
      { of: 'tally', before: null, after: tally },
      { of: 'reward', name: 'Hat', before: { price: 60 }, after: null },
      { of: 'overlay', name: 'Main', before: null },
    ])
    expect(JSON.stringify(log())).not.toContain('sesame')
  })

  test('sets a change back while nothing newer changed the same, and writes that down, too', () => {
    const { channel, desk, log, undo, hat } = atDesk()
    desk({ kind: 'store.save', reward: hat, settings: { ...HAT, price: 80 } })
    const first = log()[0] as ChangeRow
    desk({ kind: 'store.save', reward: hat, settings: { ...HAT, price: 90 } })
    expect(undo(first)).toMatchObject({ refusal: { code: 'change_overtaken' } })
    expect(undo()).toMatchObject({ ok: true })
    expect(price(channel, hat)).toBe(80)
    expect(log().at(-1)).toMatchObject({ by: 'otto', before: { price: 90 }, after: { price: 80 } })
    desk({ kind: 'channel.zone', timeZone: 'Europe/Berlin' })
    expect(undo()).toMatchObject({ ok: true })
    expect(readSetting(channel.world, zoneSetting)).toEqual({ timeZone: 'UTC' })
  })

  test('does not set back what would not be allowed today', () => {
    const { channel, desk, undo, hat } = atDesk()
    desk({ kind: 'store.save', reward: hat, settings: { ...HAT, word: 'cap' } })
    channel.send({ kind: 'store.save', reward: null, settings: { ...HAT, name: 'Other hat' } })
    expect(undo()).toMatchObject({ ok: false })
    expect(channel.world.get(rewards, hat)?.settings.word).toBe('cap')
  })

  const MADE: Readonly<Record<string, () => Intent>> = {
    command: () => ({ kind: 'command.save', command: null, settings: COMMAND }),
    trigger: () => ({ kind: 'trigger.save', trigger: null, settings: TRIGGER }),
    reward: () => ({ kind: 'store.save', reward: null, settings: { ...HAT, name: 'Cap', word: 'cap' } }),
    raffleSetup: () => ({
      kind: 'raffle.saveSetup',
      setup: null,
      settings: { ...SAME_CHANCE, title: 'Cap', prize: { of: 'text', text: 'A cap' } },
      digit: 3,
    }),
  }
  test.each(Object.entries(MADE))('removes what was added, and adds it again: %s', (of, made) => {
    const { desk, log, undo } = atDesk()
    expect(desk(made())).toMatchObject({ ok: true })
    const [added] = log()
    expect(added).toMatchObject({ of, before: null })
    expect(undo()).toMatchObject({ ok: true })
    expect(log().at(-1)).toMatchObject({ of, which: added?.which, before: added?.after, after: null })
    expect(undo(added)).toMatchObject({ refusal: { code: 'change_overtaken' } })
    expect(undo()).toMatchObject({ ok: true })
    expect(log().at(-1)).toMatchObject({ of, before: null, after: added?.after })
    expect(log().at(-1)?.which).not.toBe(added?.which)
  })

  test('does not add again what has a secret, or people, of its own', () => {
    const { channel, desk, undo } = atDesk()
    desk({ kind: 'screen.add', name: 'Main', secret: 'sesame' })
    expect(undo()).toMatchObject({ ok: true })
    expect(undo()).toMatchObject({ refusal: { code: 'change_not_undone' } })
    desk({ kind: 'circle.save', circle: null, settings: { name: 'Guests', rules: NO_RULES, keep: false } })
    desk({ kind: 'circle.close', circle: openCircles(channel.world)[0]?.id ?? 0 })
    expect(undo()).toMatchObject({ refusal: { code: 'change_not_undone' } })
  })

  test('a raffle that is changed while it runs stands in it, and is set back as far as it may change', () => {
    const { desk, log, undo } = atDesk()
    const settings = { ...SAME_CHANCE, title: 'Cap', prize: { of: 'text', text: 'A cap' } } as const
    const started = desk({ kind: 'raffle.start', by: 'wanda', settings, opens: { of: 'hand' }, setup: null } as Intent)
    const raffle = started.ok ? (started.value as { raffle: number }).raffle : 0
    desk({ kind: 'raffle.change', raffle, settings: { ...settings, title: 'Hat' } })
    expect(log().at(-1)).toMatchObject({ of: 'raffle', name: 'Hat', before: { title: 'Cap' }, after: { title: 'Hat' } })
    desk({ kind: 'raffle.act', raffle, does: 'open', by: 'wanda' })
    expect(log()).toHaveLength(2)
    expect(undo()).toMatchObject({ ok: true })
    expect(log().at(-1)).toMatchObject({ of: 'raffle', after: { title: 'Cap' } })
  })

  test('sets back the ranks, the plan, a circle and a room, which keeps what is secret of it', () => {
    const { channel, desk, log, undo } = atDesk()
    const plan = readSetting(channel.world, earningSetting)
    desk({ kind: 'earning.change', plan: { ...plan, base: 77 }, by: 'wanda' })
    expect(undo()).toMatchObject({ ok: true })
    expect(readSetting(channel.world, earningSetting)).toEqual(plan)
    desk({ kind: 'ranks.change', plan: { measure: 'hours', ranks: [], announce: 'x' } })
    expect(undo()).toMatchObject({ ok: true })
    expect(readSetting(channel.world, ranksSetting).announce).not.toBe('x')
    const settings = { name: 'Oilers', rules: NO_RULES, keep: false }
    desk({ kind: 'circle.save', circle: null, settings })
    const [circle] = openCircles(channel.world)
    desk({ kind: 'circle.save', circle: circle?.id ?? 0, settings: { ...settings, keep: true } })
    expect(undo()).toMatchObject({ ok: true })
    expect(openCircles(channel.world)).toMatchObject([settings])
    const network = { host: 'chat.example', port: 6697, tls: true, nick: 'Bot', account: 'bot' }
    const room = { room: '#bench', network, moderators: '@' }
    desk({ kind: 'room.save', room: null, settings: room, password: 'sesame', roomKey: null })
    const id = channel.world.all(rooms)[0]?.id ?? 0
    const moved = { ...room, room: '#shed' }
    desk({ kind: 'room.save', room: id, settings: moved, password: null, roomKey: null })
    expect(undo()).toMatchObject({ ok: true })
    expect(channel.world.get(rooms, id)).toMatchObject({ settings: room, password: 'sesame' })
    // What is secret goes to no other network, by this way either.
    const elsewhere = { ...room, network: { ...network, host: 'other.example' } }
    desk({ kind: 'room.save', room: id, settings: elsewhere, password: 'other', roomKey: null })
    expect(undo()).toMatchObject({ refusal: { code: 'room_invalid' } })
    expect(log().some((one) => JSON.stringify(one).includes('sesame'))).toBe(false)
  })

  test('sets back the channel’s name, and not whether it is paused or where it is found', () => {
    const { channel, desk, undo } = atDesk()
    const state = { name: 'Bench', address: 'bench', listed: true, paused: false, closed: false }
    channel.send({ kind: 'channel.change', channel: state })
    desk({ kind: 'channel.change', channel: { ...state, name: 'Shed', listed: false } })
    expect(undo()).toMatchObject({ ok: true })
    expect(readSetting(channel.world, channelSetting)).toEqual(state)
    for (const other of [{ paused: true }, { address: 'shed' }]) {
      desk({ kind: 'channel.change', channel: { ...state, ...other } })
      expect(undo()).toMatchObject({ refusal: { code: 'change_not_undone' } })
    }
  })

  test.each(GAMES)('sets the game %s back', (game) => {
    const { channel, desk, undo } = atDesk()
    const before = settingsOf(channel.world, game)
    const settings = { ...before, onAir: !before.onAir }
    expect(desk({ kind: 'game.change', game, settings, confirmed: true } as Intent)).toMatchObject({ ok: true })
    expect(undo()).toMatchObject({ ok: true })
    expect(settingsOf(channel.world, game)).toEqual(before)
  })

  test('sets a webhook back and never tells its secret', () => {
    const { channel, desk, log, undo } = atDesk()
    const settings = { name: 'Lamp', address: 'https://example.org/a', kinds: ['show.started' as const] }
    desk({ kind: 'webhook.save', webhook: null, settings, secret: 'sesame' })
    const [webhook] = openWebhooks(channel.world)
    desk({
      kind: 'webhook.save',
      webhook: webhook?.id ?? 0,
      settings: { ...settings, address: 'https://example.org/b' },
      secret: '',
    })
    expect(undo()).toMatchObject({ ok: true })
    expect(openWebhooks(channel.world)).toMatchObject([{ address: 'https://example.org/a', secret: 'sesame' }])
    expect(JSON.stringify(log())).not.toContain('sesame')
  })

  test('sets back a tally, the currency and the texts of the games', () => {
    const { channel, desk, undo } = atDesk()
    const id = channel.tally({})
    const [tally] = openTallies(channel.world)
    if (tally === undefined) throw new Error('There is no tally.')
    const { id: _, goneAt: __, ...settings } = tally
    desk({ kind: 'tally.save', tally: id, settings: { ...settings, many: 'marks' } })
    expect(undo()).toMatchObject({ ok: true })
    expect(openTallies(channel.world)[0]?.many).toBe(settings.many)
    desk({ kind: 'game.text', text: 'duel.asked', own: ['{{ challenger.name }} calls'] } as Intent)
    desk({ kind: 'currency.change', currency: { one: 'bolt', many: 'bolts', word: 'bolts' } })
    expect(undo()).toMatchObject({ ok: true })
  })
})

test('what was changed from something older is refused as a whole, and leaves no trace', () => {
  const { channel, hat, log } = atDesk()
  const save = (price: number, changedFrom: string) =>
    decide(channel.world, {
      ...{ kind: 'store.save', reward: hat, settings: { ...HAT, price } },
      ...{ key: `${price}/${changedFrom}`, at: channel.now, atDesk: 'wanda', changedFrom },
    } as Intent & { key: string; at: number })
  const mark = () => markOf(channel.world.get(rewards, hat)?.settings)
  const before = mark()
  const facts = channel.facts().length
  expect(save(80, 'ffff')).toMatchObject({ refusal: { code: 'changed_meanwhile', data: { now: expect.any(String) } } })
  expect([mark(), channel.facts().length, log()]).toEqual([before, facts, []])
  expect(save(80, before)).toMatchObject({ ok: true })
  expect(save(90, before)).toMatchObject({ refusal: { code: 'changed_meanwhile' } })
  expect(price(channel, hat)).toBe(80)
})

test('two settings are the same in whatever order their fields came', () => {
  expect(sameContent({ a: 1, b: { c: [1, 2], d: null } }, { b: { d: null, c: [1, 2] }, a: 1 })).toBe(true)
  expect(sameContent({ a: [1, 2] }, { a: [2, 1] })).toBe(false)
  expect(sameContent(null, {})).toBe(false)
})
