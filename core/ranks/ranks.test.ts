import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { attend, attendedOfLast } from '../people/index.ts'
import type { CircleSettings, Rank, RankPlan } from './index.ts'
import { nextRank, rankFor } from './index.ts'

const rank = (id: number, name: string, from: number, needs: string | null = null): Rank => ({
  id,
  name,
  from,
  needs,
  badge: 'bolt',
})
const RANKS: RankPlan = {
  measure: 'hours',
  ranks: [rank(1, 'Apprentice', 1), rank(2, 'Fitter', 10), rank(3, 'Master', 20, 'subscriber')],
  announce: '{{ viewer.name }} is {{ viewer.rank }} now.',
}
const NO_RULES = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }
const circle = (name: string, rules: Partial<CircleSettings['rules']> = {}, keep = false): CircleSettings => ({
  name,
  keep,
  rules: { ...NO_RULES, ...rules },
})

function withRanks(plan = RANKS) {
  const channel = new TestChannel({ intervalSeconds: 60 })
  channel.send({ kind: 'ranks.change', plan })
  channel.arrive('pia')
  const save = (settings: CircleSettings) => {
    const saved = channel.send({ kind: 'circle.save', circle: null, settings })
    return saved.ok ? saved.value.circle : 0
  }
  const hours = (minutes: number) =>
    channel.send({
      kind: 'people.adjust',
      viewers: [channel.viewer('pia').id],
      of: 'hours',
      how: 'set',
      amount: minutes * 60,
      why: '',
      by: 'w',
    })
  const said = () => channel.facts('chat.replied').map(({ body }) => body.text)
  return { channel, save, hours, said }
}

describe('a rank', () => {
  test('comes with the minutes watched, is announced, and asks for its standing', () => {
    const { channel, hours, said } = withRanks()
    const show = channel.startShow()
    channel.now += 60
    channel.pay(show)
    expect(channel.viewer('pia').rank).toBe(1)
    hours(25)
    expect(channel.viewer('pia').rank).toBe(2)
    channel.send({ kind: 'people.keep', viewer: channel.viewer('pia').id, tier: 1 })
    expect(channel.viewer('pia').rank).toBe(3)
    expect(said()).toEqual(['pia is Apprentice now.', 'pia is Fitter now.', 'pia is Master now.'])
    hours(5)
    expect(channel.viewer('pia').rank).toBe(1)
    expect(said()).toHaveLength(3)
  })

  test('is never touched by what somebody holds or wins by hand', () => {
    const { channel } = withRanks({ ...RANKS, measure: 'earned' })
    const pia = channel.viewer('pia').id
    channel.send({ kind: 'people.adjust', viewers: [pia], of: 'balance', how: 'give', amount: 5000, why: '', by: 'w' })
    expect(channel.viewer('pia').rank).toBeNull()
    const show = channel.startShow()
    channel.now += 60
    channel.pay(show)
    expect(channel.viewer('pia').rank).toBe(2)
    channel.send({ kind: 'people.adjust', viewers: [pia], of: 'balance', how: 'set', amount: 0, why: '', by: 'w' })
    expect(channel.viewer('pia').rank).toBe(2)
  })

  test('reached by many at once is said once, by few one by one', () => {
    const { channel, said } = withRanks()
    for (const name of ['jo', 'sol', 'mo', 'kim']) channel.arrive(name)
    const show = channel.startShow()
    channel.now += 60
    channel.pay(show)
    expect(said()).toEqual(['New: Apprentice. Well done, pia, jo, sol and 2 more!'])
    for (const name of ['sol', 'mo', 'kim']) channel.leave(name)
    channel.now += 540
    channel.pay(show)
    expect(said().slice(1)).toEqual(['pia is Fitter now.', 'jo is Fitter now.'])
  })

  test('never falls as the measure grows, and the next one is the first above', () => {
    const ranks = fc
      .uniqueArray(fc.nat(500), { minLength: 1, maxLength: 8 })
      .map((froms) =>
        froms.sort((a, b) => a - b).map((from, i) => rank(i + 1, `R${i}`, from, i % 3 === 2 ? 'moderator' : null)),
      )
    fc.assert(
      fc.property(ranks, fc.nat(600), fc.nat(600), fc.boolean(), (list, a, b, moderator) => {
        const held = moderator ? ['moderator'] : []
        const [low, high] = [Math.min(a, b), Math.max(a, b)]
        expect(rankFor(list, high, held)?.from ?? -1).toBeGreaterThanOrEqual(rankFor(list, low, held)?.from ?? -1)
        const next = nextRank(list, low, held)
        if (next !== undefined) {
          expect(rankFor(list, next.from, held)).toBe(next)
          expect(rankFor(list, next.from - 1, held)).toBe(rankFor(list, low, held))
        }
      }),
    )
  })

  test.each([
    [[rank(1, 'A', 10), rank(2, 'B', 5)], /begins lower than "A"/],
    [[rank(1, 'A', 10), rank(2, 'B', 10)], /begin at the same point/],
    [[rank(1, 'A', 1), rank(2, 'a', 10)], /Two ranks are called/],
    [[rank(1, 'A', 1), rank(1, 'B', 10)], /bears the number/],
  ])('%j is refused', (ranks, sentence) => {
    const { channel } = withRanks()
    const refused = channel.send({ kind: 'ranks.change', plan: { ...RANKS, ranks } })
    expect(refused).toMatchObject({ refusal: { code: 'ranks_invalid', sentence: expect.stringMatching(sentence) } })
  })
})

