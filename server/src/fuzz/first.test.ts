import { test } from 'vitest'
import { fuzz, LIMIT_MS } from '../../../testing/server/fuzz.ts'

// Of two files, so that they run side by side.
test('nothing that is thrown at it makes the server stumble or the sums wrong: first half', () => fuzz(0), LIMIT_MS)
