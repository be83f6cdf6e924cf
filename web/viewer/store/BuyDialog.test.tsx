import { QueryClient } from '@tanstack/react-query'
import { screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { RIVETS } from '../../../testing/web/desk.tsx'
import { answering, showPage } from '../../../testing/web/page.tsx'
import { channelQuery, meQuery, type Reward } from '../channel.ts'
import { BuyDialog } from './BuyDialog.tsx'

/** What these parts read of a reward. */
const LAMP = {
  id: 1,
  word: 'lamp',
  name: 'The lamp',
  description: 'Shines on stream.',
  tally: null,
  price: 300,
  picture: 'lamp',
  command: false,
  limits: ['Each viewer can have 1 in each show.'],
  left: 4,
  asks: { of: 'nothing' },
  post: null,
  confirm: '',
  why: null,
} as unknown as Reward

function buying(balance: number | null, reward: Partial<Reward> = {}, close = () => {}) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Number.POSITIVE_INFINITY } } })
  const channel = {
    slug: 'bench',
    signedIn: balance === null ? null : 'pia',
    currency: RIVETS,
    words: { get: 'get' },
    plan: { intervalSeconds: 300, base: 10, standings: {}, active: { plus: 0, withinSeconds: 600 } },
  }
  client.setQueryData(channelQuery.queryKey, channel as never)
  client.setQueryData(['standing'], { standings: [] } as never)
  if (balance !== null) client.setQueryData(meQuery.queryKey, { name: 'pia', balance, orders: [] } as never)
  return showPage(<BuyDialog reward={{ ...LAMP, ...reward } as Reward} close={close} />, { client })
}

const buy = () => screen.getByRole('button', { name: /^Buy for/ })

test('says what it is, its limits, how it is bought in chat, and what will be left', () => {
  buying(500)
  expect(screen.getByRole('dialog', { name: 'The lamp' }).textContent).toContain('In chat: !get lamp')
  expect(screen.getByText('Each viewer can have 1 in each show.')).toBeDefined()
  expect(screen.getByText('4 left.')).toBeDefined()
  expect(screen.getByText('You have 500; 200 will be left.')).toBeDefined()
})

test('what cannot be afforded says how much is missing, also in watching, and cannot be pressed', () => {
  buying(100)
  expect(screen.getByText(/You have 100: 200 rivets short, about 1 h 40 min of watching for you\./)).toBeDefined()
  expect(buy()).toHaveProperty('disabled', true)
})

test('is bought once, told, and the balance follows', async () => {
  const close = vi.fn()
  const sent = answering(() => ({ body: { balance: 200, status: 'waiting', code: null, order: 9 } }))
  const { user } = buying(500, {}, close)
  await user.click(buy())
  expect(await screen.findByText(/Bought: The lamp\. It is in the queue now\. 200 rivets left\./)).toBeDefined()
  expect(close).toHaveBeenCalledOnce()
  expect(sent[0]).toMatchObject({ method: 'POST', body: { word: 'lamp', again: false } })
})

test('the same again is asked about, and bought by pressing once more', async () => {
  let asked = false
  const sent = answering(({ method }) => {
    if (method === 'GET') return { body: { name: 'pia', balance: 500, orders: [] } }
    if (asked) return { body: { balance: 200, status: 'done', code: null, order: 9 } }
    asked = true
    return { status: 409, body: { code: 'order_twice', detail: 'You ordered The lamp just now. Order it again?' } }
  })
  const { user } = buying(500)
  await user.click(buy())
  expect((await screen.findByRole('alert')).textContent).toBe('You ordered The lamp just now. Order it again?')
  await user.click(screen.getByRole('button', { name: 'Yes, once more' }))
  await waitFor(() => expect(sent.filter(({ method }) => method === 'POST')[1]?.body).toMatchObject({ again: true }))
})

test('a refusal stays in the dialog with what was typed', async () => {
  answering(() => ({ status: 409, body: { code: 'reward_sold_out', detail: 'The lamp is sold out.' } }))
  const close = vi.fn()
  const { user } = buying(
    500,
    { asks: { of: 'text', question: 'Which one?', least: 1, most: 50 } } as Partial<Reward>,
    close,
  )
  await user.type(screen.getByRole('textbox'), 'the blue one')
  await user.click(buy())
  expect((await screen.findByRole('alert')).textContent).toContain('The lamp is sold out.')
  expect(screen.getByRole('textbox')).toHaveProperty('value', 'the blue one')
  expect(close).not.toHaveBeenCalled()
})

test('a code is shown to the buyer alone, before anything else', async () => {
  answering(() => ({ body: { balance: 200, status: 'done', code: 'LAMP-77', order: 9 } }))
  const { user } = buying(500)
  await user.click(buy())
  await waitFor(() => expect(screen.getByRole('dialog').textContent).toMatch(/code/i))
})

test('a stranger is led to sign in, and nothing is sent', () => {
  const sent = answering(() => ({ body: {} }))
  buying(null)
  expect(screen.getByRole('link', { name: /Sign in/ })).toBeDefined()
  expect(screen.queryByRole('button', { name: /^Buy for/ })).toBeNull()
  expect(sent).toEqual([])
})
