import { execFileSync } from 'node:child_process'
import { expect } from 'vitest'
import { folderWith } from './started.ts'

/** Another maker's reader of comma-separated values finds nothing amiss with a file, and every moment in it bears its zone. */
export function expectClean(text: string): void {
  const folder = folderWith('csv', { 'file.csv': () => text })
  expect(execFileSync('csvclean', ['-n', `${folder}/file.csv`], { encoding: 'utf8' })).toBe('No errors.\n')
  expect(text.match(/\d{4}-\d\d-\d\d[ T]\d\d:\d\d(?!:\d\dZ)/)).toBeNull()
}
