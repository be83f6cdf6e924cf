import { screen, within } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { order, STATUS, showDesk } from '../../../testing/web/desk.tsx'
import { PhoneBar } from './PhoneBar.tsx'

test('the bar of a phone counts what waits and opens it over the page', async () => {
  const { user } = showDesk(<PhoneBar status={STATUS} onJump={() => {}} />, {
    orders: [order({ id: 1 }), order({ id: 2, viewerName: 'jo' })],
  })
  const waiting = screen.getByRole('button', { name: 'Waiting 2' })
  await user.click(waiting)
  expect(waiting.getAttribute('aria-expanded')).toBe('true')
  const sheet = screen.getByRole('dialog', { name: 'Waiting' })
  expect(within(sheet).getAllByRole('heading', { name: 'Waiting' })).toHaveLength(1)
  expect(within(sheet).getAllByRole('listitem', { name: /ordered by/ })).toHaveLength(2)
  await user.keyboard('{Escape}')
  expect(screen.queryByRole('dialog')).toBeNull()
})

test('what is running has a sheet of its own, which says when it is nothing', async () => {
  const { user } = showDesk(<PhoneBar status={STATUS} onJump={() => {}} />)
  await user.click(screen.getByRole('button', { name: 'Running' }))
  expect(within(screen.getByRole('dialog', { name: 'Running' })).getByText(/Nothing is running/)).toBeDefined()
})

test('every other page, the lights and signing out are behind More', async () => {
  const jump = vi.fn()
  const { user } = showDesk(<PhoneBar status={STATUS} onJump={jump} />)
  await user.click(screen.getByRole('button', { name: 'More' }))
  const sheet = within(screen.getByRole('dialog', { name: 'More' }))
  for (const name of ['Earning', 'Store', 'Games', 'Raffles', 'Screen', 'Connections'])
    expect(sheet.getByRole('link', { name })).toBeDefined()
  expect(sheet.getByRole('button', { name: 'Sign out' })).toBeDefined()
  await user.click(sheet.getByRole('button', { name: /Find a person/ }))
  expect(jump).toHaveBeenCalledOnce()
})
