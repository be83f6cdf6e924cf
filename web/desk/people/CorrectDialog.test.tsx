import { screen, waitFor } from '@testing-library/react'
import { describe, expect, test, vi } from 'vitest'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { AddDialog } from './AddDialog.tsx'
import { CorrectDialog } from './CorrectDialog.tsx'

const PIA = { viewers: [7], words: 'pia_ohm' }
const done = { adjustment: 1, changed: 1, total: 1200, undoUntil: 99_999, owed: 0 }

const dialog = (close = () => {}, whom: Parameters<typeof CorrectDialog>[0]['whom'] = PIA) => (
  <CorrectDialog whom={whom} close={close} done={() => {}} />
)

describe('adjusting somebody', () => {
  test('reads an amount as chat does, says it on the button, and sends it with the reason', async () => {
    const sent = answering(() => ({ body: done }))
    const close = vi.fn()
    const { user } = showDesk(dialog(close))
    await user.type(screen.getByLabelText(/^How many rivets/), '1.2k')
    await user.type(screen.getByLabelText('Why'), ' mended the lamp ')
    await user.click(screen.getByRole('button', { name: 'Give 1,200 rivets' }))
    await waitFor(() => expect(close).toHaveBeenCalled())
    expect(sent[0]?.body).toEqual({ viewers: [7], of: 'balance', how: 'give', amount: 1200, why: 'mended the lamp' })
  })

  test('says what cannot be read, and cannot be sent', async () => {
    const sent = answering(() => ({ body: done }))
    const { user } = showDesk(dialog())
    await user.type(screen.getByLabelText(/^How many rivets/), 'lots')
    expect(screen.getByText(/"lots" is not an amount/)).toBeDefined()
    expect(screen.getAllByRole('button', { name: 'Give' }).at(-1)).toHaveProperty('disabled', true)
    expect(sent).toEqual([])
  })

  test('can set to nothing, but neither give nor take it', async () => {
    const { user } = showDesk(dialog())
    await user.type(screen.getByLabelText(/^How many rivets/), '0')
    expect(screen.queryByRole('button', { name: 'Give 0 rivets' })).toBeNull()
    await user.click(screen.getByRole('button', { name: 'Set to' }))
    expect(screen.getByRole('button', { name: 'Set to 0 rivets' })).toHaveProperty('disabled', false)
  })

  test('warns that nobody goes below 0 where it takes', async () => {
    const { user } = showDesk(dialog())
    await user.click(screen.getByRole('button', { name: 'Take' }))
    expect(screen.getByText(/Nobody goes below 0/)).toBeDefined()
  })

  test('reads hours in three ways', async () => {
    const { user } = showDesk(dialog())
    await user.click(screen.getByLabelText('The hours watched'))
    await user.type(screen.getByLabelText(/^How many hours/), '1:30')
    expect(screen.getByRole('button', { name: 'Give 1 h 30 min' })).toBeDefined()
  })

  test('of everybody says that it is each', () => {
    showDesk(dialog(() => {}, { viewers: 'present', words: 'everyone in the room' }))
    expect(screen.getByLabelText(/^How many rivets, each/)).toBeDefined()
  })

  test('stays open with what was typed where it is refused', async () => {
    answering(() => ({
      status: 404,
      body: { code: 'viewer_not_found', detail: 'None of these people is known here.' },
    }))
    const close = vi.fn()
    const { user } = showDesk(dialog(close))
    await user.type(screen.getByLabelText(/^How many rivets/), '50{Enter}')
    expect((await screen.findByRole('alert')).textContent).toContain('None of these people')
    expect(screen.getByLabelText(/^How many rivets/)).toHaveProperty('value', '50')
    expect(close).not.toHaveBeenCalled()
  })
})

test('somebody is added by their account, with or without an @', async () => {
  const sent = answering(() => ({ body: { viewer: 9 } }))
  const close = vi.fn()
  const { user } = showDesk(<AddDialog close={close} />)
  expect(screen.getByRole('button', { name: 'Add' })).toHaveProperty('disabled', true)
  await user.type(screen.getByRole('textbox'), '@jo_spark{Enter}')
  await waitFor(() => expect(close).toHaveBeenCalled())
  expect(sent[0]?.body).toEqual({ account: 'jo_spark' })
})
