import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import type { RankPlan } from '../ranks/index.ts'

const rank = (id: number, name: string, from: number, needs: string | null = null) =>
  ({ id, name, from, needs, badge: 'bolt' }) as const
const ranks = (measure: RankPlan['measure'], ...list: RankPlan['ranks']): RankPlan => ({
  measure,
  ranks: list,
  announce: '',
})

function withRanks(plan: RankPlan) {
  const channel = new TestChannel({ intervalSeconds: 60 })
  channel.send({ kind: 'ranks.change', plan })
  channel.arrive('pia')
  const ask = () => {
    channel.now += 60
    return channel.say('pia', '!rank')
  }
  return { channel, ask }
}

describe('the rank that is told in chat', () => {
  test('has the way to the next in hours and minutes', () => {
    const { channel, ask } = withRanks(ranks('hours', rank(1, 'Onlooker', 60), rank(2, 'Fitter', 300)))
    expect(ask()).toBe('pia has no rank yet; 1 h more to Onlooker.')
    const id = channel.viewer('pia').id
    const hours = { kind: 'people.adjust', viewers: [id], of: 'hours', how: 'set', why: '', by: 'w' } as const
    channel.send({ ...hours, amount: 100 * 60 })
    expect(ask()).toBe('pia is Onlooker; 3 h 20 min more to Fitter.')
    channel.send({ ...hours, amount: 400 * 60 })
    expect(ask()).toBe('pia is Fitter.')
  })

  test('has it in the currency where ranks go by what was earned', () => {
    const { channel, ask } = withRanks(ranks('earned', rank(1, 'Onlooker', 10), rank(2, 'Fitter', 1500)))
    const show = channel.startShow()
    channel.now += 60
    channel.pay(show)
    expect(ask()).toBe('pia is Onlooker; 1,490 rivets more to Fitter.')
  })

  test('promises nobody a rank that is not for them', () => {
    const { channel, ask } = withRanks(ranks('hours', rank(1, 'Onlooker', 1), rank(2, 'Patron', 60, 'subscriber')))
    expect(ask()).toBe('pia has no rank yet; 1 min more to Onlooker.')
    channel.send({ kind: 'people.keep', viewer: channel.viewer('pia').id, tier: 1 })
    const id = channel.viewer('pia').id
    channel.send({ kind: 'people.adjust', viewers: [id], of: 'hours', how: 'set', amount: 120, why: '', by: 'w' })
    expect(ask()).toBe('pia is Onlooker; 58 min more to Patron.')
    channel.send({ kind: 'people.keep', viewer: id, tier: 0 })
    channel.now += 1
    expect(ask()).toBe('pia is Onlooker.')
  })
})

describe('the balance that is told in chat', () => {
  test('is in the streamer’s words, whichever word asks for it', () => {
    const channel = new TestChannel()
    const currency = {
      one: 'rivet',
      many: 'rivets',
      word: 'rivets',
      aliases: ['tin'],
      reply: '{{ viewer.name }} holds {{ balance }}{% if viewer.rank != "" %} as {{ viewer.rank }}{% endif %}',
    }
    channel.send({ kind: 'currency.change', currency })
    expect(channel.say('pia', '!TIN')).toBe('pia holds 0 rivets')
    channel.send({ kind: 'ranks.change', plan: ranks('hours', rank(1, 'Onlooker', 0)) })
    channel.send({ kind: 'ranks.review', viewers: [channel.viewer('pia').id], quietly: true })
    expect(channel.say('pia', '!rivets')).toBe('pia holds 0 rivets as Onlooker')
  })

  test('with a slip in the text is told as the text stands: nothing is lost', () => {
    const channel = new TestChannel()
    const currency = { one: 'rivet', many: 'rivets', word: 'rivets', reply: '{{ viewer.name has' }
    channel.send({ kind: 'currency.change', currency })
    expect(channel.say('pia', '!rivets')).toBe('{{ viewer.name has')
  })
})

test('hours count to the second while the show goes on, and before the first payment', () => {
  const channel = new TestChannel({ intervalSeconds: 600 })
  channel.arrive('pia')
  expect(channel.say('pia', '!hours')).toBe('pia has watched less than a minute; 0 of the last 0 shows.')
  channel.startShow()
  channel.now += 125
  expect(channel.say('pia', '!hours')).toBe('pia has watched 2 min, 2 min of it this show.')
})
