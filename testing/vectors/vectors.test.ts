import { readdirSync, readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { type Case, HOLDERS, wrongCases } from './index.ts'

const cases = (name: string) => JSON.parse(readFileSync(`testing/vectors/${name}.json`, 'utf8')) as Case[]

test.each(Object.keys(HOLDERS))('the rules hold every case of %s', (name) => {
  expect(cases(name).length).toBeGreaterThan(5)
  expect(wrongCases(name, cases(name))).toBe(0)
})

test('a case that is wrong is found, and rules that are not built are named as such', () => {
  const [first, ...rest] = cases('credit')
  expect(wrongCases('credit', [{ ...first, credited: -1 }, ...rest])).toBe(1)
  expect(wrongCases('not-built', [{}])).toBeUndefined()
  expect(readdirSync('testing/vectors').filter((file) => file.endsWith('.json')).length).toBeGreaterThan(10)
})
