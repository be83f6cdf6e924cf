import { screen } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { Broken, NoSuchPage } from './Broken.tsx'

function Fails(): never {
  throw new Error('The form cannot be read.')
}

afterEach(() => void vi.restoreAllMocks())

test('a page that fails says so, why, and what helps', () => {
  vi.spyOn(console, 'error').mockImplementation(() => {})
  showPage(
    <Broken>
      <Fails />
    </Broken>,
  )
  expect(screen.getByRole('heading', { name: 'Something went wrong on this page' })).toBeDefined()
  expect(screen.getByText('The form cannot be read.')).toBeDefined()
  expect(screen.getByRole('button', { name: 'Reload the page' })).toBeDefined()
  expect(screen.queryByRole('button', { name: /Discard/ })).toBeNull()
})

test('where unsaved text may be why, it offers to discard that', () => {
  vi.spyOn(console, 'error').mockImplementation(() => {})
  window.localStorage.setItem('ricompensa/draft/bench/wanda/zone', JSON.stringify({ draft: 1, base: 2, page: '/' }))
  showPage(
    <Broken>
      <Fails />
    </Broken>,
  )
  expect(screen.getByRole('button', { name: 'Discard unsaved changes and reload' })).toBeDefined()
})

test('an address that leads nowhere leads to the first page', () => {
  showPage(<NoSuchPage home="/desk/bench" />)
  expect(screen.getByRole('link').getAttribute('href')).toBe('/desk/bench')
})
