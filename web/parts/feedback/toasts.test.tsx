import { screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { Button } from '../Button.tsx'
import { Loading, Problem } from './Notice.tsx'
import { type Toast, useToast } from './toasts.tsx'

function Says({ toast }: { toast: Toast }) {
  const say = useToast()
  return <Button onClick={() => say(toast)}>Do it</Button>
}

test('what happened is said in passing, with its way back, which is used once', async () => {
  const undo = vi.fn()
  const { user } = showPage(<Says toast={{ text: 'Done: the lamp.', undo }} />)
  await user.click(screen.getByRole('button', { name: 'Do it' }))
  expect(screen.getByRole('status').textContent).toContain('Done: the lamp.')
  await user.click(screen.getByRole('button', { name: 'Undo' }))
  expect(undo).toHaveBeenCalledOnce()
  expect(screen.queryByText('Done: the lamp.')).toBeNull()
})

test('never more than three are shown, and each can be closed', async () => {
  const { user } = showPage(<Says toast={{ text: 'Again.' }} />)
  for (let i = 0; i < 5; i++) await user.click(screen.getByRole('button', { name: 'Do it' }))
  expect(screen.getAllByText('Again.')).toHaveLength(3)
  for (const close of screen.getAllByRole('button', { name: 'Close this message' })) await user.click(close)
  expect(screen.queryByText('Again.')).toBeNull()
})

test('a problem says what it is, and tries again only where that can help', async () => {
  const retry = vi.fn()
  const { user, again } = showPage(<Problem error={new Error('The server does not answer.')} retry={retry} />)
  expect(screen.getByRole('alert').textContent).toContain('The server does not answer.')
  await user.click(screen.getByRole('button', { name: 'Try again' }))
  expect(retry).toHaveBeenCalledOnce()
  again(<Problem error={new Error('That name is taken.')} />)
  expect(screen.queryByRole('button')).toBeNull()
})

test('what is on its way is said', () => {
  showPage(<Loading what="the orders" />)
  expect(screen.getAllByRole('status').some((one) => one.textContent === 'Loading the orders …')).toBe(true)
})
