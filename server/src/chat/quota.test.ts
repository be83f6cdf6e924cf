import { expect, test } from 'vitest'
import type { Intent } from '#core/engine'
import { ChatQuota } from './quota.ts'

const line = (account: string): Intent => ({
  kind: 'chat.line',
  who: { account, name: account },
  text: '!rivets',
  privately: false,
})

test('one person’s lines beyond their share are not taken up; others’ are, and theirs again ten seconds later', () => {
  let now = 1000
  const quota = new ChatQuota(3, () => now)
  expect([1, 2, 3, 4, 5].map(() => quota.takes(line('flood')))).toEqual([true, true, true, false, false])
  expect(quota.takes(line('pia'))).toBe(true)
  expect(quota.takes({ kind: 'presence.left', account: 'flood' })).toBe(true)
  now += 10
  expect(quota.takes(line('flood'))).toBe(true)
})
