import { describe, expect, test } from 'vitest'
import { TestChannel, TRIGGER } from '../../testing/core/channel.ts'
import { EVERYONE_MAY, NO_LIMITS } from '../access/index.ts'
import { runs } from '../runs/index.ts'
import type { Step } from '../steps/index.ts'
import { outsideRewards, redemptions, type Source } from './index.ts'

const caller = { of: 'caller' } as const
const pay = (fixed: number): Step => ({ do: 'pay', to: caller, amount: { fixed } })
const say = (text: string): Step => ({ do: 'say', text })

function withPeople(): TestChannel {
  const channel = new TestChannel()
  for (const name of ['Pia', 'Jo']) channel.hear(name, 'hello')
  return channel
}

let events = 0
function happens(channel: TestChannel, type: string, name: string | undefined, body: object = {}): string {
  const who = name === undefined ? undefined : { account: name.toLowerCase(), name }
  const result = channel.send({
    kind: 'event.received',
    source: 'test',
    type: `ricompensa.${type}`,
    happenedAt: channel.now,
    ...(who && { who }),
    body: { ...(who && { who }), event: ++events, ...body },
  })
  return result.ok ? String(result.value.outcome) : result.refusal.code
}

/** What is said once all that was set off has run. */
function said(channel: TestChannel, act: () => void): string[] {
  const facts = channel.facts().length
  act()
  channel.runTimers()
  return channel.saidSince(facts)
}

const STAMP = { id: 'out-1', name: 'Daily stamp', price: 100 }
const listed = (channel: TestChannel) => happens(channel, 'rewards.listed', undefined, { rewards: [STAMP] })
const redeems = (channel: TestChannel, name: string, redemption: string, text = '') =>
  happens(channel, 'reward.redeemed', name, { reward: { id: STAMP.id, name: STAMP.name }, redemption, text })
const outside = (approval: 'itself' | 'hand'): Source => ({ of: 'outside', reward: STAMP.id, approval })
const reports = (channel: TestChannel) =>
  channel.world.timers.flatMap((timer) =>
    'job' in timer && timer.job === 'platform.report' ? [[timer.data.redemption, timer.data.status]] : [],
  )

