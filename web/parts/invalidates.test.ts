import { expect, test } from 'vitest'
import { invalidatedAtDesk, invalidatedForViewer } from './invalidates.ts'

test('what a fact makes outdated is told apart for the desk and for viewers; a kind that is not known makes nothing outdated', () => {
  expect(invalidatedAtDesk('order.placed')).toContain('orders')
  expect(invalidatedForViewer('order.placed')).toEqual([])
  expect(invalidatedForViewer('order.changed')).toEqual(['me', 'channel'])
  for (const kind of ['of.tomorrow', 'constructor'])
    expect([invalidatedAtDesk(kind as never), invalidatedForViewer(kind as never)]).toEqual([[], []])
})
