import { screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { answering, showPage } from '../../../testing/web/page.tsx'
import { api } from '../api.ts'
import { ApplyFoot } from './ApplyFoot.tsx'
import { RemoveButton } from './RemoveButton.tsx'
import { SaveFoot } from './SaveFoot.tsx'
import { type SavedAt, useSaved } from './useSaved.ts'

interface Alert {
  readonly name: string
  readonly title: string
}

const READY = { ready: true, sentence: 'Ready.', more: 0, fix: null }
const FRESH: Alert = { name: '', title: '' }

function at(save: SavedAt<Alert>['save']): SavedAt<Alert> {
  return { save, remove: () => api.POST('/desk/alerts/{id}/remove', { params: { path: { id: 1 } } }), outdates: [] }
}

function Panel({ save, alert }: { save: SavedAt<Alert>['save']; alert?: { id: number; settings: Alert } }) {
  const saved = useSaved('alert', at(save), { id: alert?.id ?? null, settings: alert?.settings ?? FRESH })
  const { draft, put: putDraft } = saved
  return (
    <>
      <input
        aria-label="Name"
        value={draft.name}
        onChange={(event) => putDraft({ ...draft, name: event.target.value })}
      />
      <SaveFoot
        saved={saved}
        wrong={draft.name === '' ? 'Type a name.' : undefined}
        ready={READY}
        nameOf={({ name }) => name}
        close={() => {}}
      />
    </>
  )
}

const type = async (user: ReturnType<typeof showPage>['user'], text: string) => {
  await user.clear(screen.getByLabelText('Name'))
  await user.type(screen.getByLabelText('Name'), text)
}

test('a new one is told what it lacks, saved, and is saved from then on', async () => {
  const save = vi.fn(async (id: number | null, settings: Alert) => ({ id: id ?? 7, settings }))
  const { user } = showPage(<Panel save={save} />)
  expect(screen.getByRole('alert').textContent).toBe('Type a name.')
  expect(screen.getByRole('button', { name: 'Save now' })).toHaveProperty('disabled', true)
  await type(user, 'Spark')
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  expect(await screen.findByText('Saved.')).toBeDefined()
  await type(user, 'Sparks')
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  await waitFor(() => expect(save.mock.calls.map(([id]) => id)).toEqual([null, 7]))
  expect(await screen.findByText('Saved.')).toBeDefined()
})

test('a refusal stays in the form with what was typed, until it is saved', async () => {
  const save = vi
    .fn()
    .mockRejectedValueOnce(new Error('That name is taken.'))
    .mockImplementation(async (_, settings) => ({ id: 7, settings }))
  const { user } = showPage(<Panel save={save} alert={{ id: 7, settings: { name: 'Spark', title: '' } }} />)
  await type(user, 'Flash')
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  expect((await screen.findByRole('alert')).textContent).toContain('That name is taken.')
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Flash')
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  expect(await screen.findByText('Saved.')).toBeDefined()
  expect(screen.queryByRole('alert')).toBeNull()
})

test('what is typed while it is being saved stays, on top of what was saved', async () => {
  let answer: (saved: { id: number; settings: Alert }) => void = () => {}
  const save = () => new Promise<{ id: number; settings: Alert }>((done) => (answer = done))
  const { user } = showPage(<Panel save={save} alert={{ id: 7, settings: { name: 'Spark', title: '' } }} />)
  await type(user, 'Flash')
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  await type(user, 'Flashes')
  answer({ id: 7, settings: { name: 'Flash', title: '' } })
  expect(await screen.findByRole('button', { name: 'Save now' })).toBeDefined()
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Flashes')
  await user.click(screen.getByRole('button', { name: 'Discard changes' }))
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Flash')
})

test('somebody else saving something different stops the saving until it is decided', async () => {
  const save = vi.fn(async (id: number | null, settings: Alert) => ({ id: id ?? 7, settings }))
  const alert = (name: string) => ({ id: 7, settings: { name, title: '' } })
  const { user, again } = showPage(<Panel save={save} alert={alert('Spark')} />)
  await type(user, 'Flash')
  again(<Panel save={save} alert={alert('Glow')} />)
  expect(screen.getByText('Somebody else saved this while you were typing.')).toBeDefined()
  expect(screen.getByRole('button', { name: 'Save now' })).toHaveProperty('disabled', true)
  await user.click(screen.getByRole('button', { name: 'Keep mine' }))
  await user.click(screen.getByRole('button', { name: 'Save now' }))
  // With what it was changed from, so that the server can tell whether yet another save came between.
  await waitFor(() => expect(save).toHaveBeenCalledWith(7, { name: 'Flash', title: '' }, { name: 'Glow', title: '' }))
})

test('a new one that is closed before it was saved is there when the next is begun', async () => {
  const save = vi.fn()
  const first = showPage(<Panel save={save} />)
  await type(first.user, 'Spark')
  first.unmount()
  showPage(<Panel save={save} />)
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Spark')
  expect(screen.getByText('Unsaved changes.')).toBeDefined()
})

test('removing asks with the name first, and a refusal is said', async () => {
  const sent = answering(() => ({ status: 409, body: { code: 'alert_used', detail: '“Spark” is shown by a reward.' } }))
  const close = vi.fn()
  const { user } = showPage(
    <RemoveButton
      send={() => api.POST('/desk/alerts/{id}/remove', { params: { path: { id: 1 } } })}
      name="“Spark”"
      close={close}
    />,
  )
  await user.click(screen.getByRole('button', { name: 'Remove' }))
  expect(sent).toEqual([])
  await user.click(screen.getByRole('button', { name: 'Remove “Spark”?' }))
  expect(await screen.findByText('“Spark” is shown by a reward.')).toBeDefined()
  expect(close).not.toHaveBeenCalled()
})

test('removing is forgotten when the focus goes elsewhere', async () => {
  const sent = answering(() => ({ body: {} }))
  const { user } = showPage(
    <>
      <RemoveButton
        send={() => api.POST('/desk/alerts/{id}/remove', { params: { path: { id: 1 } } })}
        name="“Spark”"
        close={() => {}}
      />
      <button type="button">Elsewhere</button>
    </>,
  )
  await user.click(screen.getByRole('button', { name: 'Remove' }))
  await user.tab()
  expect(screen.getByRole('button', { name: 'Remove' })).toBeDefined()
  expect(sent).toEqual([])
})

test('the foot of a form offers to apply only what can be, and says what is wrong', () => {
  const foot = (wrong?: string) => (
    <ApplyFoot changed wrong={wrong} pending={false} error={null} discard={() => {}} conflict={undefined} />
  )
  const { again } = showPage(foot('Type a number above 0.'))
  expect(screen.getByRole('alert').textContent).toBe('Type a number above 0.')
  expect(screen.getByRole('button', { name: 'Apply now' })).toHaveProperty('disabled', true)
  again(foot())
  expect(screen.queryByRole('alert')).toBeNull()
  expect(screen.getByRole('button', { name: 'Apply now' })).toHaveProperty('disabled', false)
})
