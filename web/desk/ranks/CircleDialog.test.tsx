import { screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { answering, showPage } from '../../../testing/web/page.tsx'
import { CircleDialog } from './CircleDialog.tsx'

const dialog = (close = () => {}) => <CircleDialog circle={null} ranks={[]} close={close} />

test('a circle is added by what was typed, by keyboard alone', async () => {
  const sent = answering(() => ({ body: { circle: 4 } }))
  const close = vi.fn()
  const { user } = showPage(dialog(close))
  await user.type(screen.getByLabelText('Name'), 'Bench crew')
  await user.type(screen.getByLabelText('Hours watched'), '25{Enter}')
  await waitFor(() => expect(close).toHaveBeenCalled())
  expect(sent[0]?.body).toEqual({
    circle: null,
    settings: {
      name: 'Bench crew',
      keep: false,
      rules: { hours: 25, shows: null, followerDays: null, subscriberMonths: null, rank: null },
    },
  })
  expect(window.localStorage.length).toBe(0)
})

test('half a rule says what is missing, and cannot be sent', async () => {
  const sent = answering(() => ({ body: {} }))
  const { user } = showPage(dialog())
  await user.type(screen.getByLabelText('Name'), 'Bench crew')
  await user.type(screen.getByLabelText('Shows attended at least'), '3')
  await user.tab()
  expect(screen.queryByText(/Type both numbers of shows/)).toBeNull()
  await user.tab()
  expect(screen.getByText(/Type both numbers of shows/)).toBeDefined()
  expect(screen.getByRole('button', { name: 'Add the circle' })).toHaveProperty('disabled', true)
  expect(sent).toEqual([])
})

test('a refusal stays in the dialog, and so does what was typed when it is closed', async () => {
  answering(() => ({ status: 409, body: { code: 'circle_name_taken', detail: 'There is already a circle “Crew”.' } }))
  const { user, unmount } = showPage(dialog())
  await user.type(screen.getByLabelText('Name'), 'Crew{Enter}')
  expect((await screen.findByRole('alert')).textContent).toContain('already a circle')
  unmount()
  const again = showPage(dialog())
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Crew')
  await again.user.click(screen.getByRole('button', { name: 'Discard changes' }))
  expect(screen.getByLabelText('Name')).toHaveProperty('value', '')
})
