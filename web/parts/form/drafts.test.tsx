import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { Button } from '../Button.tsx'
import { DraftConflict } from './DraftConflict.tsx'
import { useDraft, useUnsavedPages } from './drafts.tsx'
import { UnsavedList } from './UnsavedList.tsx'

interface Reward {
  readonly name: string
  readonly price: number
}

const LAMP: Reward = { name: 'Lamp', price: 100 }

function Form({ live, save }: { live: Reward; save?: (sent: Reward) => void }) {
  const { draft, put, discard, settle, changed, conflict } = useDraft('reward/1', live)
  return (
    <>
      <label>
        Name
        <input value={draft.name} onChange={(event) => put({ ...draft, name: event.target.value })} />
      </label>
      <label>
        Price
        <input
          value={draft.price}
          onChange={(event) => put((now) => ({ ...now, price: Number(event.target.value) }))}
        />
      </label>
      <DraftConflict conflict={conflict} />
      {changed && <Button onClick={discard}>Discard</Button>}
      {changed && (
        <Button
          onClick={() => {
            save?.(draft)
            settle(draft)
          }}
        >
          Save
        </Button>
      )}
    </>
  )
}

const Pages = () => <p>{[...useUnsavedPages()].join(' ') || 'all saved'}</p>

const retype = async (user: ReturnType<typeof showPage>['user'], label: string, text: string) => {
  await user.clear(screen.getByLabelText(label))
  await user.type(screen.getByLabelText(label), text)
}

test('what was typed is there again after the page was left and loaded anew, until it is discarded', async () => {
  const first = showPage(<Form live={LAMP} />)
  await retype(first.user, 'Name', 'Big lamp')
  first.unmount()
  const { user } = showPage(<Form live={LAMP} />)
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Big lamp')
  await user.click(screen.getByText('Discard'))
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Lamp')
  expect(screen.queryByText('Save')).toBeNull()
})

test('somebody else who signs in at the same device sees nothing of it', async () => {
  const { user, unmount } = showPage(<Form live={LAMP} />)
  await retype(user, 'Name', 'Big lamp')
  unmount()
  showPage(<Form live={LAMP} />, { scope: 'bench/pia' })
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Lamp')
})

test('a form that was not touched follows what others save', () => {
  const { again } = showPage(<Form live={LAMP} />)
  again(<Form live={{ name: 'Lamp', price: 300 }} />)
  expect(screen.getByLabelText('Price')).toHaveProperty('value', '300')
})

test('another field that somebody else saved joins what was typed, without a question', async () => {
  const { user, again } = showPage(<Form live={LAMP} />)
  await retype(user, 'Name', 'Big lamp')
  again(<Form live={{ name: 'Lamp', price: 300 }} />)
  expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Big lamp')
  expect(screen.getByLabelText('Price')).toHaveProperty('value', '300')
  expect(screen.queryByRole('alert')).toBeNull()
})

test.each([
  ['Keep mine', 'Big lamp'],
  ['Use what is saved now', 'Small lamp'],
])('the same field, saved differently meanwhile, shows both versions: %s leaves %s', async (press, name) => {
  const { user, again } = showPage(<Form live={LAMP} />)
  await retype(user, 'Name', 'Big lamp')
  again(<Form live={{ name: 'Small lamp', price: 100 }} />)
  const told = screen.getByRole('alert').textContent
  expect(told).toContain('Big lamp')
  expect(told).toContain('Small lamp')
  await user.click(screen.getByText(press))
  expect(screen.queryByRole('alert')).toBeNull()
  expect(screen.getByLabelText('Name')).toHaveProperty('value', name)
})

test('what is saved leaves nothing behind, and its page is no longer marked', async () => {
  const { user, again } = showPage(
    <>
      <Form live={LAMP} />
      <Pages />
    </>,
    { at: '/store' },
  )
  await retype(user, 'Price', '250')
  expect(screen.getByText('/store')).toBeDefined()
  await user.click(screen.getByText('Save'))
  again(
    <>
      <Form live={{ name: 'Lamp', price: 250 }} />
      <Pages />
    </>,
  )
  expect(screen.getByText('all saved')).toBeDefined()
  expect(window.localStorage.length).toBe(0)
})

test('a list names the drafts of its kind, opens one, and lets go of one whose thing was removed', async () => {
  const opened: string[] = []
  const list = (names: Readonly<Record<string, string>>) => (
    <UnsavedList kind="reward" nameOf={(id) => names[id]} open={(id) => opened.push(id)} />
  )
  const { user, again } = showPage(
    <>
      <Form live={LAMP} />
      {list({ 1: 'Lamp' })}
    </>,
  )
  expect(screen.queryByRole('region', { name: 'Unsaved changes' })).toBeNull()
  await retype(user, 'Name', 'Big lamp')
  await user.click(screen.getByRole('button', { name: 'Lamp' }))
  expect(opened).toEqual(['1'])
  again(list({}))
  await user.click(screen.getByRole('button', { name: /removed/ }))
  expect(screen.queryByRole('region', { name: 'Unsaved changes' })).toBeNull()
})
