import { beforeEach, describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { runs } from '../runs/runs.ts'
import { orders, PLAIN_REWARD, type RewardSettings, UNLIMITED } from '../store/index.ts'
import { rewardReady } from './ready.ts'

let channel: TestChannel

beforeEach(() => {
  channel = new TestChannel()
  channel.startShow()
  for (const name of ['pia', 'jo']) {
    channel.arrive(name)
    channel.give(name, 1000)
  }
})

const save = (settings: Partial<RewardSettings>, reward: number | null = null) =>
  channel.send({ kind: 'store.save', reward, settings: { ...PLAIN_REWARD, name: 'Lamp', word: 'lamp', ...settings } })
const sentenceOf = (result: ReturnType<typeof save>) => (result.ok ? '' : result.refusal.sentence)

describe('the steps of a reward', () => {
  test('run when it is bought, and can tell of the order', () => {
    const tally = channel.tally()
    channel.reward({
      kind: 'itself',
      price: 10,
      steps: [
        { do: 'tally', tally, how: 'add', to: { of: 'caller' }, amount: { fixed: 2 } },
        {
          do: 'say',
          text: '{{ viewer.name }}: {{ reward.name }} {{ order.text }} ({{ order.cost }}), {{ viewer.tally.stamps.has }}',
        },
      ],
    })
    expect(channel.hear('pia', '!get lamp blue')).toContain('pia: Lamp blue (10 rivets), 2 stamps')
    expect(channel.tallied('pia', tally)).toBe(2)
    expect(channel.world.appended(runs).at(-1)).toMatchObject({ source: 'reward', outcome: 'done', viewerName: 'pia' })
  })

  test('that cannot be done undo the purchase: money, stock and order', () => {
    const reward = channel.reward({
      kind: 'itself',
      price: 10,
      stock: { ...UNLIMITED, all: 1 },
      steps: [{ do: 'take', from: { of: 'caller' }, amount: { fixed: 995 } }],
    })
    expect(channel.say('pia', '!get lamp')).toContain('5 short')
    expect(channel.balance('pia')).toBe(1000)
    expect(channel.world.all(orders)).toHaveLength(0)
    expect(channel.world.appended(runs).at(-1)).toMatchObject({ of: reward, outcome: 'refused' })
    channel.give('pia', 100)
    expect(channel.say('pia', '!get lamp')).toContain('bought Lamp')
    expect(channel.balance('pia')).toBe(95)
  })

  test('that fail after a wait give the order back', () => {
    channel.reward({
      kind: 'itself',
      price: 10,
      steps: [
        { do: 'wait', seconds: 60 },
        { do: 'take', from: { of: 'caller' }, amount: { fixed: 995 } },
      ],
    })
    channel.say('pia', '!get lamp')
    expect(channel.balance('pia')).toBe(990)
    channel.now += 60
    const facts = channel.world.facts.length
    channel.runTimers()
    expect(channel.balance('pia')).toBe(1000)
    expect(channel.world.all(orders)[0]?.status).toBe('refunded')
    expect(channel.saidSince(facts)[0]).toContain('What was paid is refunded.')
  })

  test('are done for whom a step orders it, not for who set that off', () => {
    const tally = channel.tally()
    const reward = channel.reward({
      kind: 'itself',
      steps: [
        { do: 'tally', tally, how: 'add', to: { of: 'caller' }, amount: { fixed: 1 } },
        { do: 'say', text: 'For {{ viewer.name }}: {{ order.text }}' },
      ],
    })
    channel.command({
      word: 'gift',
      arguments: [{ name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 }],
      steps: [
        { do: 'order', reward, to: { of: 'argument', name: 'who' }, text: 'from {{ viewer.name }}' },
        { do: 'say', text: 'Thanks, {{ viewer.name }}.' },
      ],
    })
    expect(channel.hear('pia', '!gift @jo')).toEqual(['For jo: from pia', 'Thanks, pia.'])
    expect([channel.tallied('jo', tally), channel.tallied('pia', tally)]).toEqual([1, 0])
    expect(channel.world.all(orders)[0]).toMatchObject({ viewerName: 'jo', price: 0, payment: 0 })
  })

  test('that come back to themselves cannot be saved, in a circle of any kind', () => {
    const one = channel.reward({ kind: 'itself', steps: [{ do: 'say', text: 'x' }] })
    const command = channel.command({ steps: [{ do: 'order', reward: one, to: { of: 'caller' }, text: '' }] })
    const round = save({ kind: 'itself', steps: [{ do: 'call', command }] }, one)
    expect(sentenceOf(round)).toContain('would never end')
    const itself = save({ kind: 'itself', steps: [{ do: 'order', reward: one, to: { of: 'caller' }, text: '' }] }, one)
    expect(sentenceOf(itself)).toContain('would never end')
  })

  test('show an alert of the list, which cannot be taken away while they do', () => {
    const alert = channel.alert({ title: 'Hello {{ viewer.name }}' })
    const inline = { do: 'alert', title: 'x', line: '', picture: 'lamp', sound: 'none', seconds: 5 } as const
    channel.command({ steps: [{ ...inline, alert }] })
    channel.hear('pia', '!lamp')
    expect(channel.facts('screen.alert').at(-1)?.body).toMatchObject({ alert, title: 'Hello pia' })
    const gone = channel.send({ kind: 'alert.remove', alert })
    expect(gone).toMatchObject({ refusal: { code: 'alert_used', sentence: expect.stringContaining('!lamp') } })
  })
})

describe('a reward cannot be saved', () => {
  test.each<[Partial<RewardSettings>, string]>([
    [{ word: 'whistle' }, '“Factory whistle”'],
    [{ word: 'get', command: true }, 'would mean two things'],
    [{ alert: 999 }, 'The alert it shows was removed'],
    [{ picture: `media/${'0'.repeat(32)}.webp` }, 'no longer in the library'],
    [{ perk: { seconds: 60, circle: 999 } }, 'The circle it opens was removed'],
    [{ kind: 'itself', steps: [{ do: 'say', text: '{{ order.txt }}' }] }, 'order.txt'],
  ])('%j', (settings, part) => {
    expect(sentenceOf(save(settings))).toContain(part)
  })

  test('but archived its word is free, and what was sold stays', () => {
    const one = channel.reward({ price: 10 })
    channel.say('pia', '!get lamp')
    expect(channel.send({ kind: 'store.archive', reward: one }).ok).toBe(true)
    expect(channel.say('pia', '!get lamp')).toContain('There is no reward "lamp"')
    expect(save({}).ok).toBe(true)
    const order = channel.world.all(orders)[0]?.id ?? 0
    expect(channel.send({ kind: 'store.giveBack', order, by: 'wanda' }).ok).toBe(true)
    expect(channel.balance('pia')).toBe(1000)
  })

  test('and put into another order all of them are there', () => {
    const ids = [channel.reward({}), channel.reward({ word: 'sun', name: 'Sun' })]
    channel.send({ kind: 'store.arrange', order: [...ids].reverse() })
    expect(channel.say('pia', '!get')).toBe('pia: type !get and one of sun, lamp, whistle, name-it.')
  })
})

describe('will it work?', () => {
  const around = { muted: false, silent: [], chatConnected: true, overlays: 1, overlaysConnected: 1, onAir: true }
  const standing = { at: 100, left: null, plays: 1, playsNow: 1 }
  const line = (settings: Partial<RewardSettings>, now: Partial<typeof standing> | { left: number } = {}) =>
    rewardReady({ ...PLAIN_REWARD, ...settings }, [], around, { ...standing, ...now }).sentence

  test('says what is missing', () => {
    expect(line({})).toBe('Ready.')
    expect(line({ on: false })).toBe('It is switched off.')
    expect(line({ alert: 1 }, { plays: 0 })).toBe('No overlay has a box for its alert.')
    expect(line({ alert: 1 }, { playsNow: 0 })).toBe('No overlay that plays its alert is connected.')
    expect(line({ kind: 'code' }, { left: 0 })).toBe('Sold out: its list has no code left.')
    expect(line({ from: 200 })).toBe('Its time has not come.')
    expect(line({ to: 100 })).toBe('Its time is over.')
  })
})

describe('what is nearly the word of a reward', () => {
  const HAT = { name: 'Pick my hat', word: 'hat' }

  test.each([
    ['!get pick my hat', 'Did you mean !get hat (Pick my hat)?'],
    ['!get haat', 'Did you mean !get hat (Pick my hat)?'],
    ['!get Hatt please', 'Did you mean !get hat (Pick my hat)?'],
    ['!get song', 'There is no reward "song". There are:'],
  ])('%s', (line, said) => {
    channel.reward(HAT)
    channel.reward({ name: 'A message', word: 'message' })
    expect(channel.say('pia', line)).toContain(said)
    expect(channel.balance('pia')).toBe(1000)
  })

  test('offers none where two are as near, and never one that takes a secret word', () => {
    channel.reward(HAT)
    channel.reward({ name: 'Pick my scarf', word: 'scarf' })
    channel.reward({ name: 'The vault', word: 'vault', secret: 'sesame' })
    expect(channel.say('pia', '!get pick')).toContain('hat, scarf')
    expect(channel.say('pia', '!get valt')).not.toContain('vault')
  })
})
