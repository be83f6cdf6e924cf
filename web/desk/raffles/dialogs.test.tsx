import { screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { CallOffButton } from './Actions.tsx'
import { ReasonDialog } from './ReasonDialog.tsx'
import type { DeskRaffle } from './view.ts'

// Only what calling off reads.
const RAFFLE = { id: 3, paid: 120, settings: { title: 'Lamp' } } as DeskRaffle

test('calling a raffle off says who is refunded, takes a reason, and closes once it is done', async () => {
  const sent = answering(() => ({ body: {} }))
  const { user } = showDesk(<CallOffButton raffle={RAFFLE} />)
  await user.click(screen.getByRole('button', { name: 'Call off “Lamp”' }))
  await screen.findByText('All 120 rivets paid for tickets are refunded, and chat is told.')
  await user.type(await screen.findByRole('textbox'), 'The lamp broke.')
  await user.click(screen.getByRole('button', { name: 'Call it off' }))
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
  expect(sent[0]).toMatchObject({
    path: expect.stringMatching(/raffles\/3\/call-off$/),
    body: { why: 'The lamp broke.' },
  })
})

test('a refusal stays in the open dialog with the reason that was typed', async () => {
  answering(({ method }) =>
    method === 'GET'
      ? { body: { running: [], setups: [] } }
      : { status: 409, body: { code: 'raffle_drawn', detail: 'Somebody has won already. Finish it.' } },
  )
  const { user } = showDesk(<CallOffButton raffle={RAFFLE} />)
  await user.click(screen.getByRole('button', { name: 'Call off “Lamp”' }))
  await user.type(await screen.findByRole('textbox'), 'The lamp broke.')
  await user.click(screen.getByRole('button', { name: 'Call it off' }))
  expect((await screen.findByRole('alert')).textContent).toContain('Somebody has won already')
  expect(screen.getByRole('textbox')).toHaveProperty('value', 'The lamp broke.')
})

test('a reason is needed where everybody will read it', async () => {
  const go = vi.fn()
  const { user } = showDesk(
    <ReasonDialog title="Skip pia" does="Skip" close={() => {}} go={go} change={{ isPending: false, error: null }}>
      <p>pia is out.</p>
    </ReasonDialog>,
  )
  expect(screen.getByRole('button', { name: 'Skip' })).toHaveProperty('disabled', true)
  await user.type(screen.getByRole('textbox'), '  second account ')
  await user.click(screen.getByRole('button', { name: 'Skip' }))
  expect(go).toHaveBeenCalledWith('second account')
})
