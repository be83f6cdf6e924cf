import { screen, waitFor, within } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import { NO_RIGHTS } from '#core/team'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { InArea } from '../rights.tsx'
import { PlatformPage } from './PlatformPage.tsx'

const OWN = {
  ...{ id: 'made-1', name: 'Stamp the card', price: 1250, text: 'One a show.', asks: false, paused: false },
  ...{ seenAt: 1, listed: true, changeable: true, trigger: 'Card' },
}
const THERE = { ...OWN, id: 'swap', name: 'Swap', changeable: false, trigger: null }

const server = (rewards: object[] = [OWN, THERE], offered = true, refusal?: string) =>
  answering(({ method }) => {
    if (method === 'GET') return { body: { offered, rewards } }
    if (refusal === undefined) return { body: { id: 'made-1' } }
    return { status: 409, body: { code: 'platform_refused', detail: refusal, status: 409, title: '', type: '' } }
  })
const changes = (sent: ReturnType<typeof server>) => sent.filter(({ method }) => method !== 'GET')

describe('the platform’s own rewards', () => {
  test('are listed with what each does here; what was made there is changed there', async () => {
    server()
    showDesk(<PlatformPage />)
    const own = within(await screen.findByRole('row', { name: /Stamp the card/ }))
    expect(own.getByText('1,250')).toBeDefined()
    expect(own.getByText(/sets off “Card”/)).toBeDefined()
    const there = within(screen.getByRole('row', { name: /Swap/ }))
    expect(there.getByRole('link', { name: 'add a trigger' })).toBeDefined()
    expect(there.queryByRole('button')).toBeNull()
  })

  test('are paused by a press, and changed in a dialog', async () => {
    const sent = server()
    const { user } = showDesk(<PlatformPage />)
    await user.click(await screen.findByRole('button', { name: 'Pause Stamp the card' }))
    await waitFor(() => expect(changes(sent)[0]?.body).toMatchObject({ paused: true, price: 1250, icon: null }))
    await user.click(screen.getByRole('button', { name: 'Change Stamp the card' }))
    await user.clear(screen.getByLabelText('Price'))
    await user.type(screen.getByLabelText('Price'), '300')
    await user.click(screen.getByRole('button', { name: 'Save now' }))
    await waitFor(() => expect(changes(sent)[1]?.body).toMatchObject({ name: 'Stamp the card', price: 300 }))
    expect(changes(sent)[1]?.path).toMatch(/platform-rewards\/made-1$/)
  })

  test('a new one goes out with its icon; what the platform has against it stays in the dialog', async () => {
    const sent = server([], true, 'Fifty rewards are the most.')
    const { user } = showDesk(<PlatformPage />)
    await user.click(await screen.findByRole('button', { name: 'Add a reward there' }))
    await user.type(screen.getByLabelText('Name'), 'Cap')
    await user.upload(
      screen.getByLabelText('Icon'),
      new File([new Uint8Array([1, 2, 3])], 'cap.png', { type: 'image/png' }),
    )
    await screen.findByText(/scaled to the sizes the platform shows/)
    await user.click(screen.getByRole('button', { name: 'Add it there' }))
    expect(await screen.findByText('Fifty rewards are the most.')).toBeDefined()
    expect(changes(sent)[0]?.body).toMatchObject({ name: 'Cap', icon: 'AQID' })
    expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Cap')
  })

  test('a picture that is too large is refused before it is sent', async () => {
    server([])
    const { user } = showDesk(<PlatformPage />)
    await user.click(await screen.findByRole('button', { name: 'Add a reward there' }))
    const large = new File([new Uint8Array(3 * 1024 * 1024)], 'large.png', { type: 'image/png' })
    await user.upload(screen.getByLabelText('Icon'), large)
    expect(await screen.findByText(/more than 2 MB/)).toBeDefined()
  })

  test('say so where the platform only lists them; who may only look changes nothing', async () => {
    server([THERE], false)
    const { unmount } = showDesk(<PlatformPage />)
    expect(await screen.findByText(/only lists its rewards/)).toBeDefined()
    expect(screen.queryByRole('button', { name: 'Add a reward there' })).toBeNull()
    unmount()
    server()
    const rights = { ...NO_RIGHTS, areas: { ...NO_RIGHTS.areas, store: 'look' as const } }
    const looking = (
      <InArea area="store">
        <PlatformPage />
      </InArea>
    )
    showDesk(looking, { status: { owner: false, rights } })
    expect(await screen.findByRole('row', { name: /Stamp the card/ })).toBeDefined()
    expect(screen.queryByRole('button', { name: /Pause|Change|Add/ })).toBeNull()
  })
})
