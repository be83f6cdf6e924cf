import fc from 'fast-check'
import { expect, test } from 'vitest'
import { evening, later, PLAYERS, potsOf } from '../../testing/core/evening.ts'
import { balanceOf } from '../ledger/index.ts'
import { type BetSettings, backings, betEnded, bets, betTotals, USUAL_TERMS } from './index.ts'

const WORDS = ['yes', 'no', 'draw'] as const
const OUTCOMES: BetSettings['outcomes'] = WORDS.map((word) => ({ name: word, word }))

const terms = fc.record({
  openSeconds: fc.constantFrom(0, 30, 120),
  several: fc.boolean(),
  rakeBp: fc.constantFrom(0, 333, 5000),
  takeBack: fc.boolean(),
  pauseSeconds: fc.constantFrom(0, 20),
  onAir: fc.boolean(),
})
const act = fc.oneof(
  fc.record({ does: fc.constantFrom('lock' as const) }),
  fc.record({ does: fc.constant('extend' as const), seconds: fc.constantFrom(1, 60) }),
  fc.record({
    does: fc.constant('settle' as const),
    outcome: fc.nat(3),
    late: fc.option(fc.constantFrom(0, 10, 60)),
    instead: fc.boolean(),
  }),
  fc.record({ does: fc.constant('callOff' as const), why: fc.constant('') }),
)
const line = fc.constantFrom(
  ...WORDS.flatMap((word) => ['10', 'half', 'all', '333'].map((stake) => `!back ${word} ${stake}`)),
  '!back out',
  '!back',
)
const step = fc.oneof(
  { weight: 12, arbitrary: fc.record({ who: fc.constantFrom(...PLAYERS), line }) },
  { weight: 3, arbitrary: fc.record({ wait: fc.constantFrom(1, 5, 20, 130) }) },
  { weight: 2, arbitrary: fc.record({ open: terms }) },
  { weight: 4, arbitrary: fc.record({ at: fc.nat(2), act }) },
  { weight: 1, arbitrary: fc.record({ merge: fc.tuple(fc.constantFrom(...PLAYERS), fc.constantFrom(...PLAYERS)) }) },
  { weight: 1, arbitrary: fc.record({ show: fc.constantFrom('start' as const, 'end' as const) }) },
)

type Evening = ReturnType<typeof evening>
type Does = typeof act extends fc.Arbitrary<infer T> ? T : never

const running = (channel: Evening) => channel.world.all(bets).filter((one) => !betEnded(one))

function doTo(channel: Evening, bet: number, does: Does): void {
  if (does.does !== 'settle') {
    channel.send({ kind: 'bet.act', bet, act: does, by: 'wanda' })
    return
  }
  const { late, ...more } = does
  const knownFrom = late === null ? null : channel.now - late
  channel.send({ kind: 'bet.act', bet, act: { ...more, knownFrom, note: '', link: '' }, by: 'wanda' })
}

test('whatever is bet, taken back, locked, settled, changed, called off or merged: pots end at 0, the sum is 0, each is paid once', () => {
  const property = fc.property(fc.array(step, { minLength: 10, maxLength: 60 }), (steps) => {
    const channel = evening()
    const ids = new Map(PLAYERS.map((name) => [name, channel.viewer(name).id]))
    for (const one of steps) {
      if ('line' in one) channel.hear(one.who, one.line)
      else if ('wait' in one) later(channel, one.wait)
      else if ('open' in one) {
        const settings = { ...USUAL_TERMS, ...one.open, question: 'Which?', outcomes: OUTCOMES }
        settings.announce = { ...settings.announce, soonSeconds: 0 }
        channel.send({ kind: 'bet.open', settings, template: null, by: 'wanda' })
      } else if ('act' in one) doTo(channel, running(channel)[one.at]?.id ?? 0, one.act)
      else if ('show' in one) channel.send({ kind: `show.${one.show}`, title: 'x' } as never)
      else {
        const [from, into] = one.merge.map((name) => ids.get(name))
        channel.leave(one.merge[0])
        channel.send({ kind: 'people.merge', from: from ?? 0, into: into ?? 0 })
      }
      expect([channel.sum(), channel.lowest()]).toEqual([0, 0])
      for (const bet of running(channel)) {
        const staked = channel.world.get(betTotals, bet.id)?.staked ?? []
        if (bet.status === 'open' || bet.status === 'locked')
          expect(staked.reduce((sum, n) => sum + n, 0)).toBe(balanceOf(channel.world, bet.id))
      }
    }
    for (const { id } of running(channel)) {
      doTo(channel, id, { does: 'lock' })
      doTo(channel, id, { does: 'settle', outcome: 0, late: null, instead: false })
    }
    for (let i = 0; i < 5; i++) later(channel, 60)
    expect(running(channel)).toEqual([])
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
    for (const bet of channel.world.all(bets)) {
      const all = channel.world.all(backings).filter((one) => one.bet === bet.id)
      const [laid, won, back] = [
        all.flatMap((one) => one.laid).reduce((sum, one) => sum + one.amount, 0),
        all.reduce((sum, one) => sum + one.won, 0),
        all.reduce((sum, one) => sum + one.back, 0),
      ]
      expect(won + back + (bet.status === 'off' ? 0 : (bet.payment?.rake ?? 0))).toBe(laid)
    }
  })
  fc.assert(property, { numRuns: 80 })
})
