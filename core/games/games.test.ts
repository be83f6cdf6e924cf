import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { Chance } from '../fairness/index.ts'
import { duelPot } from './duel/duel.ts'
import { type Fraction, fraction, inPercent, roundedTo } from './fraction.ts'
import {
  enterRoom,
  heistOdds,
  type Member,
  paidAfter,
  playHeist,
  type Room,
  roomChance,
  type Site,
} from './heist/heist.ts'
import { lineMet, machineOdds, spinPays, spinReels } from './reels/reels.ts'
import type { Machine } from './reels/schema.ts'
import { betReturns, returnedOf } from './roulette/roulette.ts'
import type { On } from './roulette/schema.ts'
import { NUMBERS, RED } from './roulette/wheel.ts'

const seed = fc.uint8Array({ minLength: 32, maxLength: 32 }).map((bytes) => Buffer.from(bytes).toString('hex'))
const stake = fc.integer({ min: 1, max: 1_000_000 })

const room = fc.record({
  throughPpm: fc.integer({ min: 0, max: 1_000_000 }),
  multiplier: fc.integer({ min: 100, max: 900 }),
})
const site: fc.Arbitrary<Site> = fc.record({
  rooms: fc.array(room, { minLength: 1, maxLength: 6 }),
  bonusPpm: fc.integer({ min: 0, max: 50_000 }),
  capPpm: fc.integer({ min: 0, max: 1_000_000 }),
})
const crew = fc
  .array(fc.record({ stake, leaveAfter: fc.integer({ min: 1, max: 8 }) }), { minLength: 1, maxLength: 20 })
  .map((members): Member<number>[] => members.map((member, viewer) => ({ ...member, viewer })))

const value = ({ top, bottom }: Fraction): number => Number(top) / Number(bottom)

/** Whether a mean that was seen is within four standard errors of the one that is due. */
function within(mean: number, due: number, square: number, count: number): boolean {
  return Math.abs(mean - due) <= 4 * Math.sqrt(Math.max(0, square - mean * mean) / count)
}

describe('a heist', () => {
  test('ends for each member once: out after the room they chose or the last, or caught on the way', () => {
    fc.assert(
      fc.property(seed, site, crew, (key, where, members) => {
        const ends = playHeist(new Chance(key, 'x'), where, members)
        expect(ends.map(({ viewer }) => viewer)).toEqual(members.map(({ viewer }) => viewer))
        ends.forEach((end, i) => {
          const member = members[i] as Member<number>
          const last = Math.min(member.leaveAfter, where.rooms.length)
          expect(end.room).toBeGreaterThanOrEqual(1)
          if (end.out) expect(end.room).toBe(last)
          else expect(end.room).toBeLessThanOrEqual(last)
          const multiplier = where.rooms[end.room - 1]?.multiplier ?? 0
          expect(end.paid).toBe(end.out ? Math.floor((member.stake * multiplier) / 100) : 0)
        })
      }),
    )
  })

  test('gone through room by room ends as when played in one go', () => {
    fc.assert(
      fc.property(seed, site, crew, (key, where, members) => {
        const chance = new Chance(key, 'x')
        const paid = new Map<number, number>()
        let inside = members
        where.rooms.forEach((one, index) => {
          const through = enterRoom(chance, where, one, inside.length, members.length)
          const on = inside.filter((_, i) => through[i])
          const stays = ({ leaveAfter }: Member) => leaveAfter !== index + 1 && index + 1 < where.rooms.length
          for (const member of on) if (!stays(member)) paid.set(member.viewer, paidAfter(member.stake, one))
          inside = on.filter(stays)
        })
        const ends = playHeist(new Chance(key, 'x'), where, members)
        expect(ends.map((end) => end.paid)).toEqual(members.map(({ viewer }) => paid.get(viewer) ?? 0))
      }),
    )
  })

  test('is never harder for a larger crew, and no bonus passes the cap', () => {
    fc.assert(
      fc.property(site, room, fc.integer({ min: 1, max: 100 }), (where, one, size) => {
        const [now, more] = [roomChance(one, where, size), roomChance(one, where, size + 1)]
        expect(more).toBeGreaterThanOrEqual(now)
        expect(now).toBeGreaterThanOrEqual(one.throughPpm)
        expect(now).toBeLessThanOrEqual(Math.max(one.throughPpm, where.capPpm))
      }),
    )
  })

  test('returns on average what its odds say', () => {
    const rooms: Room[] = [
      { throughPpm: 700_000, multiplier: 140 },
      { throughPpm: 600_000, multiplier: 230 },
    ]
    const where = { rooms, bonusPpm: 10_000, capPpm: 900_000 }
    const members = Array.from({ length: 6 }, (_, viewer) => ({ viewer, stake: 100, leaveAfter: 2 }))
    const [, plan] = heistOdds(where, 6)
    expect(plan?.returns).toEqual(fraction(75n * 65n * 230n, 1_000_000n))
    let [sum, squares] = [0, 0]
    const rounds = 1500
    for (let i = 0; i < rounds; i++)
      for (const { paid } of playHeist(new Chance('5a'.repeat(32), `h/${i}`), where, members)) {
        sum += paid / 100
        squares += (paid / 100) ** 2
      }
    const count = rounds * 6
    expect(within(sum / count, value(plan?.returns ?? fraction(0n, 1n)), squares / count, count)).toBe(true)
  })
})

