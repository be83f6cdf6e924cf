import { afterEach, expect, test, vi } from 'vitest'
import type { Intent } from '#core/engine'
import { Presence } from './presence.ts'

afterEach(() => void vi.useRealTimers())

function presence() {
  vi.useFakeTimers()
  const intents: Intent[] = []
  let at = 1000
  const one = new Presence({
    submit: (_key, intent) => void intents.push(intent),
    presentBefore: async () => ({ accounts: [], until: 0 }),
    clock: () => at,
    fold: (nick) => nick.toLowerCase(),
    isOwn: (nick) => nick === 'Bot',
  })
  const left = () => intents.filter(({ kind }) => kind === 'presence.left')
  const later = (seconds: number) => {
    at += seconds
  }
  return { one, left, later }
}

const SPLIT = 'hub.example leaf.example'

test('who is lost in a split of the network and returns has never been away', () => {
  const { one, left } = presence()
  one.arrived('Pia', 'pia')
  one.left('Pia', SPLIT)
  vi.advanceTimersByTime(30_000)
  one.arrived('pia', 'pia')
  vi.advanceTimersByTime(120_000)
  expect(left()).toEqual([])
})

test('who does not return left when the network fell apart', () => {
  const { one, left, later } = presence()
  one.arrived('Pia', 'pia')
  one.left('Pia', SPLIT)
  later(60)
  vi.advanceTimersByTime(60_000)
  expect(left()).toEqual([{ kind: 'presence.left', account: 'pia', until: 1000 }])
})

test('who says goodbye in two words leaves at once', () => {
  const { one, left } = presence()
  one.arrived('Pia', 'pia')
  one.left('Pia', 'see you')
  expect(left()).toHaveLength(1)
})

test('where the network tells nothing, who has been silent for long is gone', async () => {
  const { one, left, later } = presence()
  await one.lookRound(false)
  one.spoke({ account: 'pia', name: 'Pia' })
  later(800)
  one.spoke({ account: 'jo', name: 'Jo' })
  later(200)
  one.forgetSilent()
  expect(left()).toEqual([{ kind: 'presence.left', account: 'pia', until: 1900 }])
})

test('who was here before and after the connection was lost is told of, and nobody else', async () => {
  const intents: Intent[] = []
  const one = new Presence({
    submit: (_key, intent) => void intents.push(intent),
    presentBefore: async () => ({ accounts: ['pia', 'jo'], until: 400 }),
    clock: () => 1000,
    fold: (nick) => nick.toLowerCase(),
    isOwn: () => false,
  })
  one.room.set('Pia', { account: 'pia' })
  one.room.set('Sol', { account: 'sol' })
  await one.lookRound(true)
  expect(intents.filter(({ kind }) => kind === 'presence.gap')).toEqual([
    { kind: 'presence.gap', from: 400, until: 1000, accounts: ['pia'] },
  ])
})
