import { screen, waitFor, within } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import { wordsSetting } from '#core/words'
import { RIVETS, showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { CurrencyForm } from './CurrencyForm.tsx'
import { HandingForm } from './HandingForm.tsx'
import { WordsForm } from './WordsForm.tsx'
import { ZoneForm } from './ZoneForm.tsx'

const WORDS = wordsSetting.initial
const apply = () => screen.getByRole('button', { name: /Appl/ })

/** The server knows no other commands and no circles, and takes what is sent. */
const quiet = () =>
  answering(({ path }) =>
    path.endsWith('/desk/commands')
      ? { body: { commands: [], triggers: [], rewards: [], games: [], raffles: [], words: WORDS } }
      : path.endsWith('/desk/ranks')
        ? { body: { circles: [] } }
        : { body: {} },
  )

const changes = (sent: readonly { readonly method: string; readonly body: unknown }[]) =>
  sent.filter(({ method }) => method !== 'GET').map(({ body }) => body)

describe('the time zone', () => {
  test('is applied once it is one, and says what time it is there', async () => {
    const sent = quiet()
    const { user } = showDesk(<ZoneForm zone="Europe/Berlin" />)
    const field = screen.getByRole('combobox')
    await user.clear(field)
    await user.type(field, 'Mars/Olympus')
    expect(screen.getByText(/There is no such time zone/)).toBeDefined()
    expect(apply()).toHaveProperty('disabled', true)
    await user.clear(field)
    await user.type(field, 'Asia/Tokyo{Enter}')
    await waitFor(() => expect(changes(sent)).toEqual([{ timeZone: 'Asia/Tokyo' }]))
  })
})

describe('gifts between viewers', () => {
  const form = <HandingForm handing={{ on: false, perDay: 500, reply: '' }} currency={RIVETS} words={WORDS} />

  test('are switched on with a limit, and shown as chat will read', async () => {
    const sent = quiet()
    const { user } = showDesk(form)
    await user.click(screen.getByRole('checkbox'))
    expect(screen.getByText(/robin gave sasha 50 rivets, who now has 320 rivets\./)).toBeDefined()
    await user.click(apply())
    expect(await screen.findByText('Viewers can give each other currency now.')).toBeDefined()
    expect(changes(sent)).toEqual([{ on: true, perDay: 500, reply: '' }])
  })

  test('cannot be limited to nothing', async () => {
    quiet()
    const { user } = showDesk(form)
    await user.clear(screen.getByLabelText('Daily limit per viewer'))
    expect(screen.getByRole('alert').textContent).toBe('Type a number above 0.')
    expect(apply()).toHaveProperty('disabled', true)
  })
})

describe('the currency', () => {
  const form = <CurrencyForm currency={RIVETS} words={WORDS} />

  test('needs both names, and a command that can be typed', async () => {
    quiet()
    const { user } = showDesk(form)
    await user.clear(screen.getByLabelText('Name for many'))
    expect(screen.getByRole('alert').textContent).toBe('Type the currency’s name for many.')
    await user.type(screen.getByLabelText('Name for many'), 'bolts')
    await user.clear(screen.getByLabelText('Chat command, after the !'))
    await user.type(screen.getByLabelText('Chat command, after the !'), 'my bolts')
    expect(screen.getByRole('alert').textContent).toContain('"my bolts" cannot be typed as one word')
  })

  test('shows the reply with the name as it is typed', async () => {
    quiet()
    const { user } = showDesk(form)
    await user.clear(screen.getByLabelText('Name for many'))
    await user.type(screen.getByLabelText('Name for many'), 'bolts')
    expect(screen.getByText(/Reads: .*1,204 bolts/)).toBeDefined()
  })

  test('is refused in place, and what was typed stays', async () => {
    answering(({ method }) =>
      method === 'GET'
        ? { body: { commands: [], triggers: [], rewards: [], games: [], raffles: [], words: WORDS } }
        : { status: 409, body: { code: 'words_clash', detail: '"!bolts" would mean two things.' } },
    )
    const { user } = showDesk(form)
    await user.clear(screen.getByLabelText('Name for one'))
    await user.type(screen.getByLabelText('Name for one'), 'bolt{Enter}')
    expect((await screen.findByRole('alert')).textContent).toContain('would mean two things')
    expect(screen.getByLabelText('Name for one')).toHaveProperty('value', 'bolt')
  })
})

describe('the built-in commands', () => {
  const form = <WordsForm words={WORDS} currency={RIVETS} />

  test('are renamed, and two of the same name are refused before they are sent', async () => {
    const sent = quiet()
    const { user } = showDesk(form)
    const get = screen.getByLabelText('Command: Buys a reward')
    await user.clear(get)
    await user.type(get, WORDS.rank.word)
    expect(screen.getByRole('alert').textContent).toContain('would mean two things')
    await user.clear(get)
    await user.type(get, 'fetch')
    await user.click(apply())
    await screen.findByText('The built-in commands are saved.')
    expect(changes(sent)[0]).toMatchObject({ get: { word: 'fetch' } })
  })

  test('of the team have a rule of their own where one is set, and go by that of all again', async () => {
    const sent = quiet()
    const { user } = showDesk(form)
    const rule = screen.getByLabelText('Who may use !set')
    await user.selectOptions(rule, 'has its own rule')
    const own = within(screen.getByRole('group', { name: '!set' }))
    await user.click(own.getByRole('checkbox', { name: 'moderators' }))
    await user.click(apply())
    await screen.findByText('The built-in commands are saved.')
    expect(changes(sent)[0]).toMatchObject({ allowedFor: { set: { standings: [], team: true } } })
    await user.selectOptions(rule, 'like all team commands')
    expect(screen.queryByRole('group', { name: '!set' })).toBeNull()
  })

  test('say of each what it does, and whether it is on', () => {
    quiet()
    showDesk(form)
    const rows = within(screen.getByRole('table')).getAllByRole('row')
    expect(rows).toHaveLength(14)
    expect(screen.getByRole('checkbox', { name: 'Buys a reward: on' })).toHaveProperty('checked', WORDS.get.on)
  })
})
