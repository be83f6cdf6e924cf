import fc from 'fast-check'
import { beforeEach, describe, expect, test } from 'vitest'
import type { TestChannel } from '../../testing/core/channel.ts'
import { evening, later, PLAYERS, potsOf } from '../../testing/core/evening.ts'
import { balanceOf } from '../ledger/index.ts'
import { type GoalSettings, goalEnded, goals, goalTotals, PLAIN_GOAL, parts } from './index.ts'

const CLOCK: GoalSettings = { ...PLAIN_GOAL, title: 'Mend the tram clock', word: 'clock', target: 1000 }

let channel: TestChannel
beforeEach(() => {
  channel = evening()
})

function made(settings: Partial<GoalSettings> = {}, opens = true): number {
  const done = channel.send({ kind: 'goal.make', settings: { ...CLOCK, ...settings }, opens, by: 'wanda' })
  if (!done.ok) throw new Error(done.refusal.sentence)
  return done.value.goal
}

const act = (goal: number, does: 'open' | 'end' | 'callOff') =>
  channel.send({ kind: 'goal.act', goal, does, why: '', by: 'wanda' })
const change = (goal: number, settings: Partial<GoalSettings>) =>
  channel.send({ kind: 'goal.change', goal, settings: { ...CLOCK, ...settings } })
const code = (result: { ok: boolean; refusal?: { code: string } }) => (result.ok ? 'ok' : result.refusal?.code)
const balance = (name: string) => balanceOf(channel.world, channel.viewer(name).id)
const statusOf = (goal: number) => channel.world.get(goals, goal)?.status
const paidIn = (goal: number) => channel.world.get(goalTotals, goal)?.paid

describe('chipping in', () => {
  test('takes at most what is missing, and two who give the last unit give it once', () => {
    const goal = made()
    channel.hear('pia', '!chip 700')
    const both = [channel.hear('jo', '!chip 299'), channel.hear('bo', '!chip 500'), channel.hear('kit', '!chip 1')]
    expect(both[1]?.join()).toContain('bo chips in 1 rivet (all that was missing): 1,000 rivets of 1,000 rivets')
    expect([balance('pia'), balance('jo'), balance('bo'), balance('kit')]).toEqual([300, 701, 999, 1000])
    expect([statusOf(goal), potsOf(channel), channel.sum()]).toEqual(['reached', 0, 0])
    expect(both[2]?.join()).toContain('No goal is open.')
  })

  test('of several goals goes to the one that is named, before or behind the amount', () => {
    const clock = made()
    const lamp = made({ title: 'A lamp for the stairs', word: 'lamp' })
    expect(channel.hear('pia', '!chip 50').join()).toContain('For which goal? !chip 100 clock, or !chip 100 lamp.')
    channel.hear('pia', '!chip 50 lamp')
    channel.hear('jo', '!chip clock 70')
    expect([paidIn(clock), paidIn(lamp)]).toEqual([70, 50])
    expect(channel.hear('bo', '!goal lamp').join()).toContain(
      '“A lamp for the stairs”: 50 of 1,000 rivets from 1 person',
    )
    expect(channel.hear('fen', '!goal').join()).toContain('!chip 100 clock')
  })

  test('keeps the smallest part, but for the last of it, and the most from one person', () => {
    const goal = made({ smallest: 100, largest: 400 })
    expect(channel.hear('pia', '!chip 99').join()).toContain('The smallest part is 100 rivets.')
    channel.hear('pia', '!chip 300')
    channel.hear('pia', '!chip 300')
    later(channel, 120)
    expect([balance('pia'), channel.hear('pia', '!chip 100').join()]).toEqual([
      600,
      expect.stringContaining('One person can chip in 400 rivets, and you have.'),
    ])
    channel.hear('jo', '!chip 400')
    channel.hear('bo', '!chip 150')
    expect(channel.hear('kit', '!chip 50').join()).toContain('kit chips in 50 rivets')
    expect(statusOf(goal)).toBe('reached')
  })

  test('gives back what one put in, where that is allowed', () => {
    made({ withdraw: true })
    channel.hear('pia', '!chip 100')
    expect(channel.hear('pia', '!chip back').join()).toContain('takes 100 rivets back')
    expect(channel.hear('jo', '!chip back').join()).toContain('You have nothing')
    expect(balance('pia')).toBe(1000)
  })
})

