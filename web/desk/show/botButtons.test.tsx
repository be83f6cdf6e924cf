import { screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { READY_SETS } from '#core/team'
import { STATUS, showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { BotOut, BotVoice } from './BotButtons.tsx'

const { voice } = STATUS
const [runner] = READY_SETS.map(({ rights }) => rights)

test.each([
  [voice, 'Bot speaks', { muted: true }],
  [{ ...voice, muted: true }, 'Bot is muted', { muted: false }],
  [{ ...voice, muted: true, out: true }, 'Bot is out', { out: false }],
])('the bot is muted, let speak, and brought back by one button: %j', async (now, name, sends) => {
  const sent = answering(() => ({ body: { muted: false } }))
  const { user } = showDesk(<BotVoice voice={now} />)
  await user.click(screen.getByRole('button', { name }))
  await waitFor(() => expect(sent[0]?.body).toEqual(sends))
})

test('a helper who runs the show sends the bot out; who may only look sees how it stands', async () => {
  if (runner === undefined) throw new Error('There is no ready set of rights.')
  const sent = answering(() => ({ body: { muted: false } }))
  const { user, unmount } = showDesk(<BotOut voice={voice} />, { status: { rights: runner } })
  await user.click(screen.getByRole('button', { name: 'Send the bot out' }))
  await waitFor(() => expect(sent[0]?.body).toEqual({ out: true }))
  unmount()
  const looks = { ...runner, areas: { ...runner.areas, show: 'look' as const } }
  showDesk(
    <>
      <BotOut voice={voice} />
      <BotVoice voice={voice} />
    </>,
    { status: { rights: looks } },
  )
  expect(screen.queryByRole('button')).toBeNull()
  expect(screen.getByText('Bot speaks')).toBeDefined()
})
