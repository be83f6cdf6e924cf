import { screen, waitFor, within } from '@testing-library/react'
import { expect, test } from 'vitest'
import { STEPS, type StepKey } from '#core/starter'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { SetUpPage } from './SetUpPage.tsx'

const PIECES = [
  { key: 'earning/plan', of: 'earning', name: 'Earning', says: 'About 168 acorns an hour', there: true },
  { key: 'reward/hello', of: 'reward', name: 'Say hello on screen', says: '28 acorns, about 10 min', there: false },
  { key: 'reward/sparks', of: 'reward', name: 'Sparks', says: '56 acorns, about 20 min', there: false },
]

/** A channel with some steps done, and some left out. */
function channel(
  done: readonly StepKey[],
  skipped: readonly StepKey[] = [],
  answer: object = { taken: 1, welcomed: 0, refused: [] },
) {
  return answering(({ method, path }) => {
    if (path.includes('/desk/starter/offer')) return { body: { pieces: PIECES } }
    if (method === 'POST' && path.endsWith('/desk/starter')) return { body: answer }
    if (path.endsWith('/desk/starter'))
      return {
        body: {
          page: 'https://shows.example/c/garden',
          buyable: 1,
          over: false,
          usual: { people: 30, shows: 3, hours: 3, look: 'plain' },
          steps: STEPS.map((step) => ({ step, done: done.includes(step), skipped: skipped.includes(step) })),
        },
      }
    return { body: {} }
  })
}

test('what is done shows as done, and the next thing to do stands out', async () => {
  channel(['chat', 'events'])
  showDesk(<SetUpPage />)
  expect(await screen.findByText(/^2 of 8 done/)).toBeDefined()
  expect(screen.getAllByRole('img', { name: 'done' })).toHaveLength(2)
  expect(screen.getByText('The bot is in your room.')).toBeDefined()
})

test('of a starter only what is ticked is taken; what is there cannot be', async () => {
  const sent = channel(['chat'])
  const { user } = showDesk(<SetUpPage />)
  await user.click(await screen.findByRole('checkbox', { name: /^Sparks/ }))
  expect(screen.queryByRole('checkbox', { name: /^Earning/ })).toBeNull()
  await user.click(screen.getByRole('button', { name: 'Set up these 1' }))
  await waitFor(() =>
    expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({
      audience: { people: 30, shows: 3, hours: 3, look: 'plain' },
      take: ['reward/hello'],
    }),
  )
  expect(await screen.findByText(/1 things? (is|are) set up/)).toBeDefined()
})

test('what could not be made is said, each with why', async () => {
  channel([], [], { taken: 0, welcomed: 0, refused: [{ name: '!quiet', why: 'The word belongs to the balance.' }] })
  const { user } = showDesk(<SetUpPage />)
  await user.click(await screen.findByRole('button', { name: /^Set up these/ }))
  expect(await screen.findByText(/!quiet: The word belongs to the balance\./)).toBeDefined()
})

test('a step is left out, and taken up again', async () => {
  const sent = channel(['chat'], ['people'])
  const { user } = showDesk(<SetUpPage />)
  const step = (name: string) => within(screen.getByRole('heading', { name }).closest('li') as HTMLElement)
  await screen.findByText(/of 8 done/)
  expect(step('Bring your people').getByText('Left out.')).toBeDefined()
  await user.click(step('Bring your people').getByRole('button', { name: 'Take it up again' }))
  await user.click(step('Your first show').getByRole('button', { name: 'Skip' }))
  await waitFor(() =>
    expect(sent.filter(({ method }) => method === 'PUT').map(({ body }) => body)).toEqual([
      { step: 'people', skip: false },
      { step: 'show', skip: true },
    ]),
  )
})
