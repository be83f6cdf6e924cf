import { readdirSync, readFileSync } from 'node:fs'
import { expect, test } from 'vitest'

const sources = readdirSync('web', { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.tsx'))

test('every head of a table says whether it is that of its column or of its row', () => {
  const heads = sources.flatMap((file) =>
    [...readFileSync(`web/${file}`, 'utf8').matchAll(/<th(?=[\s>])[^>]*/g)].map(([tag]) => ({ file, tag })),
  )
  expect(heads.length).toBeGreaterThan(20)
  expect(heads.filter(({ tag }) => !/\sscope=/.test(tag))).toEqual([])
})