describe('a trigger', () => {
  test('is set off by what the platform reports, once, and tells of it', () => {
    const channel = withPeople()
    channel.trigger({ steps: [pay(20), say('{{ viewer.name }} has {{ viewer.has }}')] })
    expect(said(channel, () => happens(channel, 'follow', 'Pia'))).toEqual(['Pia has 20 rivets'])
    expect(said(channel, () => happens(channel, 'follow', 'Pia'))).toEqual([])
    expect(channel.sum()).toBe(0)
  })

  test.each<[string, object, object, boolean]>([
    ['raid', { of: 'raid', from: 10, to: null }, { viewers: 10 }, true],
    ['raid', { of: 'raid', from: 10, to: null }, { viewers: 9 }, false],
    ['cheer', { of: 'cheer', from: 100, to: 200 }, { units: 200 }, true],
    ['cheer', { of: 'cheer', from: 100, to: 200 }, { units: 201 }, false],
    ['tip', { of: 'tip', from: 5, to: null }, { minorUnits: 500, currency: 'EUR' }, true],
    ['tip', { of: 'tip', from: 5, to: null }, { minorUnits: 499, currency: 'EUR' }, false],
    ['gift', { of: 'gift', from: 2, to: null }, { tier: 1, count: 3 }, true],
    ['subscription', { of: 'subscription', from: 2, to: 3 }, { tier: 2 }, true],
    ['resubscription', { of: 'subscription', from: 2, to: 3 }, { tier: 1, months: 4 }, false],
  ])('%s %j by %j: %s', (type, source, body, runsIt) => {
    const channel = withPeople()
    channel.trigger({ source: source as Source, steps: [say('it ran')] })
    expect(said(channel, () => happens(channel, type, 'Pia', body))).toEqual(runsIt ? ['it ran'] : [])
  })

  test('greets the first line of a show, and the first of all', () => {
    const channel = withPeople()
    channel.trigger({ source: { of: 'firstInShow' }, steps: [say('show {{ viewer.name }}')] })
    channel.trigger({ source: { of: 'firstEver' }, steps: [say('ever {{ viewer.name }}')] })
    const line = (name: string) => said(channel, () => channel.say(name, 'hi'))
    expect(line('Pia')).toEqual([])
    channel.now += 5
    const show = channel.startShow()
    channel.now += 5
    expect([line('Pia'), line('Pia'), line('Newt')]).toEqual([['show Pia'], [], ['ever Newt', 'show Newt']])
    channel.endShow(show)
    channel.now += 86_400
    channel.startShow()
    channel.now += 5
    expect(line('Newt')).toEqual(['show Newt'])
  })

  test('marks the beginning and the end of a show, but not its going on', () => {
    const channel = withPeople()
    channel.trigger({ source: { of: 'showStarted' }, steps: [say('up: {{ show.title }}')] })
    channel.trigger({ source: { of: 'showEnded' }, steps: [say('down')] })
    let show = 0
    expect(said(channel, () => (show = channel.startShow()))).toEqual(['up: Test'])
    expect(said(channel, () => channel.endShow(show))).toEqual(['down'])
    expect(said(channel, () => channel.send({ kind: 'show.start', title: 'Test', resume: true }))).toEqual([])
  })

  test('follows from a rank reached and an order placed, and one that sets itself off comes to an end', () => {
    const channel = withPeople()
    const ranks = [{ id: 1, name: 'Fitter', from: 60, needs: null, badge: 'cog' as const }]
    channel.send({ kind: 'ranks.change', plan: { measure: 'hours', ranks, announce: '' } })
    channel.trigger({ source: { of: 'rankReached', rank: 1 }, steps: [say('{{ event.name }}: {{ viewer.name }}')] })
    const pia = channel.viewer('Pia').id
    const hours = { kind: 'people.adjust', of: 'hours', how: 'give', amount: 3600, why: '', by: 'w' } as const
    expect(said(channel, () => channel.send({ ...hours, viewers: [pia] }))).toEqual(['Fitter: Pia'])
    const whistle = channel.facts('store.changed')[0]?.body.reward ?? 0
    const again: Step = { do: 'order', reward: whistle, to: caller, text: '' }
    channel.trigger({ name: 'Loop', source: { of: 'orderPlaced', reward: whistle }, steps: [again] })
    channel.give('Pia', 100)
    channel.say('Pia', '!get whistle')
    channel.runTimers()
    expect(channel.facts('order.placed')).toHaveLength(4)
  })

  test('that sets itself off after a wait comes to an end, too', () => {
    const channel = withPeople()
    const whistle = channel.facts('store.changed')[0]?.body.reward ?? 0
    const steps: Step[] = [
      { do: 'wait', seconds: 1 },
      { do: 'order', reward: whistle, to: caller, text: '' },
    ]
    channel.trigger({ source: { of: 'orderPlaced', reward: whistle }, steps })
    channel.give('Pia', 100)
    channel.say('Pia', '!get whistle')
    for (let i = 0; i < 20; i++) {
      channel.runTimers()
      channel.now += 1
    }
    expect(channel.facts('order.placed')).toHaveLength(4)
  })

  test('that may not run says so in the log only', () => {
    const channel = withPeople()
    const nobody = { ...EVERYONE_MAY, everyone: false }
    channel.trigger({ who: nobody })
    channel.trigger({ onAir: true })
    expect(said(channel, () => happens(channel, 'follow', 'Pia'))).toEqual([])
    expect(channel.world.appended(runs).map(({ code }) => code)).toEqual(['command_not_allowed', 'command_off_air'])
  })

  test('by the clock runs on air only, and when chat has said enough', () => {
    const channel = withPeople()
    channel.trigger({ source: { of: 'timer', minutes: 10, lines: 2 }, steps: [say('tick')] })
    const later = (seconds: number, lines = 0) => {
      channel.now += seconds
      return said(channel, () => {
        for (let i = 0; i < lines; i++) channel.say('Jo', 'talk')
      })
    }
    expect(later(3600, 5)).toEqual([])
    const show = channel.startShow()
    expect([later(599, 1), later(1), later(9), later(1, 1), later(10)]).toEqual([[], [], [], ['tick'], []])
    expect([later(589, 5), later(1)]).toEqual([[], ['tick']])
    channel.endShow(show)
    expect(later(1200, 9)).toEqual([])
  })
})

