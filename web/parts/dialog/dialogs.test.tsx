import { screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { FormDialog } from './FormDialog.tsx'
import { SidePanel } from './SidePanel.tsx'
import { SignInDialog } from './SignInDialog.tsx'

function Panel({ close }: { close: () => void }) {
  const [part, setPart] = useState('Command')
  return (
    <SidePanel
      title="!lamp"
      close={close}
      parts={['Command', 'Steps']}
      part={part}
      setPart={setPart}
      foot={<p>Saved.</p>}
    >
      <p>The part {part}</p>
    </SidePanel>
  )
}

test('a panel has its name, its parts as tabs, and its foot always in view', async () => {
  const { user } = showPage(<Panel close={() => {}} />)
  expect(screen.getByRole('dialog', { name: '!lamp' })).toBeDefined()
  expect(screen.getByRole('tab', { name: 'Command' }).getAttribute('aria-selected')).toBe('true')
  await user.click(screen.getByRole('tab', { name: 'Steps' }))
  expect(screen.getByRole('tabpanel', { name: 'Steps' }).textContent).toBe('The part Steps')
  expect(screen.getByText('Saved.')).toBeDefined()
})

test('a panel closes by Escape and by its button, and asks nothing: what was typed is kept', async () => {
  const close = vi.fn()
  const { user } = showPage(<Panel close={close} />)
  await user.keyboard('{Escape}')
  await user.click(screen.getByRole('button', { name: /Close/ }))
  expect(close).toHaveBeenCalledTimes(2)
})

test('a dialog has its title and closes by Escape', async () => {
  const close = vi.fn()
  const { user } = showPage(
    <FormDialog title="Add somebody" close={close}>
      <input aria-label="Name" />
    </FormDialog>,
  )
  expect(screen.getByRole('dialog', { name: 'Add somebody' })).toBeDefined()
  await user.keyboard('{Escape}')
  expect(close).toHaveBeenCalledOnce()
})

test('signing in again says what asks for it and comes back to this page', () => {
  showPage(<SignInDialog scope="desk" why="What cannot be undone" close={() => {}} />)
  expect(screen.getByText(/What cannot be undone asks for a sign-in/)).toBeDefined()
  expect(screen.getByRole('link', { name: 'Sign in again' }).getAttribute('href')).toContain('/auth/desk')
})
