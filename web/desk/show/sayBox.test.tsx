import { screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { SayBox } from './SayBox.tsx'

const said = () => answering(() => ({ body: { muted: false } }))

test('who has no account of their own speaks as the bot, unless it is muted', async () => {
  const sent = said()
  const { user } = showDesk(<SayBox muted={false} ownVoice={false} />)
  expect(screen.queryByLabelText('Who says it')).toBeNull()
  await user.type(screen.getByLabelText('Say in chat as the bot'), 'Tea break.{Enter}')
  await waitFor(() =>
    expect(sent).toMatchObject([{ path: expect.stringMatching(/desk\/say$/), body: { text: 'Tea break.' } }]),
  )
})

test('who speaks as themselves does so while the bot is muted, too', async () => {
  const sent = said()
  const { user } = showDesk(<SayBox muted ownVoice />)
  expect((screen.getByLabelText('Say in chat as the bot') as HTMLInputElement).disabled).toBe(true)
  await user.selectOptions(screen.getByLabelText('Who says it'), 'As yourself')
  await user.type(screen.getByLabelText('Say in chat as yourself'), 'It works.{Enter}')
  await waitFor(() => expect(sent).toMatchObject([{ path: expect.stringMatching(/say\/as-oneself$/) }]))
})