describe('a circle', () => {
  test('is joined by its rules and left again, or kept for good', () => {
    const { channel, save, hours } = withRanks()
    const [loose, kept] = [save(circle('Loose', { hours: 1 })), save(circle('Kept', { hours: 1 }, true))]
    hours(60)
    expect(channel.viewer('pia').circles).toEqual([loose, kept])
    hours(30)
    expect(channel.viewer('pia').circles).toEqual([kept])
  })

  test('asks for shows attended of the last ones, and for tenure', () => {
    const { channel, save } = withRanks()
    const [regular, loyal] = [
      save(circle('Regular', { shows: { least: 2, of: 3 } })),
      save(circle('Loyal', { followerDays: 3 })),
    ]
    channel.send({ kind: 'people.keep', viewer: channel.viewer('pia').id, follower: true })
    const watched = [true, true, false, false, false].map((watches) => {
      if (!watches) channel.leave('pia')
      const show = channel.startShow()
      channel.now += 600
      channel.endShow(show)
      channel.now += 86_400
      channel.send({ kind: 'ranks.review', viewers: [channel.viewer('pia').id], quietly: true })
      return channel.viewer('pia').circles
    })
    expect(watched.map((held) => held.includes(regular))).toEqual([false, true, true, false, false])
    expect(watched.map((held) => held.includes(loyal))).toEqual([false, false, true, true, true])
  })

  test('by hand outweighs the rules until it is left to them again', () => {
    const { channel, save, hours } = withRanks()
    const id = save(circle('Crew', { hours: 1 }))
    const join = (how: 'in' | 'out' | 'rules') =>
      channel.send({ kind: 'circle.join', circle: id, viewers: [channel.viewer('pia').id], how })
    join('in')
    expect(channel.viewer('pia').circles).toEqual([id])
    join('out')
    hours(90)
    expect(channel.viewer('pia').circles).toEqual([])
    join('rules')
    expect(channel.viewer('pia').circles).toEqual([id])
    channel.send({ kind: 'circle.close', circle: id })
    channel.send({ kind: 'ranks.review', viewers: [channel.viewer('pia').id], quietly: true })
    expect(channel.viewer('pia').circles).toEqual([])
  })

  test('can be what a rank asks for, and a rank what a circle asks for', () => {
    const { channel, save, hours } = withRanks()
    const crew = save(circle('Crew', { rank: 2 }))
    const ranks = [...RANKS.ranks, rank(4, 'Elder', 30, `circle:${crew}`)]
    channel.send({ kind: 'ranks.change', plan: { ...RANKS, ranks } })
    hours(40)
    expect(channel.viewer('pia')).toMatchObject({ rank: 4, circles: [crew] })
  })

  test('counts as a standing where it is paid', () => {
    const { channel, save } = withRanks()
    const id = save(circle('Crew'))
    channel.send({ kind: 'circle.join', circle: id, viewers: [channel.viewer('pia').id], how: 'in' })
    expect(channel.plan({ standings: { 'circle:999': { plus: 1, times: 100 } } })).toMatchObject({
      refusal: { code: 'earning_plan_invalid' },
    })
    channel.plan({ standings: { [`circle:${id}`]: { plus: 7, times: 100 } } })
    const show = channel.startShow()
    channel.now += 60
    channel.pay(show)
    expect(channel.balance('pia')).toBe(17)
  })

  test('that is closed leaves the plan and its draft, so that both can still be applied', () => {
    const { channel, save } = withRanks()
    const id = save(circle('Crew'))
    const standings = { [`circle:${id}`]: { plus: 7, times: 100 }, follower: { plus: 1, times: 100 } }
    const allowance = { amount: 5, weekday: 1, hour: 0, to: [`circle:${id}`, 'follower'] }
    channel.plan({ standings, allowance })
    channel.send({ kind: 'earning.draft', plan: channel.livePlan(), nextShow: false, by: 'w' })
    channel.send({ kind: 'circle.close', circle: id })
    expect(channel.livePlan()).toMatchObject({ standings: { follower: { plus: 1 } }, allowance: { to: ['follower'] } })
    expect(channel.plan({ base: 11 }).ok).toBe(true)
  })

  test('is refused with a name that is taken, more shows than there are to attend, or a removed rank', () => {
    const { channel, save } = withRanks()
    save(circle('Crew'))
    const refused = (settings: CircleSettings) => {
      const saved = channel.send({ kind: 'circle.save', circle: null, settings })
      return saved.ok ? 'saved' : saved.refusal.code
    }
    expect(refused(circle('crew'))).toBe('circle_invalid')
    expect(refused(circle('A', { shows: { least: 5, of: 3 } }))).toBe('circle_invalid')
    expect(refused(circle('B', { rank: 99 }))).toBe('circle_invalid')
  })
})

describe('shows attended', () => {
  test('are remembered as a list would, as far back as is known', () => {
    const shows = fc.array(fc.integer({ min: 1, max: 30 }), { maxLength: 40 })
    fc.assert(
      fc.property(shows, fc.integer({ min: 1, max: 50 }), fc.nat(100), (gaps, of, later) => {
        let row = { attended: 0, attendedShow: 0 }
        const attended = new Set<number>()
        let number = 0
        for (const gap of gaps) {
          number += gap
          row = attend(row, number)
          row = attend(row, number)
          attended.add(number)
        }
        const latest = number + later
        const expected = [...attended].filter((one) => one > latest - of).length
        expect(attendedOfLast(row, latest, of)).toBe(expected)
        expect(Number.isSafeInteger(row.attended)).toBe(true)
      }),
    )
  })
})