describe('an outside reward', () => {
  test('is chosen from what the platform reported, and answered by one trigger', () => {
    const channel = withPeople()
    const settings = { name: 'Stamp', source: outside('itself'), steps: [pay(50)] }
    expect(() => channel.trigger(settings)).toThrow('The platform has not reported this reward')
    listed(channel)
    channel.trigger(settings)
    expect(() => channel.trigger({ ...settings, name: 'Other' })).toThrow('"Stamp" already answers this reward')
    happens(channel, 'rewards.listed', undefined, { rewards: [] })
    expect(channel.world.all(outsideRewards)).toMatchObject([{ id: 'out-1', price: 100, listed: false }])
  })

  test('turns the platform’s points into currency, and the platform is told', () => {
    const channel = withPeople()
    listed(channel)
    channel.trigger({ source: outside('itself'), steps: [pay(50)] })
    expect(redeems(channel, 'Pia', 'r1')).toBe('"Daily stamp" sets its trigger off.')
    channel.runTimers()
    expect([channel.balance('Pia'), reports(channel)]).toEqual([50, [['r1', 'approved']]])
  })

  test('meant for the first of the evening goes to the first, and all others get their points back', () => {
    const channel = withPeople()
    listed(channel)
    channel.trigger({ source: outside('itself'), limits: { ...NO_LIMITS, perShow: 1 }, steps: [pay(50)] })
    channel.startShow()
    for (const [name, id] of [
      ['Pia', 'r1'],
      ['Jo', 'r2'],
      ['Pia', 'r3'],
    ] as const)
      redeems(channel, name, id)
    channel.runTimers()
    expect([channel.balance('Pia'), channel.balance('Jo')]).toEqual([50, 0])
    expect(reports(channel)).toEqual([
      ['r1', 'approved'],
      ['r2', 'refused'],
      ['r3', 'refused'],
    ])
  })

  test('as a daily check-in pays each viewer once in a show', () => {
    const channel = withPeople()
    listed(channel)
    channel.trigger({ source: outside('itself'), limits: { ...NO_LIMITS, perViewer: 1 }, steps: [pay(5)] })
    channel.startShow()
    for (const [name, id] of [
      ['Pia', 'r1'],
      ['Jo', 'r2'],
      ['Pia', 'r3'],
    ] as const)
      redeems(channel, name, id)
    channel.runTimers()
    expect([channel.balance('Pia'), channel.balance('Jo')]).toEqual([5, 5])
  })

  test('that needs a hand waits for it; refused, it counts for nothing', () => {
    const channel = withPeople()
    listed(channel)
    channel.trigger({
      source: outside('hand'),
      limits: { ...NO_LIMITS, perViewer: 1 },
      steps: [pay(50), say('{{ event.text }}')],
    })
    channel.startShow()
    redeems(channel, 'Pia', 'r1', 'the red one')
    channel.runTimers()
    const [waiting] = channel.world.all(redemptions)
    expect(waiting).toMatchObject({ status: 'waiting', viewerName: 'Pia', text: 'the red one' })
    expect([channel.balance('Pia'), reports(channel)]).toEqual([0, []])
    const decide = (redemption: number, approve: boolean) =>
      channel.send({ kind: 'redemption.decide', redemption, approve, by: 'wanda' })
    decide(waiting?.id ?? 0, false)
    redeems(channel, 'Pia', 'r2', 'again')
    channel.runTimers()
    const second = channel.world.all(redemptions).find(({ status }) => status === 'waiting')
    expect(said(channel, () => decide(second?.id ?? 0, true))).toEqual(['again'])
    expect(decide(second?.id ?? 0, true)).toMatchObject({ refusal: { code: 'redemption_not_waiting' } })
    expect([channel.balance('Pia'), reports(channel)]).toEqual([
      50,
      [
        ['r1', 'refused'],
        ['r2', 'approved'],
      ],
    ])
  })

  test('refused in a later show takes nothing back from that show, nor does it end a rest', () => {
    const channel = withPeople()
    listed(channel)
    const limits = { ...NO_LIMITS, perShow: 1, everyoneSeconds: 500 }
    channel.trigger({ source: outside('hand'), limits, steps: [pay(5)] })
    const show = channel.startShow()
    redeems(channel, 'Pia', 'r1')
    channel.runTimers()
    channel.endShow(show)
    channel.now += 86_400
    channel.startShow()
    redeems(channel, 'Jo', 'r2')
    channel.runTimers()
    const [first] = channel.world.all(redemptions)
    channel.send({ kind: 'redemption.decide', redemption: first?.id ?? 0, approve: false, by: 'wanda' })
    redeems(channel, 'Pia', 'r3')
    channel.runTimers()
    expect(channel.world.all(redemptions).at(-1)).toMatchObject({ status: 'refused', outside: 'r3' })
    expect(channel.world.all(redemptions).at(-1)?.why).toContain('used up')
  })

  test('whose steps cannot be done gives the points back', () => {
    const channel = withPeople()
    listed(channel)
    channel.trigger({ source: outside('itself'), steps: [{ do: 'take', from: caller, amount: { fixed: 10 } }] })
    redeems(channel, 'Pia', 'r1')
    channel.runTimers()
    expect(reports(channel)).toEqual([['r1', 'refused']])
    expect(channel.world.all(redemptions)[0]?.why).toContain('That takes 10 rivets')
  })
})

