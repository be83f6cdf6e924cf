import { screen, within } from '@testing-library/react'
import { expect, test } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { HeadedPage, PageActions, PageHead } from './PageHead.tsx'

const TABS = [
  { to: '/store', name: 'Rewards' },
  { to: '/store/orders', name: 'Orders', note: '4 waiting' },
]

test('the title comes first, then what can be done, then the tabs, and the page after its head', () => {
  showPage(
    <HeadedPage title="Store" tabs={TABS}>
      <PageActions note="10 rewards">
        <button type="button">Add a reward</button>
      </PageActions>
      <p>The list</p>
    </HeadedPage>,
    { at: '/store' },
  )
  const head = within(screen.getByRole('banner'))
  expect(head.getByRole('heading', { level: 1 }).textContent).toBe('Store')
  const order = [
    head.getByRole('heading', { name: 'Store' }),
    head.getByText('10 rewards'),
    head.getByRole('button', { name: 'Add a reward' }),
    head.getByRole('navigation', { name: 'Tabs of Store' }),
    screen.getByText('The list'),
  ]
  for (const [i, one] of order.slice(1).entries())
    expect(order[i]?.compareDocumentPosition(one)).toBe(Node.DOCUMENT_POSITION_FOLLOWING)
})

test('a tab says what waits there, and which one is open', () => {
  showPage(<PageHead title="Orders" tabs={TABS} />, { at: '/store/orders' })
  expect(screen.getByRole('link', { name: 'Orders (4 waiting)' }).getAttribute('aria-current')).toBe('page')
  expect(screen.getByRole('link', { name: 'Rewards' }).getAttribute('aria-current')).toBeNull()
})

test('the tab of the window is called after the page', () => {
  showPage(<PageHead title="Half the jar" back={{ to: '/raffles', name: 'Raffles' }} />)
  expect(document.title).toContain('Half the jar')
  expect(screen.getByRole('link', { name: 'Raffles' }).getAttribute('href')).toBe('/raffles')
})

test('without a head above, actions stand where they are', () => {
  showPage(
    <PageActions>
      <button type="button">Add a file</button>
    </PageActions>,
  )
  expect(screen.getByRole('button', { name: 'Add a file' })).toBeDefined()
})