test('a duel pays out its whole pot, the rake being no more than its share', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 2 ** 52 - 1 }), fc.integer({ min: 0, max: 10_000 }), (each, rakeBp) => {
      const { pot, rake, paid } = duelPot(each, rakeBp)
      expect(rake + paid).toBe(2 * each)
      expect(pot).toBe(2 * each)
      expect(BigInt(rake) * 10_000n <= BigInt(pot) * BigInt(rakeBp)).toBe(true)
      expect((BigInt(rake) + 1n) * 10_000n > BigInt(pot) * BigInt(rakeBp)).toBe(true)
    }),
  )
})

describe('roulette', () => {
  const bets: On[] = [
    ...Array.from({ length: NUMBERS }, (_, number): On => ({ on: 'number', number })),
    ...(['dozen', 'column'] as const).flatMap((on) => ([1, 2, 3] as const).map((which): On => ({ on, which }))),
    ...(['red', 'black', 'odd', 'even', 'low', 'high'] as const).map((on): On => ({ on })),
  ]

  test.each(bets)('%j returns 36/37 on average', (bet) => {
    expect(betReturns(bet)).toEqual(fraction(36n, 37n))
  })

  test('0 beats all but a bet on 0', () => {
    expect(bets.filter((bet) => returnedOf(bet, 10, 0) > 0)).toEqual([{ on: 'number', number: 0 }])
    expect(RED.size).toBe(18)
  })

  test('every number but 0 is in one dozen, one column and one of each pair', () => {
    for (let number = 1; number < NUMBERS; number++) {
      const held = bets.filter((bet) => returnedOf(bet, 1, number) > 0).map(({ on }) => on)
      expect(held.filter((on) => on === 'number' || on === 'dozen' || on === 'column')).toHaveLength(3)
      expect(held).toHaveLength(6)
    }
  })
})

describe('the reels', () => {
  const symbols = ['gear', 'bolt', 'lamp']
  const machine: fc.Arbitrary<Machine> = fc.record({
    strip: fc.tuple(
      ...symbols.map((symbol) => fc.record({ symbol: fc.constant(symbol), weight: fc.integer({ min: 1, max: 9 }) })),
    ),
    table: fc.array(
      fc.record({
        match: fc.constantFrom('three' as const, 'two' as const),
        symbol: fc.constantFrom(...symbols),
        multiplier: fc.integer({ min: 0, max: 5000 }),
      }),
      { maxLength: 6 },
    ),
  })

  test('show what is on the strip and pay the first line that matches', () => {
    fc.assert(
      fc.property(seed, machine, stake, (key, one, put) => {
        const shown = spinReels(key, 's', one)
        expect(shown).toHaveLength(3)
        const line = lineMet(one.table, shown)
        const met = one.table.map(({ match, symbol }) => {
          const same = shown.filter((it) => it === symbol).length
          return match === 'three' ? same === 3 : same >= 2
        })
        expect(line).toBe(met.indexOf(true))
        const multiplier = one.table[line]?.multiplier ?? 0
        expect(spinPays(one, put, shown)).toBe(Math.floor((put * multiplier) / 100))
      }),
    )
  })

  test('hit as often as their lines together', () => {
    fc.assert(
      fc.property(machine, (one) => {
        const { hits, lines, returns } = machineOdds(one)
        expect(value(hits)).toBeCloseTo(
          lines.reduce((sum, line) => sum + value(line), 0),
          12,
        )
        const due = lines.reduce((sum, line, i) => sum + (value(line) * (one.table[i]?.multiplier ?? 0)) / 100, 0)
        expect(value(returns)).toBeCloseTo(due, 9)
      }),
    )
  })

  test('return on average what their odds say', () => {
    const one: Machine = {
      strip: [
        { symbol: 'gear', weight: 3 },
        { symbol: 'bolt', weight: 5 },
        { symbol: 'lamp', weight: 7 },
      ],
      table: [
        { match: 'three', symbol: 'gear', multiplier: 2000 },
        { match: 'two', symbol: 'bolt', multiplier: 200 },
      ],
    }
    let [sum, squares] = [0, 0]
    const count = 6000
    for (let i = 0; i < count; i++) {
      const pays = spinPays(one, 1, spinReels('c3'.repeat(32), i, one))
      sum += pays
      squares += pays * pays
    }
    expect(within(sum / count, value(machineOdds(one).returns), squares / count, count)).toBe(true)
  })
})

describe('an exact ratio', () => {
  test('is in lowest terms and read to a tenth of a per cent', () => {
    expect(fraction(72n, 74n)).toEqual({ top: 36n, bottom: 37n })
    expect(fraction(0n, 9n)).toEqual({ top: 0n, bottom: 1n })
    expect(inPercent(fraction(36n, 37n))).toBe('97.3 %')
    expect(inPercent(fraction(1n, 1n))).toBe('100.0 %')
    expect(roundedTo(2, fraction(1n, 4n))).toBe(1)
  })
})
