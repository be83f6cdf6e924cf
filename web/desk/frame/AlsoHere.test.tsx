import { screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { AlsoHere } from './AlsoHere.tsx'

function Form({ name }: { readonly name: string }) {
  const { draft } = useDraft(name, { price: 3 })
  return <p>{draft.price}</p>
}

test('who has the same form open is named, and nobody where none is open that others could have', async () => {
  const sent = answering(() => ({ body: { others: [{ form: 'reward/3', name: 'Rosa' }] } }))
  const { unmount } = showDesk(
    <>
      <AlsoHere />
      <Form name="reward/3" />
      <Form name="reward/new" />
      <Form name="ranks" />
    </>,
  )
  expect(await screen.findByText(/^Rosa has the same form open/)).toBeDefined()
  expect(sent[0]?.body).toEqual({ forms: ['ranks', 'reward/3'] })
  unmount()
  const before = sent.length
  showDesk(
    <>
      <AlsoHere />
      <Form name="command/new" />
    </>,
  )
  await waitFor(() => expect(screen.getByText('3')).toBeDefined())
  expect(screen.queryByText(/same form open/)).toBeNull()
  expect(sent).toHaveLength(before)
})
