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
    isOwn: (nick, account) => nick === 'Bot' || account === 'bot',
  })
  const left = () => intents.filter(({ kind }) => kind === 'presence.left')
  const arrived = () => intents.filter(({ kind }) => kind === 'presence.arrived')
  const later = (seconds: number) => {
    at += seconds
  }
  return { one, left, arrived, later }
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

test('whom the network hides is gone after a silence, shown they stay, and under another account they are another', async () => {
  const { one, left, later } = presence()
  await one.lookRound(true)
  one.arrived('Sol', 'sol')
  one.spoke({ account: 'sol', name: 'Sol' })
  expect(one.hides).toBe(false)
  one.spoke({ account: 'pia', name: 'Pia' })
  one.spoke({ account: 'jo', name: 'Jo' })
  expect(one.hides).toBe(true)
  one.spoke({ account: 'pia_ohm', name: 'pia' })
  expect(left()).toEqual([{ kind: 'presence.left', account: 'pia' }])
  one.arrived('Jo', 'jo')
  later(1000)
  one.forgetSilent()
  expect(left().slice(1)).toEqual([{ kind: 'presence.left', account: 'pia_ohm', until: 1900 }])
})

test('the bot is nobody who watches: not by mode, not by account, not by a connection of before', async () => {
  const { one, arrived } = presence()
  one.modeSet('Bot', 'o', true)
  one.accountTold('Bot', 'bot')
  one.arrived('Bot_', 'bot')
  one.room.set('Bot', { account: 'bot' })
  one.spoke({ account: 'bot', name: 'Bot_' })
  await one.lookRound(true)
  expect(arrived()).toEqual([])
})

test('whoever is another account now has left as the one before, unless that one is here on another device', () => {
  const { one, left, arrived } = presence()
  one.arrived('Pia', 'pia')
  one.arrived('PiaPhone', 'pia')
  one.accountTold('PiaPhone', 'jo')
  expect(left()).toEqual([])
  one.accountTold('Pia', undefined)
  expect(left()).toEqual([{ kind: 'presence.left', account: 'pia' }])
  expect(arrived().at(-1)).toMatchObject({ who: { issuer: 'nick', account: 'pia' } })
  one.accountTold('Stranger', 'sol')
  expect(arrived()).toHaveLength(4)
})
