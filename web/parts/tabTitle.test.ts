import { expect, test } from 'vitest'
import { tabTitle } from './tabTitle.ts'

test.each([
  [{ waiting: 0, page: '', site: 'Workbench' }, 'Workbench'],
  [{ waiting: 0, page: 'Orders', site: 'Workbench' }, 'Orders · Workbench'],
  [{ waiting: 3, page: 'Orders', site: 'Workbench' }, '(3) Orders · Workbench'],
  [{ waiting: 3, page: '', site: 'Workbench' }, '(3) Workbench'],
])('a tab says how much waits, which page it is and whose: %j', (tab, title) => expect(tabTitle(tab)).toBe(title))
