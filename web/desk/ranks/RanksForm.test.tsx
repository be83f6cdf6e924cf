import { screen, within } from '@testing-library/react'
import { expect, test } from 'vitest'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { RanksForm } from './RanksForm.tsx'
import type { Ranks } from './ranks.ts'

const SPREAD = {
  watchedSeconds: { low: 3600, half: 7200, high: 36_000 },
  earned: { low: 100, half: 1200, high: 50_000 },
}

const RANKS: Ranks = {
  plan: {
    measure: 'hours',
    announce: '',
    ranks: [
      { id: 1, name: 'Apprentice', from: 60, needs: null, badge: 'washer' },
      { id: 2, name: 'Fitter', from: 600, needs: null, badge: 'anvil' },
    ],
  },
  circles: [],
  counts: {
    ranks: [
      { id: 1, count: 12, ...SPREAD },
      { id: 2, count: 3, ...SPREAD },
    ],
    circles: [],
  },
  currency: { one: 'rivet', many: 'rivets', word: 'rivets' },
}

test('a change shows who would rise and fall before it can be applied', async () => {
  const sent = answering(({ path }) =>
    path.endsWith('/preview')
      ? {
          body: {
            rises: { count: 1, people: [{ name: 'pia', before: null, after: 'Apprentice' }] },
            falls: { count: 0, people: [] },
          },
        }
      : { body: { ranks: 2 } },
  )
  const { user } = showDesk(<RanksForm ranks={RANKS} />)
  await user.clear(screen.getByLabelText('Apprentice begins at'))
  await user.type(screen.getByLabelText('Apprentice begins at'), '0.5')
  await user.click(screen.getByRole('button', { name: 'See who would rise and fall' }))
  expect(await screen.findByText('pia')).toBeDefined()
  await user.click(screen.getByRole('button', { name: 'Apply now' }))
  await screen.findByText('The ranks are saved, and everyone has theirs.')
  const changes = sent.filter(({ method }) => method !== 'GET')
  expect(changes.map(({ method, path }) => `${method} ${path.split('/').slice(-2).join('/')}`)).toEqual([
    'POST ranks/preview',
    'PUT desk/ranks',
  ])
  expect(changes[1]?.body).toMatchObject({ ranks: [{ from: 30 }, { from: 600 }] })
})

test('another metric asks for new thresholds beside what holders have, and nothing is read as something else', async () => {
  const { user } = showDesk(<RanksForm ranks={RANKS} />)
  await user.click(screen.getByLabelText('earned in all'))
  expect(screen.getByText(/Type new thresholds/)).toBeDefined()
  expect(screen.getByLabelText('Fitter begins at')).toHaveProperty('value', '')
  expect(within(screen.getByRole('table')).getAllByText('100 to 50,000, half up to 1,200')).toHaveLength(2)
  expect(screen.getByRole('button', { name: 'See who would rise and fall' })).toHaveProperty('disabled', true)
  await user.click(screen.getByLabelText('hours watched'))
  expect(screen.getByLabelText('Fitter begins at')).toHaveProperty('value', '10')
  expect(screen.queryByText(/Type new thresholds/)).toBeNull()
})

test('a refusal stays beside what was typed', async () => {
  answering(() => ({
    status: 422,
    body: { code: 'ranks_invalid', detail: '"Fitter" begins lower than "Apprentice".' },
  }))
  const { user } = showDesk(<RanksForm ranks={RANKS} />)
  await user.clear(screen.getByLabelText('Fitter begins at'))
  await user.type(screen.getByLabelText('Fitter begins at'), '0.1')
  await user.click(screen.getByRole('button', { name: 'See who would rise and fall' }))
  expect((await screen.findByRole('alert')).textContent).toContain('begins lower')
  expect(screen.getByLabelText('Fitter begins at')).toHaveProperty('value', '0.1')
})
