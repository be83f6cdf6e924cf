import { screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { earningSetting } from '#core/earning'
import { PLAIN_ALERT } from '#core/screen'
import { PLAIN_REWARD } from '#core/store'
import { wordsSetting } from '#core/words'
import { STAMPS, showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import type { CommandsView } from '../commands/view.ts'
import { RewardPanel } from './RewardPanel.tsx'
import type { StoreView } from './view.ts'

const NAMES = { circles: [], ranks: [], people: {} }
const LISTS = { commands: [], triggers: [], rewards: [], tallies: [], circles: [], alerts: [], setups: [], bets: [] }
// Only what the form looks at.
const VIEW = {
  ...{
    ...LISTS,
    games: [],
    raffles: [],
    names: NAMES,
    words: wordsSetting.initial,
    standing: { onAir: true, connected: true },
  },
} as unknown as CommandsView

const store = (more: Partial<StoreView> = {}): StoreView => ({
  ...{ holdings: { people: 0, steps: [] }, plan: earningSetting.initial, scheduled: false, timeZone: 'UTC' },
  ...{ alerts: [], overlays: [], onAir: true, shows: 0, sales: [], rewards: [], archived: [], tallies: [STAMPS] },
  ...more,
})

function form(more: Partial<StoreView> = {}, refused = false) {
  const sent = answering(({ method, path }) => {
    if (path.endsWith('/codes'))
      return refused ? { status: 409, body: { code: 'busy', detail: 'Busy.' } } : { body: { added: 2, known: 0 } }
    if (method === 'POST' && path.endsWith('/desk/rewards'))
      return { body: { reward: 9, settings: { ...PLAIN_REWARD, name: 'A key', word: 'key', kind: 'code' } } }
    if (path.endsWith('/desk/alerts')) return { body: { alert: 4, settings: { ...PLAIN_ALERT, name: 'A key' } } }
    return { body: { room: { each: 1000 }, media: [] } }
  })
  const shown = showDesk(
    <RewardPanel
      store={store(more)}
      view={VIEW}
      reward={undefined}
      copyOf={undefined}
      copy={vi.fn()}
      close={vi.fn()}
    />,
  )
  const to = (part: string) => shown.user.click(screen.getByRole('tab', { name: part }))
  return { ...shown, sent, to }
}

test('a short word is suggested from the name, another where that is taken, and one that was typed stays', async () => {
  const taken = {
    id: 1,
    codes: { count: 0, given: 0 },
    settings: { ...PLAIN_REWARD, name: 'Bump', word: 'bump' },
  } as StoreView['rewards'][number]
  const { user } = form({ rewards: [taken] })
  const word = () => screen.getByLabelText(/^Chat word/)
  await user.type(screen.getByLabelText('Name'), 'Bump the clock')
  expect(word()).toHaveProperty('value', 'clock')
  await user.clear(word())
  await user.type(word(), 'tick')
  await user.type(screen.getByLabelText('Name'), ' now')
  expect(word()).toHaveProperty('value', 'tick')
})

test('codes typed before the first save are added with it', async () => {
  const { user, sent, to } = form()
  await user.type(screen.getByLabelText('Name'), 'A key')
  await user.click(screen.getByText('Gives out a code'))
  expect(screen.getByText('Sold out: its list has no code left.')).toBeDefined()
  await to('Codes')
  await user.type(screen.getByLabelText(/^Codes to add/), 'AAA{Enter}BBB')
  expect(screen.getByText(/2 codes\. They are added when you save the reward\./)).toBeDefined()
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  await waitFor(() =>
    expect(
      sent.filter(({ method }) => method === 'POST').map(({ path, body }) => [path.split('/desk')[1], body]),
    ).toEqual([
      ['/rewards', expect.objectContaining({ name: 'A key', kind: 'code' })],
      ['/rewards/9/codes', { codes: ['AAA', 'BBB'] }],
    ]),
  )
})

test('codes typed after the first save are added to it, also before the list knows of it', async () => {
  const { user, sent, to } = form()
  await user.type(screen.getByLabelText('Name'), 'A key')
  await user.click(screen.getByText('Gives out a code'))
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  await to('Codes')
  await user.type(await screen.findByLabelText(/^Codes to add/), 'AAA')
  await user.click(await screen.findByRole('button', { name: 'Add the codes' }))
  await waitFor(() =>
    expect(sent.find(({ path }) => path.endsWith('/rewards/9/codes'))?.body).toEqual({ codes: ['AAA'] }),
  )
})

test('codes that could not be added are told, and wait in the form of the reward that was saved', async () => {
  const { user, to } = form({}, true)
  await user.type(screen.getByLabelText('Name'), 'A key')
  await user.click(screen.getByText('Gives out a code'))
  await to('Codes')
  await user.type(screen.getByLabelText(/^Codes to add/), 'AAA')
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  expect(await screen.findByText('The codes were not added: Busy.')).toBeDefined()
  expect(JSON.stringify(localStorage)).toMatch(/codes\/9.*AAA/)
})

test('an alert is made within the form, with the reward’s name, and chosen', async () => {
  const { user, sent, to } = form()
  await to('What happens')
  expect(screen.getByRole('button', { name: 'Make an alert for it' })).toHaveProperty('disabled', true)
  await to('What it is')
  await user.type(screen.getByLabelText('Name'), 'A key')
  await to('What happens')
  await user.click(screen.getByRole('button', { name: 'Make an alert for it' }))
  await waitFor(() =>
    expect(sent.find(({ path }) => path.endsWith('/desk/alerts'))?.body).toMatchObject({ name: 'A key' }),
  )
})

test('a tally can be a part of the price, and is read back', async () => {
  const { user, to } = form()
  await to('Price')
  await user.selectOptions(screen.getByLabelText('Tally it costs'), '3')
  expect(screen.getByText(/for 100 rivets and 10 stamps\./)).toBeDefined()
})
