import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answering, showPage } from '../../../testing/web/page.tsx'
import { AccountsPart } from './Accounts.tsx'

const ALONE = { signedIn: 'pia_ohm', separate: false, chat: [], others: [], ways: [] }

const shown = (told: object) => {
  answering(() => ({ body: { ...ALONE, ...told } }))
  return showPage(<AccountsPart />)
}

test('where there is one way to sign in, and chat knows people by it, nothing is said', async () => {
  shown({})
  await new Promise((done) => setTimeout(done, 50))
  expect(document.body.textContent).not.toContain('My accounts')
})

test('another account is linked by signing in with it, and what is linked is told', async () => {
  shown({
    others: [{ issuer: 'The guild', account: 'pia' }],
    ways: [
      { id: 0, name: 'Workbench' },
      { id: 1, name: 'The guild' },
    ],
  })
  expect(await screen.findByText(/Linked: pia \(The guild\)\./)).toBeDefined()
  const address = screen.getByRole('link', { name: 'The guild' }).getAttribute('href')
  expect(address).toMatch(/^\/auth\/viewer\/start\?return=.*&with=1&link=/)
  expect(screen.queryByRole('button', { name: /Link my chat account/ })).toBeNull()
})

test('an account in chat is linked by a code', async () => {
  shown({ separate: true })
  expect(await screen.findByText(/No account in chat is linked yet/)).toBeDefined()
  expect(screen.getByRole('button', { name: 'Link my chat account' })).toBeDefined()
})
