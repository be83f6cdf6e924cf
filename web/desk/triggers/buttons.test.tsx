import { screen, waitFor } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import { READY_SETS } from '#core/team'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { ButtonsPage } from './ButtonsPage.tsx'

const READY = { ready: true, sentence: 'Works.', more: 0, fix: null }
const BELL = { id: 3, name: 'Bell', board: '', colour: 'plain', confirm: false, ready: READY, restsUntil: 0 }
const LAMP = { ...BELL, id: 4, name: 'Lamp', confirm: true }

const server = (buttons: object[], answer: object = { run: 1, outcome: 'done' }) =>
  answering(({ method }) => ({ body: method === 'GET' ? { now: Date.now() / 1000, buttons } : answer }))
const presses = (sent: ReturnType<typeof server>) => sent.filter(({ method }) => method === 'POST')
const runner = READY_SETS[0]?.rights

describe('the buttons of the desk', () => {
  test('are pressed, say that it is done, and ask again where they should', async () => {
    const sent = server([BELL, LAMP])
    const { user } = showDesk(<ButtonsPage />)
    await user.click(await screen.findByRole('button', { name: /^Bell/ }))
    expect(await screen.findByText('done')).toBeDefined()
    expect(presses(sent)[0]?.path).toMatch(/buttons\/3\/press$/)
    await user.click(screen.getByRole('button', { name: /^Lamp/ }))
    expect(screen.getByText('Press again to do it')).toBeDefined()
    expect(presses(sent)).toHaveLength(1)
    await user.click(screen.getByRole('button', { name: /^Lamp/ }))
    await waitFor(() => expect(presses(sent)[1]?.path).toMatch(/buttons\/4\/press$/))
  })

  test('say why not: what is missing, a cooldown, or what came back', async () => {
    const refusal = { code: 'used_up', sentence: 'That is used up: once this show.', data: {} }
    server(
      [
        { ...BELL, ready: { ...READY, ready: false, sentence: 'Chat is not connected.' } },
        { ...LAMP, restsUntil: Date.now() / 1000 + 100 },
        { ...BELL, id: 5, name: 'Horn' },
      ],
      { outcome: 'refused', refusal },
    )
    const { user } = showDesk(<ButtonsPage />)
    expect(await screen.findByRole('button', { name: /Bell.*Chat is not connected/ })).toHaveProperty('disabled', true)
    expect(screen.getByRole('button', { name: /Lamp.*on cooldown for/ })).toHaveProperty('disabled', true)
    await user.click(screen.getByRole('button', { name: /Horn/ }))
    expect(await screen.findByText('Horn: That is used up: once this show.')).toBeDefined()
  })

  test('stand on boards', async () => {
    server([BELL, { ...LAMP, board: 'Games' }])
    const { user } = showDesk(<ButtonsPage />)
    expect(await screen.findByRole('button', { name: /^Bell/ })).toBeDefined()
    expect(screen.queryByRole('button', { name: /^Lamp/ })).toBeNull()
    await user.selectOptions(screen.getByLabelText('Board'), 'Games')
    expect(screen.getByRole('button', { name: /^Lamp/ })).toBeDefined()
  })

  test('are for a helper to press, not to change; who may only look cannot press', async () => {
    server([BELL])
    const { unmount } = showDesk(<ButtonsPage />, runner && { status: { rights: runner } })
    expect(await screen.findByRole('button', { name: /^Bell/ })).toHaveProperty('disabled', false)
    expect(screen.queryByRole('button', { name: 'Add a button' })).toBeNull()
    unmount()
    server([BELL])
    const looks = runner && { ...runner, areas: { ...runner.areas, show: 'look' as const } }
    showDesk(<ButtonsPage />, looks && { status: { rights: looks } })
    expect(await screen.findByRole('button', { name: /^Bell/ })).toHaveProperty('disabled', true)
  })

  test('that are none yet say what they are good for', async () => {
    server([])
    showDesk(<ButtonsPage />)
    expect(await screen.findByText(/There are no buttons yet/)).toBeDefined()
    expect(screen.getByRole('button', { name: 'Add the first one' })).toBeDefined()
  })
})
