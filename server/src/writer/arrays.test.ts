import fc from 'fast-check'
import { expect, test } from 'vitest'
import { testDatabase } from '../../../testing/server/database.ts'
import { arrayLiteral } from './arrays.ts'

/** What cannot be kept, as the sign that stands for it. */
const kept = (text: string) => text.replaceAll('\0', '\ufffd').replace(/[\ud800-\udfff]/gu, '\ufffd')

test('PostgreSQL reads back every text and every JSON as it was written', async () => {
  const { pool } = await testDatabase()
  const text = fc.oneof(
    fc.string({ unit: 'binary' }),
    fc.constantFrom('null', 'NULL', '', ' ', '{}', '"', '\\', '\\u0000', 'a,b'),
  )
  await fc.assert(
    fc.asyncProperty(fc.array(fc.option(text), { maxLength: 30 }), async (texts) => {
      const values = [
        arrayLiteral(texts),
        arrayLiteral(
          texts.map((one) => ({ one })),
          true,
        ),
      ]
      const found = await pool.query('select $1::text[] as texts, $2::jsonb[] as json', values)
      const expected = texts.map((one) => (one === null ? null : kept(one)))
      expect(found.rows[0].texts).toEqual(expected)
      expect(found.rows[0].json).toEqual(expected.map((one) => ({ one })))
    }),
    { numRuns: 100 },
  )
})
