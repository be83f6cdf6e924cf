import fc from 'fast-check'
import Papa from 'papaparse'
import { expect, test } from 'vitest'
import { IMPORT_COLUMNS, type ImportColumn, type NamedCircle, NICK, readImport } from '#core/people'
import { testDesk } from '../../../testing/server/desk.ts'
import { expectClean } from '../../../testing/server/peers/csvclean.ts'

const name = fc.oneof(
  fc.stringMatching(/^[a-z0-9_]{1,20}$/),
  fc.constantFrom('=sum(a1)', "'=sum(a1)", '+1', '-1', '@home', "it's", 'a,b', 'a;b', '"quoted"', 'Jörg', '🙂'),
)
const time = fc.option(fc.integer({ min: 1_600_000_000, max: 1_790_000_000 }), { nil: null })

/** Somebody as a file could have them; under each account once. */
const somebody = fc.record({
  issuer: fc.constantFrom('', NICK, 'irc:chat.example'),
  account: name,
  name,
  balance: fc.nat({ max: 1_000_000_000_000 }),
  seconds: fc.nat({ max: 10_000_000 }),
  kept: fc.record({
    nickname: fc.option(fc.constantFrom('Aunt Pia', 'the, "First"', '=1+1'), { nil: null }),
    moderator: fc.boolean(),
    followedAt: time,
    tier: fc.integer({ min: 0, max: 3 }),
    subscribedUntil: time,
    circles: fc.subarray([0, 1, 2]),
    ignored: fc.boolean(),
    unlisted: fc.boolean(),
  }),
})

const CIRCLES = ['Crew', 'Bench; and lamp', 'lamp']

/** A channel with circles of those names, in an order of its own. */
async function channelWith(names: readonly string[]) {
  const desk = await testDesk([])
  const rules = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }
  const circles: NamedCircle[] = []
  for (const name of names) {
    const made = await desk.call('PUT', '/desk/circles', { circle: null, settings: { name, rules, keep: false } })
    circles.push({ id: made.circle as number, name })
  }
  return { ...desk, circles }
}

/** A file as the desk saves it: its headings, and its lines in an order that hangs on nobody's id. */
async function saved(file: (path: string) => Promise<string>) {
  const text = await file('/desk/people.csv?shown=all')
  expectClean(text)
  const { data } = Papa.parse<string[]>(text.trimEnd())
  const [heads = [], ...rows] = data
  return { heads, rows: rows.sort((a, b) => (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1)) }
}

test('what goes out as a file comes in the same: balances, hours to the second, roles, circles, who is ignored', async () => {
  const from = await channelWith(CIRCLES)
  const to = await channelWith([...CIRCLES].reverse())
  let digest = 0
  const handIn = (desk: typeof to, lines: unknown) =>
    desk.call('POST', '/desk/people/import', { digest: String(++digest), lines, how: 'set' })
  const people = fc.uniqueArray(somebody, {
    minLength: 1,
    maxLength: 12,
    selector: ({ issuer, account }) => `${issuer} ${account}`,
  })
  await fc.assert(
    fc.asyncProperty(people, async (lines) => {
      const given = lines.map((line) => ({
        ...line,
        kept: { ...line.kept, circles: line.kept.circles.map((i) => from.circles[i]?.id) },
      }))
      expect(await handIn(from, given)).toMatchObject({ again: false })
      const out = await saved(from.file)
      const columns = Object.fromEntries(IMPORT_COLUMNS.map((column) => [column, out.heads.indexOf(column)])) as Record<
        ImportColumn,
        number
      >
      const read = readImport(out.rows, columns, 2, to.circles)
      expect(read.problems).toEqual([])
      expect(await handIn(to, read.lines)).toMatchObject({ again: false })
      const kept = (rows: readonly string[][]) =>
        rows.map((row) =>
          IMPORT_COLUMNS.map((column) =>
            column === 'circles' ? row[columns[column]]?.split('\n').sort() : row[columns[column]],
          ),
        )
      const sorted = (rows: readonly string[][]) =>
        kept(rows)
          .map((row) => JSON.stringify(row))
          .sort()
      expect(sorted((await saved(to.file)).rows)).toEqual(sorted(out.rows))
    }),
    { numRuns: 12 },
  )
})
