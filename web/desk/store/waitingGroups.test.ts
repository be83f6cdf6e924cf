import fc from 'fast-check'
import { expect, test } from 'vitest'
import { waitingGroups } from './waitingGroups.ts'

const orders = (names: string) => [...names].map((rewardName, id) => ({ id, rewardName }))
const shown = (names: string) =>
  waitingGroups(orders(names)).map(({ orders: group }) => group.map(({ id }) => id).join('+'))

test('a few are cards of their own, even of one reward', () => expect(shown('aaaa')).toEqual(['0', '1', '2', '3']))

test('many of one reward stand behind their oldest; a pair does not', () =>
  expect(shown('abacab')).toEqual(['0+2+4', '1', '3', '5']))

test('whatever waits is shown once, and no group before one that waits longer', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('a', 'b', 'c', 'd'), { maxLength: 40 }), (names) => {
      const groups = waitingGroups(orders(names.join('')))
      const ids = groups.flatMap((group) => group.orders.map(({ id }) => id))
      expect([...ids].sort((a, b) => a - b)).toEqual(names.map((_, i) => i))
      const oldest = groups.map((group) => group.orders[0]?.id ?? -1)
      expect(oldest).toEqual([...oldest].sort((a, b) => a - b))
    }),
  )
})
