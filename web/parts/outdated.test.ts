import { expect, test } from 'vitest'
import { outdatedAtDesk, outdatedForViewer } from './outdated.ts'

test('what a fact makes outdated is told apart for the desk and for viewers; a kind that is not known makes nothing outdated', () => {
  expect(outdatedAtDesk('order.placed')).toContain('orders')
  expect(outdatedForViewer('order.placed')).toEqual([])
  expect(outdatedForViewer('order.changed')).toEqual(['me', 'channel'])
  for (const kind of ['of.tomorrow', 'constructor'])
    expect([outdatedAtDesk(kind as never), outdatedForViewer(kind as never)]).toEqual([[], []])
})
