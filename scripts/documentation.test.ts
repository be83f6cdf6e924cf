import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { documents, errorsTable, factsTable, withGenerated } from './documentation.ts'

test('the documents, and the types of the API, are as facts, errors and routes are declared; npm run docs makes them anew', async () => {
  for (const [file, text] of Object.entries(await documents())) expect(readFileSync(file, 'utf8')).toBe(text)
  expect(factsTable()).toContain('| `store.stock` | everyone | So many of a reward are left. | `reward`, `left` |')
  expect(errorsTable()).toContain('| `order_not_found` | 404 |')
})

test('what is generated stands between its marks, and nothing else changes', () => {
  const [begin, end] = ['<!-- list: made by `npm run docs` -->', '<!-- list: end -->']
  expect(withGenerated(`a\n${begin}\nold\n${end}\nz`, 'list', 'new')).toBe(`a\n${begin}\nnew\n${end}\nz`)
  expect(() => withGenerated('a', 'list', 'new')).toThrow('no place for list')
})
