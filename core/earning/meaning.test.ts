import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CURRENCY, TestChannel } from '../../testing/core/channel.ts'
import { checkPlan } from './change.ts'
import { earningSetting, examplesOf, getsOf, planDifference, planWarnings, STARTERS, waysToEarn } from './index.ts'

const PLAN = earningSetting.initial
const adds = (plus: number, times = 100) => ({ plus, times })
const WEEK = { shows: 3, seconds: 3 * 9000 }
const gets = (plan: typeof PLAN, name: string) => {
  const example = examplesOf([{ id: 1, name: 'Crew' }]).find((one) => one.name === name)
  if (example === undefined) throw new Error(`There is no example ${name}.`)
  return getsOf(plan, example, WEEK)
}

describe('what a plan means', () => {
  test('for one who only watches, chats, subscribes or is in a circle', () => {
    const plan = {
      ...PLAN,
      standings: { follower: adds(2), tier1: adds(0, 150), 'circle:1': adds(5) },
      active: { plus: 3, withinSeconds: 600 },
      checkIn: { amount: 20, streakPlus: 1, streakMost: 10, missedAllowed: true },
      allowance: { amount: 100, weekday: 1, hour: 0, to: ['subscriber'] },
    }
    expect(gets(plan, 'Only watches')).toEqual({ interval: 10, hour: 120, week: 900 })
    expect(gets(plan, 'Chats along')).toEqual({ interval: 13, hour: 156, week: 13 * 90 + 90 })
    expect(gets(plan, 'Subscriber, tier 1')).toEqual({ interval: 22, hour: 264, week: 22 * 90 + 90 + 100 })
    expect(gets(plan, 'In "Crew"').interval).toBe(20)
  })

  test('warns of what rounds away, of standings far apart, and of being paid for being away', () => {
    const warn = (patch: Partial<typeof PLAN>) =>
      planWarnings({ ...PLAN, ...patch }, CURRENCY, [{ id: 1, name: 'Crew' }], WEEK)
    expect(warn({ base: 1, standings: { tier1: adds(0, 150) } })).toEqual([
      'The bonus of "subscriber, tier 1" rounds away: a payment stays at 1.',
    ])
    expect(warn({ standings: { 'circle:1': adds(0, 1100) } })).toEqual([
      '"Crew" earns 110 where others earn 10: more than ten times as much.',
    ])
    const away = warn({ offAir: { intervalSeconds: 600, base: 30 } })
    expect(away[0]).toBe(
      'Being there off air pays: somebody who never leaves collects 28,890 rivets a week without watching anything.',
    )
    expect(away[1]).toBe('An hour off air pays more than an hour of the show.')
    expect(warn({})).toEqual([])
  })
})

describe('a difference', () => {
  test('names every line that differs, and none that does not', () => {
    const after = { ...PLAN, base: 12, standings: { tier1: adds(0, 150) }, support: { ...PLAN.support, tip: 30 } }
    expect(planDifference(PLAN, after)).toEqual([
      { what: 'Each payment', before: '10', after: '12' },
      { what: 'A tip, per whole unit', before: 'nothing', after: '30' },
      { what: 'Bonus of subscriber, tier 1', before: '+0, × 1', after: '+0, × 1.5' },
    ])
    expect(planDifference(after, after)).toEqual([])
  })

  test('is found whichever amount was changed', () => {
    const places = ['base', 'welcome', 'newcomerWaitSeconds', 'intervalSeconds'] as const
    fc.assert(
      fc.property(fc.constantFrom(...places), fc.integer({ min: 10, max: 80_000 }), (place, value) => {
        const after = { ...PLAN, [place]: value }
        expect(planDifference(PLAN, after)).toHaveLength(value === PLAN[place] ? 0 : 1)
      }),
    )
  })
})

describe('how to earn', () => {
  const reader = { standings: ['follower', 'tier1'], nameOf: (one: string) => one, here: 'here' }

  test('is told with one’s own standings applied, and leaves out what pays nothing', () => {
    const plan = { ...PLAN, standings: { follower: adds(2), tier1: adds(0, 150) } }
    expect(waysToEarn(plan, CURRENCY, reader)).toEqual([
      {
        way: 'Watch: 10 rivets for every 5 min in the chat while the show is on.',
        yours: 'For you 18 rivets: follower +2, tier1 × 1.5.',
      },
    ])
    expect(waysToEarn({ ...PLAN, base: 0 }, CURRENCY, reader)).toEqual([])
  })

  test('names every way that the fullest starter has', () => {
    const all = STARTERS.map(({ plan }) => waysToEarn(plan, CURRENCY, reader).map(({ way }) => way.split(':')[0]))
    expect(all[0]).toEqual([
      'Watch',
      'Chat along',
      'Write',
      'Check in once a show, here or with !here',
      'Follow',
      'Subscribe',
      'Give subscriptions',
      'Raid the channel',
      'Tip',
      'Cheer',
      'Come for the first time',
    ])
  })
})

describe('the starters', () => {
  test.each(STARTERS)('for $audience: can be applied as it is, without a warning', ({ plan }) => {
    expect(checkPlan(new TestChannel().world, plan).ok).toBe(true)
    expect(planWarnings(plan, CURRENCY, [], WEEK)).toEqual([])
  })
})

describe('a draft', () => {
  test('waits for the next show, goes live with it, and is kept', () => {
    const channel = new TestChannel({ intervalSeconds: 60 })
    const show = channel.startShow()
    channel.arrive('pia')
    const draft = { ...channel.livePlan(), base: 50 }
    channel.send({ kind: 'earning.draft', plan: draft, nextShow: true, by: 'wanda' })
    channel.now += 60
    channel.send({ kind: 'earning.schedule', show })
    channel.endShow(show)
    expect(channel.livePlan().base).toBe(10)
    channel.now += 3600
    const next = channel.startShow()
    channel.send({ kind: 'earning.schedule', show: next })
    expect(channel.livePlan().base).toBe(50)
    channel.now += 60
    channel.endShow(next)
    expect(channel.balance('pia')).toBe(60)
  })

  test('that names a removed circle cannot wait to go live', () => {
    const channel = new TestChannel()
    const plan = { ...channel.livePlan(), standings: { 'circle:9': adds(1) } }
    expect(channel.send({ kind: 'earning.draft', plan, nextShow: true, by: 'w' }).ok).toBe(false)
    expect(channel.send({ kind: 'earning.draft', plan, nextShow: false, by: 'w' }).ok).toBe(true)
  })
})
