import { afterAll, expect } from 'vitest'
import { unnamedStatements, watchStatements } from './statements.ts'

watchStatements()

// At the end of each file, so that it is known whose it was.
afterAll(() => expect(unnamedStatements(), 'statements that name no channel').toEqual([]))
