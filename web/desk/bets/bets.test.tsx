import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, test, vi } from 'vitest'
import { USUAL_TERMS } from '#core/bets'
import { showDesk } from '../../../testing/web/desk.tsx'
import { InArea } from '../rights.tsx'
import { OpenDialog } from './OpenDialog.tsx'
import { wordFor } from './OutcomeFields.tsx'
import { SettleDialog } from './SettleDialog.tsx'
import type { BetsView, DeskBet } from './view.ts'

const VIEW = {
  now: 1000,
  running: [],
  templates: [],
  defaults: { word: { word: 'back', aliases: [] }, terms: { ...USUAL_TERMS, openSeconds: 120 } },
  currency: { one: 'rivet', many: 'rivets', word: 'rivets' },
  circles: [],
  alerts: [],
  onAir: true,
} as unknown as BetsView

const BET = {
  id: 7,
  question: 'Will it play?',
  lanes: [
    { name: 'Yes', word: 'yes', people: 1, staked: 100 },
    { name: 'No', word: 'no', people: 2, staked: 60 },
  ],
  status: 'locked',
  lockedAt: 900,
  winner: null,
  lateSeconds: 10,
  pauseSeconds: 20,
  note: '',
  link: '',
} as unknown as DeskBet

/** Answers every address with its body, and remembers what was asked. */
function answers(bodies: Readonly<Record<string, unknown>>) {
  const asked: { url: string; body: unknown }[] = []
  vi.stubGlobal('fetch', async (input: Request) => {
    const text = await input.clone().text()
    asked.push({ url: input.url, body: text === '' ? null : JSON.parse(text) })
    const found = Object.entries(bodies).find(([at]) => input.url.includes(at))
    return new Response(JSON.stringify(found?.[1] ?? {}), { headers: { 'content-type': 'application/json' } })
  })
  return asked
}

describe('the form of a bet', () => {
  test('begins with yes, no and the usual time, and sends them with the question', async () => {
    const asked = answers({ '/desk/bets': { bet: 9, status: 'open' } })
    showDesk(
      <InArea area="bets">
        <OpenDialog view={VIEW} opening={{ of: 'new' }} close={() => {}} />
      </InArea>,
    )
    const open = screen.getByRole('button', { name: 'Open it now' })
    expect(open).toHaveProperty('disabled', true)
    fireEvent.change(screen.getByLabelText('What is bet on'), { target: { value: 'Will it play?' } })
    await waitFor(() => expect(open).toHaveProperty('disabled', false))
    fireEvent.click(open)
    await waitFor(() => expect(asked.some(({ url }) => url.includes('/desk/bets'))).toBe(true))
    const sent = asked.find(({ body }) => body !== null)?.body as {
      settings: { outcomes: unknown; openSeconds: number }
    }
    expect(sent.settings).toMatchObject({
      question: 'Will it play?',
      openSeconds: 120,
      outcomes: [
        { name: 'Yes', word: 'yes' },
        { name: 'No', word: 'no' },
      ],
    })
  })

  test('gives each outcome a word that can be typed, and refuses two alike', async () => {
    expect([wordFor('It sings!'), wordFor('2 or more'), wordFor('Ü'), wordFor('…')]).toEqual(['it', 'or', 'ü', ''])
    showDesk(
      <InArea area="bets">
        <OpenDialog view={VIEW} opening={{ of: 'new' }} close={() => {}} />
      </InArea>,
    )
    fireEvent.change(screen.getByLabelText('What is bet on'), { target: { value: 'Which?' } })
    fireEvent.change(screen.getByLabelText('Word for outcome 2'), { target: { value: 'YES' } })
    fireEvent.blur(screen.getByLabelText('Word for outcome 2'))
    expect(await screen.findByText('Outcome 1 has this word, too.')).toBeDefined()
    expect(screen.getByRole('button', { name: 'Open it now' })).toHaveProperty('disabled', true)
  })
})

test('what came true is picked after a look at who gets what, with the latest bets left out', async () => {
  const payment = { winners: 1, prize: 60, rake: 0, late: 5, refunded: false, winningStakes: 100 }
  const asked = answers({
    '/payment': { ...payment, most: [{ name: 'pia', staked: 100, gets: 160 }] },
    '/settle': { bet: 7, status: 'announced' },
  })
  showDesk(
    <InArea area="bets">
      <SettleDialog bet={BET} close={() => {}} />
    </InArea>,
  )
  expect(screen.getByRole('button', { name: 'Pick one' })).toHaveProperty('disabled', true)
  fireEvent.click(screen.getByRole('radio', { name: /^Yes/ }))
  const sums = await screen.findByRole('region', { name: 'What it pays' })
  await waitFor(() => expect(within(sums).getByText(/pia 160 for 100/)).toBeDefined())
  expect(asked.at(-1)?.url).toContain('knownFrom=890')
  fireEvent.change(screen.getByLabelText(/^Address/), { target: { value: 'javascript:x' } })
  expect(screen.getByRole('button', { name: '“Yes” came true' })).toHaveProperty('disabled', true)
  fireEvent.change(screen.getByLabelText(/^Address/), { target: { value: '' } })
  fireEvent.click(screen.getByRole('button', { name: '“Yes” came true' }))
  await waitFor(() => expect(asked.some(({ url }) => url.includes('/settle'))).toBe(true))
  expect(asked.find(({ url }) => url.includes('/settle'))?.body).toEqual({
    outcome: 0,
    note: '',
    link: '',
    knownFrom: 890,
    instead: false,
  })
})
