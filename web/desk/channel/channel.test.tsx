import { screen, waitFor, within } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { ChannelPage } from './ChannelPage.tsx'
import { ClosedPage } from './ClosedPage.tsx'
import type { ChannelView } from './view.ts'

const CHANNEL: ChannelView = {
  name: 'The Bench',
  address: 'bench',
  former: ['old-bench'],
  listed: true,
  pausedBy: null,
  closedAt: null,
  deletedAt: null,
  viewerPage: 'https://example.org/c/bench',
}

const server = (patch: Partial<ChannelView> = {}) =>
  answering(({ method, path }) => {
    if (method === 'GET' && path.endsWith('/desk/channel')) return { body: { ...CHANNEL, ...patch } }
    if (path.endsWith('/address'))
      return { status: 409, body: { code: 'address_taken', detail: 'This address is another channel’s, or was.' } }
    return { body: path.endsWith('/desks') ? { desks: [], caller: 'wanda', operator: false } : {} }
  })
const changes = (sent: ReturnType<typeof server>) => sent.filter(({ method }) => method !== 'GET')

describe('the channel', () => {
  test('is renamed, and taken out of the list', async () => {
    const sent = server()
    const { user } = showDesk(<ChannelPage />)
    const name = await screen.findByLabelText('What the channel is called')
    await user.clear(name)
    expect((await screen.findAllByText(/Give it a name/)).length).toBeGreaterThan(0)
    await user.type(name, 'The Evening Bench')
    await user.click(screen.getByLabelText(/Show it in this installation/))
    await user.click(screen.getByRole('button', { name: 'Apply now' }))
    await waitFor(() => expect(changes(sent)[0]?.body).toEqual({ name: 'The Evening Bench', listed: false }))
  })

  test('says where it was before; an address that is taken stays typed', async () => {
    server()
    const { user } = showDesk(<ChannelPage />)
    expect(await screen.findByText(/leads here, too: \/c\/old-bench/)).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'Change it' }))
    const dialog = within(screen.getByRole('dialog'))
    const field = dialog.getByLabelText('Short name in the address')
    await user.clear(field)
    await user.type(field, 'X')
    expect(dialog.getByText(/Use 2 to 40/)).toBeDefined()
    await user.clear(field)
    await user.type(field, 'garden')
    await user.click(dialog.getByRole('button', { name: 'Move it there' }))
    expect(await dialog.findByText(/another channel’s/)).toBeDefined()
    expect(field).toHaveProperty('value', 'garden')
  })

  test('is closed only once its address was typed', async () => {
    const sent = server()
    const { user } = showDesk(<ChannelPage />)
    await user.click(await screen.findByRole('button', { name: 'Close the channel …' }))
    const dialog = within(screen.getByRole('dialog'))
    const close = dialog.getByRole('button', { name: 'Close it' })
    expect(close).toHaveProperty('disabled', true)
    await user.type(dialog.getByLabelText(/type its address/), 'bench')
    await user.click(close)
    await waitFor(() => expect(changes(sent)[0]).toMatchObject({ body: { address: 'bench' } }))
  })

  test('that the operator has paused cannot be resumed by its owner', async () => {
    server({ pausedBy: 'operator' })
    showDesk(<ChannelPage />)
    expect(await screen.findByText(/Only they can resume it/)).toBeDefined()
    expect(screen.queryByRole('button', { name: 'Resume the channel' })).toBeNull()
  })

  test('is seen by its owners alone; closed, they take it back', async () => {
    const sent = server({ closedAt: 1000, deletedAt: 2_592_000 + 1000 })
    const { unmount } = showDesk(<ChannelPage />, { status: { owner: false } })
    expect(screen.getByText(/Only an owner/)).toBeDefined()
    unmount()
    const { user } = showDesk(<ClosedPage />)
    expect(await screen.findByText(/is deleted for good/)).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'Take it back' }))
    await waitFor(() => expect(changes(sent)[0]?.path).toMatch(/reopen$/))
  })
})
