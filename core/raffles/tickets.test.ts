import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CURRENCY } from '../../testing/core/channel.ts'
import { SPEND_FOR_MORE } from './schema.ts'
import { addTickets, freeTickets, type Purse, ticketWeight } from './tickets.ts'

const terms = { ...SPEND_FOR_MORE, price: 20, mostTickets: 10 }
const purse = (more: Partial<Purse> = {}): Purse => ({ held: 0, heldFree: 0, free: 1, balance: 100, ...more })
const add = (wanted: 'some' | 'max' | number, more: Partial<Purse> = {}, own = terms) =>
  addTickets(own, purse(more), wanted, CURRENCY)
const said = (wanted: 'some' | 'max' | number, more: Partial<Purse> = {}) => {
  const added = add(wanted, more)
  return added.ok ? JSON.stringify(added.value) : added.refusal.sentence
}

describe('tickets', () => {
  test('coming alone gives what is free, and never buys a second time', () => {
    expect(add('some')).toEqual({ ok: true, value: { tickets: 1, free: 1, cost: 0 } })
    expect(add('some', { held: 1, heldFree: 1 })).toEqual({ ok: true, value: { tickets: 0, free: 0, cost: 0 } })
    expect(add('some', { held: 1, heldFree: 1, free: 3 })).toEqual({
      ok: true,
      value: { tickets: 2, free: 2, cost: 0 },
    })
  })

  test('where nothing is free, coming costs one', () => {
    expect(add('some', { free: 0 })).toEqual({ ok: true, value: { tickets: 1, free: 0, cost: 20 } })
    expect(said('some', { free: 0, balance: 15 })).toBe('1 ticket costs 20 rivets; you have 15, 5 short.')
  })

  test('a number is so many more, the free ones first', () => {
    expect(add(3)).toEqual({ ok: true, value: { tickets: 3, free: 1, cost: 40 } })
    expect(add(3, { held: 1, heldFree: 1 })).toEqual({ ok: true, value: { tickets: 3, free: 0, cost: 60 } })
  })

  test('with too little money nothing is bought, unless they said max', () => {
    expect(said(9)).toBe('9 tickets cost 160 rivets; you have 100, 60 short. Type !in max for as many as you can pay.')
    expect(add('max')).toEqual({ ok: true, value: { tickets: 6, free: 1, cost: 100 } })
    expect(said('max', { held: 1, heldFree: 1, balance: 5 })).toBe('1 ticket costs 20 rivets; you have 5, 15 short.')
  })

  test('beyond the most is refused with how many there still can be', () => {
    expect(said(11)).toBe('10 tickets are the most for each. Type !in 10 or fewer.')
    expect(said(5, { held: 8 })).toBe('10 tickets are the most for each, and you have 8. Type !in 2 or fewer.')
    expect(said(1, { held: 10 })).toBe('You have 10 tickets, and that is the most.')
  })

  test('a hundredfold of plans: never more than the most, than one has, or than is free', () => {
    const property = fc.property(
      fc.record({
        price: fc.integer({ min: 0, max: 50 }),
        most: fc.integer({ min: 1, max: 30 }),
        held: fc.integer({ min: 0, max: 30 }),
        heldFree: fc.integer({ min: 0, max: 30 }),
        everyone: fc.integer({ min: 0, max: 40 }),
        balance: fc.integer({ min: 0, max: 2000 }),
        wanted: fc.oneof(fc.constantFrom('some' as const, 'max' as const), fc.integer({ min: 1, max: 50 })),
      }),
      ({ price, most, held: had, heldFree: hadFree, everyone, balance, wanted }) => {
        const own = { ...terms, price, mostTickets: most, free: { everyone, standings: [] } }
        const held = Math.min(had, most)
        const heldFree = Math.min(hadFree, held)
        const free = freeTickets(own, [])
        const added = addTickets(own, { held, heldFree, free, balance }, wanted, CURRENCY)
        if (!added.ok) return
        const { tickets, free: gotFree, cost } = added.value
        expect(held + tickets).toBeLessThanOrEqual(most)
        expect(cost).toBeLessThanOrEqual(balance)
        expect(cost).toBe((tickets - gotFree) * price)
        expect(gotFree).toBeLessThanOrEqual(Math.max(0, free - heldFree))
        if (typeof wanted === 'number') expect(tickets).toBe(wanted)
        if (wanted === 'max' && held + tickets < most) expect(balance - cost).toBeLessThan(price)
      },
    )
    fc.assert(property, { numRuns: 500 })
  })
})

test('the highest weight and the most free tickets of the standings held count', () => {
  const settings = {
    ...terms,
    weights: [
      { standing: 'subscriber', weight: 150 },
      { standing: 'tier3', weight: 300 },
      { standing: 'follower', weight: 110 },
    ],
    free: { everyone: 1, standings: [{ standing: 'subscriber', tickets: 4 }] },
  }
  expect(ticketWeight(settings, [])).toEqual({ weight: 100, standing: null })
  expect(ticketWeight(settings, ['follower', 'tier1'])).toEqual({ weight: 150, standing: 'subscriber' })
  expect(ticketWeight(settings, ['tier3'])).toEqual({ weight: 300, standing: 'tier3' })
  expect(freeTickets(settings, ['follower'])).toBe(1)
  expect(freeTickets(settings, ['tier2'])).toBe(4)
  expect(freeTickets({ ...settings, price: 0 }, [])).toBe(10)
})
