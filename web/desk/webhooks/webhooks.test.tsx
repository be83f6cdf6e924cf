import { screen, waitFor, within } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { WebhooksPage } from './WebhooksPage.tsx'

const OFFERED = [
  { kind: 'order.placed', says: 'Somebody bought a reward.' },
  { kind: 'raffle.ended', says: 'A raffle is over; its seed is told.' },
  { kind: 'round.ended', says: 'A round is over; its seed is told.' },
]
const LAMP = {
  id: 3,
  name: 'Lamp',
  address: 'https://example.org/lamp',
  kinds: ['order.placed'],
  failingSince: null,
  pausedAt: null,
  deliveries: [],
}
const FAILED = {
  seq: 9,
  kind: 'order.placed',
  at: 9000,
  sentAt: 9100,
  tries: 3,
  status: 503,
  problem: 'It answered 503.',
}

const server = (webhooks: object[], tested: object = { arrived: true, status: 204, problem: null }) =>
  answering(({ method, path, body }) => {
    if (path.endsWith('/test')) return { body: tested }
    if (path.endsWith('/desk/webhooks') && method === 'GET') return { body: { offered: OFFERED, webhooks } }
    const { address = '' } = (body ?? {}) as { address?: string }
    if (address.startsWith('http:')) {
      const detail = 'It must begin with https://.'
      return { status: 422, body: { code: 'body_invalid', detail, data: { address: detail } } }
    }
    return { body: path.endsWith('/desk/webhooks') ? { webhook: 4, secret: 'whsec_sesame' } : {} }
  })
const changes = (sent: ReturnType<typeof server>) => sent.filter(({ method }) => method !== 'GET')

describe('webhooks', () => {
  test('that are none yet say what one is good for; an address that is refused stays in the form with what to change', async () => {
    const sent = server([])
    const { user } = showDesk(<WebhooksPage />)
    await user.click(await screen.findByRole('button', { name: 'Add a webhook' }))
    const dialog = within(screen.getByRole('dialog'))
    await user.type(dialog.getByLabelText('Name'), 'Lamp')
    await user.type(dialog.getByLabelText('Address'), 'http://example.org/x')
    await user.click(dialog.getByLabelText(/Somebody bought/))
    await user.click(dialog.getByRole('button', { name: 'Add it' }))
    expect((await dialog.findAllByText('It must begin with https://.')).length).toBeGreaterThan(0)
    await user.clear(dialog.getByLabelText('Address'))
    await user.type(dialog.getByLabelText('Address'), 'https://example.org/x')
    await user.click(dialog.getByRole('button', { name: 'Add it' }))
    expect(await screen.findByText('whsec_sesame')).toBeDefined()
    expect(changes(sent)[1]?.body).toEqual({
      name: 'Lamp',
      address: 'https://example.org/x',
      kinds: ['raffle.ended', 'round.ended'],
    })
  })

  test('say how they stand, and are tested, paused and removed after asking', async () => {
    const sent = server([LAMP], { arrived: false, status: null, problem: 'Nothing listens there.' })
    const { user } = showDesk(<WebhooksPage />)
    expect(await screen.findByText('Nothing has happened yet that it is told of.')).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'Send a test' }))
    expect(await screen.findByText('The test did not arrive. Nothing listens there.')).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'Pause' }))
    await user.click(screen.getByRole('button', { name: 'Remove' }))
    expect(changes(sent).map(({ path }) => path.split('/').at(-1))).toEqual(['test', 'pause'])
    await user.click(screen.getByRole('button', { name: 'Remove Lamp?' }))
    await waitFor(() => expect(changes(sent).at(-1)?.path).toMatch(/webhooks\/3\/remove$/))
  })

  test.each([
    [
      { failingSince: 9000, deliveries: [{ ...FAILED, again: true }] },
      /Nothing has arrived since .* It answered 503\./,
    ],
    [{ failingSince: 9000, pausedAt: 99_000 }, /nothing had arrived for a day/],
    [{ pausedAt: 99_000 }, /What happens meanwhile is not told later/],
  ])('that do not work say since when and what to do: %j', async (more, sentence) => {
    server([{ ...LAMP, ...more }])
    showDesk(<WebhooksPage />)
    expect(await screen.findByText(sentence)).toBeDefined()
  })

  test('list what they were told, what arrived and what is sent again', async () => {
    const deliveries = [
      { ...FAILED, again: true },
      { ...FAILED, seq: 8, again: false, tries: 14 },
      { ...FAILED, seq: 7, problem: null, again: false },
    ]
    server([{ ...LAMP, deliveries }])
    showDesk(<WebhooksPage />)
    expect(await screen.findByText('The last 3 deliveries, kept for a week')).toBeDefined()
    expect(screen.getByText(/Tried 3 times, is sent again/)).toBeDefined()
    expect(screen.getByText(/Given up after 14 tries/)).toBeDefined()
    expect(screen.getByText('arrived at try 3')).toBeDefined()
  })
})
