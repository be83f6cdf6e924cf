import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { expect, test } from 'vitest'

const FOLDER = 'server/migrations'
const checksumOf = (file: string) =>
  createHash('sha256')
    .update(readFileSync(`${FOLDER}/${file}`))
    .digest('hex')

test('no released migration was edited: installations have been through it as it was', () => {
  const released = readFileSync(`${FOLDER}/released.sha256`, 'utf8').trimEnd().split('\n')
  const names = released.map((line) => line.split('  ')[1] ?? '')
  expect(names.map((file) => `${checksumOf(file)}  ${file}`)).toEqual(released)
  const files = readdirSync(FOLDER)
    .filter((file) => file.endsWith('.sql'))
    .sort()
  // New ones come after those that are released.
  expect(files.slice(0, released.length)).toEqual(names)
})
