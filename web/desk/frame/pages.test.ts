import { expect, test } from 'vitest'
import { headOf, PAGES } from './pages.ts'

test.each([
  ['/store', 'Store'],
  ['/store/', 'Store'],
  ['/store/orders', 'Orders'],
  ['/ranks', 'Ranks and circles'],
  ['/screen/library', 'Library'],
])('the page %s is called %s', (address, title) => expect(headOf(address)?.title).toBe(title))

test.each(['/', '/raffles/12', '/raffles/new', '/screen/overlays/3', '/nowhere'])('%s draws its own head', (address) =>
  expect(headOf(address)).toBeUndefined(),
)

test('pages that belong together have the same tabs, whichever of them is open', () => {
  const together = PAGES.flatMap(({ pages }) => pages).flatMap(({ tabs }) => (tabs === undefined ? [] : [tabs]))
  expect(together.length).toBeGreaterThan(3)
  for (const tabs of together) for (const { to } of tabs) expect(headOf(to)?.tabs).toBe(tabs)
})
