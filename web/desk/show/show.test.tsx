import { screen, waitFor } from '@testing-library/react'
import { describe, expect, test, vi } from 'vitest'
import { STATUS, showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { GoOffAirDialog, GoOnAirDialog } from './AirDialogs.tsx'
import { eveningQuery } from './evening.ts'
import { ShowNotices } from './ShowNotices.tsx'

const evening = { show: STATUS.show, minutes: [] }

describe('going on air', () => {
  test('begins with the title of the last show, and starts what is typed', async () => {
    const sent = answering(({ method }) => ({ body: method === 'GET' ? evening : { show: 6, resumed: false } }))
    const close = vi.fn()
    const { user, client } = showDesk(<GoOnAirDialog close={close} />, { status: { show: null } })
    client.setQueryData(eveningQuery.queryKey, evening)
    const title = await screen.findByDisplayValue('The tram clock')
    await user.clear(title)
    await user.type(title, 'The lamp{Enter}')
    await waitFor(() => expect(close).toHaveBeenCalled())
    expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({ title: 'The lamp' })
  })

  test('offers to continue a show that has just ended, and says what that means', async () => {
    const sent = answering(({ method }) => ({ body: method === 'GET' ? evening : { show: 5, resumed: true } }))
    const { user } = showDesk(<GoOnAirDialog close={() => {}} />, {
      status: { show: null, resumable: { title: 'The tram clock', endedAt: 9990 } },
    })
    expect(screen.getByText(/streaks and counts per show do not start over/)).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'Continue it' }))
    await waitFor(() =>
      expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({ title: 'The tram clock', resume: true }),
    )
  })

  test('stays in the dialog where it is refused', async () => {
    answering(({ method }) =>
      method === 'GET'
        ? { body: evening }
        : { status: 409, body: { code: 'show_on_air', detail: '"The tram clock" is already on air.' } },
    )
    const close = vi.fn()
    const { user } = showDesk(<GoOnAirDialog close={close} />, { status: { show: null } })
    await user.type(screen.getByRole('textbox'), 'The lamp{Enter}')
    expect((await screen.findByRole('alert')).textContent).toContain('already on air')
    expect(close).not.toHaveBeenCalled()
  })
})

test('going off air says what it was, and is easier kept than ended', () => {
  showDesk(<GoOffAirDialog close={() => {}} status={STATUS} />)
  const dialog = screen.getByRole('dialog', { name: 'Go off air?' })
  expect(dialog.textContent).toMatch(/“The tram clock” has been on for .* 120 rivets were paid and 40 rivets spent/)
  expect(screen.getByRole('button', { name: 'Stay on air' })).toBeDefined()
})

const GAP = { id: 4, from: 9100, until: 9700, people: 3, status: 'open', endedAt: null }

describe('what happened while nobody looked', () => {
  test('a show forgotten on air is closed at the time it was over', async () => {
    const sent = answering(({ method }) => ({ body: method === 'GET' ? { gaps: [] } : {} }))
    const { user } = showDesk(<ShowNotices />, { status: { forgotten: 9500 } })
    await user.click(screen.getByRole('button', { name: /^Close the show at/ }))
    await waitFor(() => expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({ endedAt: 9500 }))
  })

  test('a time when chat was away is paid only after its sum was seen', async () => {
    const sent = answering(({ method, body }) => {
      if (method === 'GET') return { body: { gaps: [GAP] } }
      const { preview } = body as { preview: boolean }
      return { body: preview ? { people: 3, total: 90 } : { people: 3, total: 90 } }
    })
    const { user } = showDesk(<ShowNotices />)
    expect(await screen.findByText(/3 people were here before and after it\./)).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'What would paying it come to?' }))
    await user.click(await screen.findByRole('button', { name: 'Pay 90 rivets' }))
    expect(await screen.findByText('3 people got 90 rivets in all.')).toBeDefined()
    expect(sent.filter(({ method }) => method === 'POST').map(({ body }) => body)).toEqual([
      { preview: true },
      { preview: false },
    ])
  })

  test('a payment of a minute ago can be undone, and says what had been spent', async () => {
    answering(({ method }) =>
      method === 'GET' ? { body: { gaps: [{ ...GAP, status: 'paid', endedAt: 9990 }] } } : { body: { owed: 20 } },
    )
    const { user } = showDesk(<ShowNotices />)
    await user.click(await screen.findByRole('button', { name: 'Undo' }))
    expect(await screen.findByText('Undone. 20 rivets of it had already been spent.')).toBeDefined()
  })
})
