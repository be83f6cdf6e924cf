import { describe, expect, test } from 'vitest'
import { readImport } from '#core/people'
import { guessColumns, parsed, partsOf } from './importFile.ts'

describe('a file of people', () => {
  test.each([
    ['name,balance,hours\npia,120,1.5\n', 'commas'],
    ['\ufeffname;balance;hours\r\npia;120;1:30\r\n', 'semicolons, as spreadsheets write'],
    ['name\tbalance\thours\n"pia"\t"1 20"\t1.5', 'tabs'],
  ])('is read with %j (%s)', (text) => {
    const { heads, rows } = parsed('f.csv', text.replace('1 20', '120'))
    const read = readImport(rows, guessColumns(heads), 2)
    expect(read).toEqual({ lines: [{ account: 'pia', name: 'pia', balance: 120, seconds: 5400 }], problems: [] })
  })

  test('without anybody in it says so', () =>
    expect(() => parsed('f.csv', 'name,balance\n')).toThrow(/holds no people/))

  test('finds columns by their headings, whatever their order', () => {
    expect(guessColumns(['Points', 'First seen', 'User_Name', 'Watch time'])).toEqual({ name: 2, balance: 0, hours: 3 })
    expect(guessColumns(['a', 'b'])).toEqual({ name: undefined, balance: undefined, hours: undefined })
  })

  test('of 50,000 lines of which 300 are broken lists those 300 and takes the others', () => {
    const rows = Array.from({ length: 50_000 }, (_, i) => [`viewer${i}`, i % 167 === 0 ? 'broken' : String(i)])
    const { lines, problems } = readImport(rows, { name: 0, balance: 1 }, 2)
    expect(problems).toHaveLength(300)
    expect(lines).toHaveLength(49_700)
    expect(problems[1]).toEqual({
      line: 169,
      problem: '"broken" is not a balance. Give a whole number from 0 up.',
    })
  })

  test('is handed in in parts that are known again by what is in them', async () => {
    const lines = Array.from({ length: 2500 }, (_, i) => ({
      account: `v${i}`,
      name: `v${i}`,
      balance: i,
      seconds: null,
    }))
    const parts = await partsOf(lines, 'add')
    expect(parts.map((part) => part.lines.length)).toEqual([1000, 1000, 500])
    expect((await partsOf(lines, 'add')).map(({ digest }) => digest)).toEqual(parts.map(({ digest }) => digest))
    expect((await partsOf(lines, 'set'))[0]?.digest).not.toBe(parts[0]?.digest)
  })
})
