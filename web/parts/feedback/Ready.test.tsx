import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { notReady } from '#core/runs'
import { showPage } from '../../../testing/web/page.tsx'
import { Ready, SharedFaults, saidAbove } from './Ready.tsx'

const overlay = notReady('No overlay is connected.', '/screen', 'Connect one')
const ALL = [overlay, { ...overlay, more: 1 }, overlay]

test('what many rows share is said once, with its number and the way to fix it', () => {
  showPage(<SharedFaults all={ALL} many="rewards" />)
  expect(screen.getAllByText('No overlay is connected.')).toHaveLength(1)
  expect(screen.getByText('3 rewards')).toBeDefined()
  expect(screen.getByRole('link', { name: 'Connect one' }).getAttribute('href')).toBe('/screen')
})

test('a row then bears a mark for it, and still says that more is wrong', () => {
  showPage(<Ready ready={{ ...overlay, more: 1 }} said={saidAbove(ALL)} />)
  expect(screen.getByText('See above').getAttribute('title')).toBe('No overlay is connected.')
  expect(screen.getByText('(and 1 more)')).toBeDefined()
  expect(screen.queryByRole('link')).toBeNull()
})

test('what is wrong with a row alone is said there, with the way to fix it', () => {
  showPage(<Ready ready={notReady('Sold out.', '/store')} said={saidAbove(ALL)} />)
  expect(screen.getByText('Sold out.')).toBeDefined()
  expect(screen.getByRole('link', { name: 'Fix it' })).toBeDefined()
})
