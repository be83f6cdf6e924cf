import { expect, test } from 'vitest'
import { EVENT_DATA } from '#core/events'
import { eventInWords } from './eventInWords.ts'

const said = (type: string, body: Record<string, unknown> = {}) =>
  eventInWords({ type: `ricompensa.${type}`, name: 'Pia', body })

test('every kind has a sentence of its own', () => {
  for (const type of Object.keys(EVENT_DATA)) {
    const body = { currency: 'EUR', minorUnits: 1 }
    expect(eventInWords({ type, name: 'Pia', body })).not.toMatch(/Unknown/)
  }
  expect(said('elsewhere')).toBe('Unknown kind: ricompensa.elsewhere')
})

test('what is counted is counted right', () => {
  expect(said('raid', { viewers: 1 })).toBe('Pia brought 1 viewer')
  expect(said('raid', { viewers: 1200 })).toBe('Pia brought 1,200 viewers')
  expect(said('tip', { minorUnits: 750, currency: 'EUR' })).toBe('Pia tipped €7.50')
})