describe('a button of the desk', () => {
  const BUTTON: Source = { of: 'button', board: '', colour: 'plain', confirm: false }

  test('runs its steps when it is pressed, for nobody, as often as it may', () => {
    const channel = withPeople()
    const limits = { ...NO_LIMITS, everyoneSeconds: 60 }
    const trigger = channel.trigger({ name: 'Bell', source: BUTTON, limits, steps: [say('Ding!')] })
    const press = () => channel.send({ kind: 'button.press', trigger })
    expect(said(channel, press)).toEqual(['Ding!'])
    expect(press()).toMatchObject({ ok: true, value: { refusal: { code: 'rests' } } })
    channel.now += 60
    expect(said(channel, press)).toEqual(['Ding!'])
    expect(channel.world.appended(runs).at(-1)).toMatchObject({ name: 'Bell', viewer: null })
  })

  test('cannot have steps about who set it off, and is the only trigger that a press reaches', () => {
    const channel = withPeople()
    const settings = { ...TRIGGER, source: BUTTON, steps: [pay(5)] }
    expect(channel.send({ kind: 'trigger.save', trigger: null, settings })).toMatchObject({
      refusal: { code: 'trigger_invalid' },
    })
    const raid = channel.trigger({ source: { of: 'raid', from: 0, to: null }, steps: [say('A raid')] })
    expect(channel.send({ kind: 'button.press', trigger: raid })).toMatchObject({
      refusal: { code: 'trigger_not_found' },
    })
    expect(channel.send({ kind: 'button.press', trigger: 999 })).toMatchObject({ ok: false })
  })
})
