import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { factsTable, protocols, withGenerated } from './documentation.ts'

test('docs/protocols.md has every kind of fact as it is declared; npm run docs makes it anew', () => {
  expect(readFileSync('docs/protocols.md', 'utf8')).toBe(protocols())
  expect(factsTable()).toContain('| `store.stock` | everyone | So many of a reward are left. | `reward`, `left` |')
})

test('what is generated stands between its marks, and nothing else changes', () => {
  const [begin, end] = ['<!-- list: made by `npm run docs` -->', '<!-- list: end -->']
  expect(withGenerated(`a\n${begin}\nold\n${end}\nz`, 'list', 'new')).toBe(`a\n${begin}\nnew\n${end}\nz`)
  expect(() => withGenerated('a', 'list', 'new')).toThrow('no place for list')
})
