import { screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { STAMPS } from '../../../testing/web/desk.tsx'
import { answering, showPage } from '../../../testing/web/page.tsx'
import type { CommandsView } from '../commands/view.ts'
import { TallyDialog } from './TallyDialog.tsx'

// The dialog itself looks at nothing of it before a tally is made.
const VIEW = {} as CommandsView

const fill = async (user: ReturnType<typeof showPage>['user'], label: string, text: string) => {
  await user.clear(screen.getByLabelText(label))
  await user.type(screen.getByLabelText(label), text)
}

test('a tally needs its names before it can be added', async () => {
  const { user } = showPage(<TallyDialog view={VIEW} tally={null} close={() => {}} />)
  const add = screen.getByRole('button', { name: 'Add the tally' })
  await fill(user, 'Name', 'Mugs')
  expect(add).toHaveProperty('disabled', true)
  await fill(user, 'Name for one', 'mug')
  await fill(user, 'Name for many', 'mugs')
  expect(add).toHaveProperty('disabled', false)
})

test('a change is sent whole, and the dialog closes once it is saved', async () => {
  const sent = answering(() => ({ body: { tally: 3 } }))
  const close = vi.fn()
  const { user } = showPage(<TallyDialog view={VIEW} tally={STAMPS} close={close} />)
  await fill(user, 'At most', '25')
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  await waitFor(() => expect(close).toHaveBeenCalled())
  expect(sent[0]).toMatchObject({ method: 'PUT', body: { name: 'Stamps', ceiling: 25, key: 'stamps' } })
})

test('a refusal stays in the dialog with what was typed', async () => {
  answering(() => ({ status: 409, body: { code: 'tally_invalid', detail: 'There is already a tally called "Mugs".' } }))
  const close = vi.fn()
  const { user } = showPage(<TallyDialog view={VIEW} tally={STAMPS} close={close} />)
  await fill(user, 'Name', 'Mugs')
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  expect((await screen.findByRole('alert')).textContent).toContain('already a tally')
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Mugs')
  expect(close).not.toHaveBeenCalled()
})
