// @vitest-environment jsdom
import { expect, test } from 'vitest'
import { drawBoss, drawScramble } from './crowdViews.ts'
import type { RoundShown } from './page.ts'

const NAMES = ['pia', 'umbra', 'vera']
const round = (patch: Partial<RoundShown>) =>
  ({
    round: 7,
    status: 'running',
    seats: 3,
    staked: 150,
    paid: 0,
    nextAt: null,
    why: null,
    by: null,
    crew: NAMES.map((name) => ({ name, state: 'in', paid: 0 })),
    ...patch,
  }) as RoundShown

const box = () => document.createElement('div')
const scramble = { of: 'scramble', stake: 50, adds: 0, rakeBp: 0, sharesPpm: [1_000_000], wave: 1, left: 2 } as const

test('a scramble shows how many are left, and at its end who it is and what they get', () => {
  const within = box()
  const view = drawScramble(within, 'Everyone!')
  view.draw(round({ game: 'scramble', state: { ...scramble }, status: 'gathering' }), 12)
  expect(within.textContent).toBe('Everyone!12 s3 in150 in the potpia  ·  umbra  ·  vera')
  view.tick?.(3.2)
  expect(within.querySelector('.round-clock')?.textContent).toBe('4 s')
  const crew = NAMES.map((name, i) => ({ name, state: i === 2 ? 'lost' : 'in', paid: 0 }))
  view.draw(round({ game: 'scramble', state: { ...scramble }, crew }), 5)
  expect(within.querySelector('.round-figure')?.textContent).toBe('2 of 3 left')
  expect([...within.querySelectorAll('.member')].map((one) => one.textContent)).toEqual(['pia', 'umbra', '✗ vera'])
  const ended = [{ name: 'umbra', state: 'won', paid: 150 }, ...NAMES.map((name) => ({ name, state: 'lost', paid: 0 }))]
  view.draw(round({ game: 'scramble', state: { ...scramble, left: 1 }, status: 'settled', crew: ended }), null)
  expect(within.querySelector('.round-figure')?.textContent).toBe('umbra')
  expect([...within.querySelectorAll('.member')].map((one) => one.textContent)).toEqual(['umbra +150'])
})

const strength = {
  ownPpm: 500_000,
  bonusPpm: 0,
  capPpm: 500_000,
  blows: 3,
  needPpm: 500_000,
  multiplier: 200,
  lastBlowBonus: 0,
}
const boss = {
  of: 'boss',
  name: 'The boiler',
  picture: 'sparks',
  strength,
  needed: 4,
  hits: 2,
  step: 1,
  lastBlow: null,
} as const

test('a fight shows how far it has come and who hit most; called off it says why', () => {
  const within = box()
  const view = drawBoss(within, 'A fight')
  const crew = NAMES.map((name, hits) => ({ name, state: 'in', paid: 0, hits }))
  view.draw(round({ game: 'boss', state: { ...boss }, crew }), 5)
  expect(within.querySelector<HTMLElement>('.goal-fill')?.style.width).toBe('50%')
  expect([...within.querySelectorAll('.member')].map((one) => one.textContent)).toEqual([
    'vera ×2',
    'umbra ×1',
    'pia ×0',
  ])
  view.draw(round({ game: 'boss', state: { ...boss, hits: 4 }, status: 'settled', paid: 300 }), null)
  expect(within.textContent).toContain('It falls! 300 for you')
  view.draw(round({ game: 'boss', state: { ...boss, hits: 3 }, status: 'settled' }), null)
  expect(within.textContent).toContain('It stands, 3 of 4 hits')
  view.draw(round({ game: 'boss', state: { ...boss }, status: 'off', why: 'Too few came.' }), null)
  expect(within.textContent).toContain('Too few came.')
})
