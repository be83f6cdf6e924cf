import { describe, expect, test } from 'vitest'
import { readImport } from '#core/people'
import { FIRST_LINE, fileOfProblems, guessColumns, guessEncoding, parsed, partsOf } from './importFile.ts'

const bytes = (text: string) => new TextEncoder().encode(text)
const utf16 = (text: string, bigEndian: boolean, mark = true) => {
  const buffer = Buffer.from(`${mark ? '\ufeff' : ''}${text}`, 'utf16le')
  return new Uint8Array(bigEndian ? buffer.swap16() : buffer)
}
const PIA = { account: 'pia', name: 'pia', balance: 1200, seconds: 5400 }

function readIn(content: Uint8Array) {
  const { heads, rows } = parsed('f.csv', content)
  return readImport(rows, guessColumns(heads), 2)
}

describe('a file of people', () => {
  test.each([
    ['name,balance,hours\npia,1200,1.5\n', 'commas'],
    ['\ufeffname;balance;hours\r\npia;1.200;1:30\r\n', 'semicolons, as spreadsheets write'],
    ['name\tbalance\thours\n"pia"\t"1,200"\t1.5', 'tabs'],
    ['name|balance|hours\rpia|1200.0|1.5\r', 'bars, and lines as old machines end them'],
    ['sep=;\r\nname;balance;hours\r\npia;1 200;1.5\r\n', 'a line that says what parts them'],
    ['hours,balance,name,about\n1.5,1200,pia,"two\nlines"\n', 'line ends within a cell'],
  ])('is read with %j (%s)', (text) => expect(readIn(bytes(text))).toEqual({ lines: [PIA], problems: [] }))

  test.each([
    [utf16('name,balance,hours\npia,1200,1.5', false), 'utf-16le'],
    [utf16('name,balance,hours\npia,1200,1.5', true), 'utf-16be'],
    [utf16('name,balance,hours\npia,1200,1.5', false, false), 'utf-16le'],
    [bytes('name,balance,hours\npia,1200,1.5'), 'utf-8'],
  ])('is read however its letters are written', (content, encoding) => {
    expect(guessEncoding(content)).toBe(encoding)
    expect(readIn(content)).toEqual({ lines: [PIA], problems: [] })
  })

  test('of an older program has its letters, and can be read otherwise', () => {
    const content = new Uint8Array(Buffer.from('name,balance\nJ\xf6rg,1\n', 'latin1'))
    expect(parsed('f.csv', content)).toMatchObject({ encoding: 'windows-1252', rows: [['Jörg', '1']] })
    expect(parsed('f.csv', content, 'utf-8').rows).toEqual([['J\ufffdrg', '1']])
  })

  test('without anybody in it says so', () =>
    expect(() => parsed('f.csv', bytes('name,balance\n'))).toThrow(/holds no people/))

  test('finds columns by their headings, whatever their order', () => {
    expect(guessColumns(['Points', 'First seen', 'User_Name', 'Watch time'])).toEqual({ name: 2, balance: 0, hours: 3 })
    expect(guessColumns(['a', 'b'])).toEqual({})
  })

  test.each([
    ['Follower since', 'follower_since'],
    ['follow date', 'follower_since'],
    ['Sub tier', 'tier'],
    ['subscription end', 'subscribed_until'],
    ['subscribed since', 'subscribed_since'],
    ['Is moderator', 'moderator'],
    ['Groups', 'circles'],
    ['account created at', 'account_made'],
  ])('knows %s for %s', (head, column) => expect(guessColumns(['user', head])).toEqual({ name: 0, [column]: 1 }))

  test('saves the lines with problems alone, each with what is wrong: mended, they are read', () => {
    const file = parsed('f.csv', bytes('name,balance\npia,1200\n=jo,many\nsol,7\n'))
    const { problems } = readImport(file.rows, guessColumns(file.heads), FIRST_LINE)
    const saved = fileOfProblems(file, problems)
    expect(saved).toMatch(/^\ufeffname,balance,problem\r\n'=jo,many,""/)
    const again = parsed('mend f.csv', bytes(saved.replace('many', '5')))
    expect(readImport(again.rows, guessColumns(again.heads), FIRST_LINE)).toMatchObject({
      lines: [{ account: '=jo', balance: 5 }],
      problems: [],
    })
  })

  test('of 50,000 lines of which 300 are broken lists those 300 and takes the others', () => {
    const rows = Array.from({ length: 50_000 }, (_, i) => [`viewer${i}`, i % 167 === 0 ? 'broken' : String(i)])
    const { lines, problems } = readImport(rows, { name: 0, balance: 1 }, 2)
    expect(problems).toHaveLength(300)
    expect(lines).toHaveLength(49_700)
    expect(problems[1]).toEqual({
      line: 169,
      problem: '"broken" is not a balance. Use a whole number from 0 up.',
    })
  })

  test('is handed in in parts that are known again by what is in them', async () => {
    const lines = Array.from({ length: 2500 }, (_, i) => ({
      account: `v${i}`,
      name: `v${i}`,
      balance: i,
      seconds: null,
    }))
    const parts = await partsOf(lines, 'add', 'f.csv')
    expect(parts.map((part) => part.lines.length)).toEqual([1000, 1000, 500])
    expect((await partsOf(lines, 'add', 'f.csv')).map(({ digest }) => digest)).toEqual(
      parts.map(({ digest }) => digest),
    )
    expect((await partsOf(lines, 'set', 'f.csv'))[0]?.digest).not.toBe(parts[0]?.digest)
  })
})
