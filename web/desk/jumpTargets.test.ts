import { expect, test } from 'vitest'
import { headOf } from './frame/pages.ts'
import { isMeant, JUMP_TARGETS } from './jumpTargets.ts'

const found = (typed: string) => JUMP_TARGETS.filter((target) => isMeant(target, typed)).map(({ to }) => to)

test.each([
  ['currency', '/commands/words'],
  ['Giveaway', '/raffles'],
  ['prediction', '/bets'],
  ['csv', '/people'],
  ['browser source', '/screen'],
  ['mods', '/team'],
])('who types “%s” is led to %s', (typed, to) => expect(found(typed)).toContain(to))

test('one letter finds nothing, and every target is a page that there is', () => {
  expect(found('a')).toEqual([])
  for (const { to } of JUMP_TARGETS) expect([to, headOf(to)?.title]).toEqual([to, expect.any(String)])
})