describe('a goal', () => {
  test('passes milestones in order, each once, also when one part passes several, and does their steps once', () => {
    const goal = made({
      milestones: [
        { at: 200, name: 'Springs', steps: [{ do: 'say', text: 'Springs are here, {{ viewer.name }}.' }] },
        { at: 600, name: 'Glass', steps: [] },
      ],
      steps: [{ do: 'pay', to: { of: 'present' }, amount: { fixed: 5 } }],
    })
    const before = channel.facts().length
    channel.hear('pia', '!chip 700')
    channel.runTimers()
    channel.hear('jo', '!chip 100')
    channel.runTimers()
    const said = channel.saidSince(before)
    expect(said.filter((line) => line.includes('is reached'))).toEqual([
      '“Mend the tram clock”: Springs is reached, at 200 rivets!',
      '“Mend the tram clock”: Glass is reached, at 600 rivets!',
    ])
    expect(said.filter((line) => line.startsWith('Springs are here'))).toEqual(['Springs are here, pia.'])
    const had = balance('kit')
    channel.hear('bo', '!chip all')
    channel.runTimers()
    channel.runTimers()
    expect([statusOf(goal), balance('kit') - had]).toEqual(['reached', 5])
  })

  test('that is not reached by its end gives everything back, or keeps it, as was promised', () => {
    const refunded = made({ endsAt: channel.now + 600 })
    channel.hear('pia', '!chip 300')
    later(channel, 600)
    const kept = made({ endsAt: channel.now + 600, unreached: 'keep' })
    channel.hear('jo', '!chip 300')
    later(channel, 600)
    channel.runTimers()
    expect([statusOf(refunded), statusOf(kept), balance('pia'), balance('jo')]).toEqual(['missed', 'missed', 1000, 700])
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
  })

  test('called off refunds whatever was promised, and a merged account’s part goes to the person', () => {
    const goal = made({ unreached: 'keep' })
    channel.hear('pia', '!chip 300')
    channel.leave('pia')
    channel.send({ kind: 'people.merge', from: channel.viewer('pia').id, into: channel.viewer('jo').id })
    act(goal, 'callOff')
    channel.runTimers()
    expect([statusOf(goal), balance('jo')]).toEqual(['off', 2000])
  })

  test('keeps what was promised once somebody has chipped in, and cannot be lowered below what is in it', () => {
    const goal = made({ milestones: [{ at: 100, name: 'Springs', steps: [] }] })
    expect(code(change(goal, { unreached: 'keep' }))).toBe('ok')
    expect(code(change(goal, { milestones: [{ at: 100, name: 'Springs', steps: [] }] }))).toBe('ok')
    channel.hear('pia', '!chip 300')
    expect(
      [
        change(goal, { unreached: 'keep' }),
        change(goal, { target: 300, milestones: [{ at: 100, name: 'Springs', steps: [] }] }),
        change(goal, { milestones: [{ at: 200, name: 'Springs', steps: [] }] }),
        change(goal, {
          milestones: [
            { at: 100, name: 'Springs', steps: [] },
            { at: 250, name: 'Late', steps: [] },
          ],
        }),
        change(goal, { title: 'The tram clock', target: 2000, milestones: [{ at: 100, name: 'Springs', steps: [] }] }),
      ].map(code),
    ).toEqual(['goal_fixed', 'goal_below', 'goal_fixed', 'goal_below', 'ok'])
  })

  test('half set is not opened, and one that is planned opens once another is reached', () => {
    const tried = (settings: Partial<GoalSettings>) =>
      channel.send({ kind: 'goal.make', settings: { ...CLOCK, ...settings }, opens: true, by: 'wanda' })
    const wrong = [
      tried({ milestones: [{ at: 1000, name: 'Too late', steps: [] }] }),
      tried({ endsAt: channel.now }),
      tried({ word: '12' }),
      tried({ steps: [{ do: 'alert', alert: 77, title: '', line: '', picture: 'lamp', sound: 'bell', seconds: 5 }] }),
    ]
    expect(wrong.map((one) => (one.ok ? '' : one.refusal.sentence))).toEqual([
      'The goal itself is 1,000: make it smaller.',
      'This time has passed. Choose a later one, or none.',
      'A word that begins with a digit looks like an amount. Use another.',
      'Choose an alert.',
    ])
    const next = made({ title: 'Next', word: 'next', follows: true }, false)
    expect(code(tried({ word: 'NEXT' }))).toBe('goal_invalid')
    made()
    channel.hear('pia', '!chip all clock')
    channel.runTimers()
    expect(statusOf(next)).toBe('open')
  })
})

test('whatever is chipped in, taken back, changed, ended or called off: pots end at 0 and the sum is 0', () => {
  const step = fc.oneof(
    {
      weight: 8,
      arbitrary: fc.record({
        who: fc.constantFrom(...PLAYERS),
        line: fc.constantFrom(
          '!chip 10',
          '!chip half',
          '!chip all clock',
          '!chip 333 lamp',
          '!chip back lamp',
          '!goal',
        ),
      }),
    },
    { weight: 2, arbitrary: fc.record({ wait: fc.constantFrom(1, 60, 700) }) },
    {
      weight: 2,
      arbitrary: fc.record({
        word: fc.constantFrom('clock', 'lamp'),
        target: fc.constantFrom(200, 1500, 9000),
        unreached: fc.constantFrom('refund' as const, 'keep' as const),
        withdraw: fc.boolean(),
        smallest: fc.constantFrom(1, 50),
        largest: fc.constantFrom(0, 400),
        ends: fc.constantFrom(null, 600),
      }),
    },
    { weight: 1, arbitrary: fc.record({ at: fc.nat(1), does: fc.constantFrom('end' as const, 'callOff' as const) }) },
  )
  const property = fc.property(fc.array(step, { minLength: 8, maxLength: 50 }), (steps) => {
    channel = evening()
    const running = () => channel.world.all(goals).filter((one) => !goalEnded(one))
    for (const one of steps) {
      if ('line' in one) channel.hear(one.who, one.line)
      else if ('wait' in one) later(channel, one.wait)
      else if ('does' in one) act(running()[one.at]?.id ?? 0, one.does)
      else {
        const { ends, ...more } = one
        const endsAt = ends === null ? null : channel.now + ends
        channel.send({ kind: 'goal.make', settings: { ...CLOCK, ...more, endsAt }, opens: true, by: 'w' })
      }
      expect([channel.sum(), channel.lowest()]).toEqual([0, 0])
      for (const { id, status } of running())
        if (status === 'open') expect(paidIn(id)).toBe(balanceOf(channel.world, id))
    }
    for (const { id } of running()) act(id, 'callOff')
    for (let i = 0; i < 3; i++) later(channel, 1)
    expect([running(), potsOf(channel), channel.sum()]).toEqual([[], 0, 0])
    for (const goal of channel.world.all(goals).filter(({ status }) => status === 'off'))
      for (const part of channel.world.all(parts).filter((row) => row.goal === goal.id))
        expect(part.back).toBeGreaterThanOrEqual(part.paid)
  })
  fc.assert(property, { numRuns: 60 })
})
