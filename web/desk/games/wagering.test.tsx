import { screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { RIVETS } from '../../../testing/web/desk.tsx'
import { answering, showPage } from '../../../testing/web/page.tsx'
import type { DeskGames } from './view.ts'
import { WageringPanel } from './WageringPanel.tsx'

// Only what this panel reads.
const view = (mostLost: number) =>
  ({
    wagering: { mostLost, sitOut: { word: 'sitout', aliases: [], on: true } },
    currency: RIVETS,
  }) as unknown as DeskGames

const limit = () => screen.getByLabelText('Loss limit per viewer and show')

test('a limit on losses is saved at once, and says so', async () => {
  const sent = answering(({ method }) => ({ body: method === 'GET' ? {} : {} }))
  const { user } = showPage(<WageringPanel view={view(0)} />)
  expect(limit()).toHaveProperty('placeholder', 'no limit')
  expect(screen.queryByRole('button', { name: 'Save now' })).toBeNull()
  await user.type(limit(), '500')
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  expect(await screen.findByText('Saved.')).toBeDefined()
  expect(sent.find(({ method }) => method === 'PUT')?.body).toMatchObject({ mostLost: 500 })
})

test('what somebody else set meanwhile is followed, unless something was typed', async () => {
  const { user, again } = showPage(<WageringPanel view={view(100)} />)
  again(<WageringPanel view={view(200)} />)
  await waitFor(() => expect(limit()).toHaveProperty('value', '200'))
  await user.clear(limit())
  await user.type(limit(), '300')
  again(<WageringPanel view={view(400)} />)
  expect(screen.getByText('Somebody else saved this while you were typing.')).toBeDefined()
  await user.click(screen.getByRole('button', { name: 'Use what is saved now' }))
  limit().blur()
  await waitFor(() => expect(limit()).toHaveProperty('value', '400'))
  expect(screen.queryByRole('button', { name: 'Save now' })).toBeNull()
})

test('discarding goes back to what is saved', async () => {
  const { user } = showPage(<WageringPanel view={view(100)} />)
  await user.clear(limit())
  await user.type(limit(), '900')
  await user.click(screen.getByRole('button', { name: 'Discard changes' }))
  limit().blur()
  await waitFor(() => expect(limit()).toHaveProperty('value', '100'))
})
