import { screen, waitFor, within } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { RoomsPage } from './RoomsPage.tsx'
import type { Room } from './view.ts'

const OWN = { host: 'chat.example', port: 6697, tls: true, nick: 'Ricompensa', account: 'bot' }
const GARDEN: Room = {
  id: 7,
  settings: { room: '#garden', network: OWN, moderators: '@&~' },
  hasPassword: true,
  hasKey: false,
  chat: {
    status: 'refused',
    sentence: 'The bot is banned from #garden. Lift the ban; it keeps trying.',
    since: 5,
    room: '#garden',
  },
  own: null,
} as Room

const server = (rooms: readonly Room[], network: string | null = null) =>
  answering(({ path, method, body }) => {
    if (method === 'GET') return { body: { rooms, operators: null, network, inside: false } }
    if (path.endsWith('/test')) return { body: { muted: false } }
    const { settings } = (body ?? {}) as { settings?: { network: { host: string } | null } }
    if (path.endsWith('/own-voice') && (body as { settings: { nick: string } }).settings.nick === 'Ricompensa') {
      const detail = 'This is the bot’s name on that network. Choose another one.'
      return { status: 422, body: { code: 'body_invalid', detail, data: { 'settings.nick': detail } } }
    }
    if (settings?.network?.host === 'localhost') {
      const detail = 'This address leads into a network that is not open to everybody.'
      return { status: 422, body: { code: 'body_invalid', detail, data: { 'settings.network.host': detail } } }
    }
    return { body: { room: 7 } }
  })
const changes = (sent: ReturnType<typeof server>) => sent.filter(({ method }) => method !== 'GET')

describe('rooms', () => {
  test('that are none yet say what one is good for; an address that is refused is told at its field', async () => {
    const sent = server([])
    const { user } = showDesk(<RoomsPage />)
    await user.click(await screen.findByRole('button', { name: 'Add a room' }))
    const dialog = within(screen.getByRole('dialog'))
    await user.type(dialog.getByLabelText('Room'), 'garden')
    const host = dialog.getByLabelText('Server')
    await user.type(host, 'localhost')
    await user.click(dialog.getByRole('button', { name: 'Go there' }))
    await waitFor(() => expect(host.getAttribute('aria-invalid')).toBe('true'))
    await user.clear(host)
    await user.type(host, 'chat.example')
    await user.type(dialog.getByLabelText('Password'), 'secret')
    await user.click(dialog.getByRole('button', { name: 'Go there' }))
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
    expect(changes(sent)[1]?.body).toEqual({
      settings: { room: '#garden', network: { ...OWN, account: '' }, moderators: '@&~' },
      password: 'secret',
      roomKey: null,
    })
  })

  test('each says how it stands and how to mend it; what is kept secret is not sent again', async () => {
    const sent = server([GARDEN])
    const { user } = showDesk(<RoomsPage />)
    expect(await screen.findByText(/banned from #garden. Lift the ban/)).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'Say a test line' }))
    await waitFor(() => expect(changes(sent)[0]?.path).toMatch(/\/desk\/rooms\/7\/test$/))
    await user.click(screen.getByRole('button', { name: 'Change it' }))
    const dialog = within(screen.getByRole('dialog'))
    expect(dialog.getByLabelText('Password')).toHaveProperty('value', '')
    await user.click(dialog.getByRole('button', { name: 'Save now' }))
    await waitFor(() =>
      expect(changes(sent)[1]?.body).toEqual({ settings: GARDEN.settings, password: null, roomKey: null }),
    )
  })

  test('may be on the network of the installation, which asks for nothing more', async () => {
    const sent = server([], 'chat.house.example')
    const { user } = showDesk(<RoomsPage />)
    await user.click(await screen.findByRole('button', { name: 'Add a room' }))
    const dialog = within(screen.getByRole('dialog'))
    expect(dialog.queryByLabelText('Server')).toBeNull()
    await user.type(dialog.getByLabelText('Room'), 'bench')
    await user.click(dialog.getByRole('button', { name: 'Go there' }))
    await waitFor(() => expect(changes(sent)[0]?.body).toMatchObject({ settings: { room: '#bench', network: null } }))
  })
})

describe('an account of one’s own', () => {
  const WANDA = { settings: { nick: 'wanda', account: 'wanda' }, chat: GARDEN.chat, mine: true }

  test('is set with its password, which is not asked for again for the same account', async () => {
    const sent = server([GARDEN])
    const { user } = showDesk(<RoomsPage />)
    await user.click(await screen.findByRole('button', { name: 'Speak as yourself …' }))
    const save = () => screen.getByRole('button', { name: 'Save now' }) as HTMLButtonElement
    await user.type(screen.getByLabelText('Your account on the network'), 'wanda')
    const name = screen.getByLabelText('Name to speak by')
    await user.type(name, 'Ricompensa')
    expect(save().disabled).toBe(true)
    await user.type(screen.getByLabelText('Password'), 'secret')
    await user.click(save())
    await waitFor(() => expect(name.getAttribute('aria-invalid')).toBe('true'))
    await user.clear(name)
    await user.type(name, 'wanda')
    await user.click(save())
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
    expect(changes(sent).at(-1)).toMatchObject({
      path: expect.stringMatching(/rooms\/7\/own-voice$/),
      body: { password: 'secret' },
    })
  })

  test('stays with its password while only its name changes, and is nobody else’s to set', async () => {
    const sent = server([{ ...GARDEN, own: WANDA }])
    const { user } = showDesk(<RoomsPage />)
    await user.click(await screen.findByRole('button', { name: 'Change your account' }))
    await user.type(screen.getByLabelText('Name to speak by'), '_2')
    await user.click(screen.getByRole('button', { name: 'Save now' }))
    await waitFor(() => expect(changes(sent)).toHaveLength(1))
    expect(changes(sent)[0]?.body).toEqual({ settings: { nick: 'wanda_2', account: 'wanda' }, password: null })
  })

  test('is shown to helpers, without a way to use it', async () => {
    server([{ ...GARDEN, own: { ...WANDA, mine: false } }])
    showDesk(<RoomsPage />, { status: { owner: false } })
    expect(await screen.findByText(/The voice of an owner, account wanda/)).toBeDefined()
    expect(screen.queryByRole('button', { name: 'Change your account' })).toBeNull()
  })
})
