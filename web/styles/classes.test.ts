import { readdirSync, readFileSync } from 'node:fs'
import { expect, test } from 'vitest'

const files = readdirSync('web', { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.tsx'))

test('pages use the sizes, spaces and columns that are named in the theme, and none of their own', () => {
  expect(files.length).toBeGreaterThan(150)
  const own = files
    .filter((file) => !file.startsWith('parts/'))
    .flatMap((file) =>
      [...readFileSync(`web/${file}`, 'utf8').matchAll(/[a-z]-\[[^\]\s]+\]/g)].map(([one]) => `${file}: ${one}`),
    )
  expect(own).toEqual([])
})
