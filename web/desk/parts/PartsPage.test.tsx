import { screen, within } from '@testing-library/react'
import axe from 'axe-core'
import { expect, test } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { setWide } from '../../../testing/web/window.ts'
import { PartsPage } from './PartsPage.tsx'

/** What axe finds on the page; colours need a real browser, where the browser tests look at them. */
async function found(): Promise<string[]> {
  const { violations } = await axe.run(document.body, {
    rules: { 'color-contrast': { enabled: false }, region: { enabled: false } },
  })
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`)
}

test.each([
  ['a wide window', true],
  ['a phone', false],
])('no part has an accessibility violation in %s', async (_, wide) => {
  setWide(wide)
  showPage(<PartsPage />)
  expect(await found()).toEqual([])
})

test('nor has a dialog or a panel that is open', async () => {
  const { user } = showPage(<PartsPage />)
  await user.click(screen.getByRole('button', { name: 'Open a dialog' }))
  expect(await found()).toEqual([])
  await user.keyboard('{Escape}')
  await user.click(screen.getByRole('button', { name: 'Open a side panel' }))
  expect(within(screen.getByRole('dialog')).getByRole('tab', { name: 'Steps' })).toBeDefined()
  expect(await found()).toEqual([])
})
