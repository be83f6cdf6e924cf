import { getTableColumns } from 'drizzle-orm'
import { getTableConfig, type PgTable } from 'drizzle-orm/pg-core'
import { describe, expect, test } from 'vitest'
import { testDatabase } from '../../../testing/server/database.ts'
import { sqlName } from './declared.ts'
import { PEOPLE } from './personal.ts'

const isText = (type: string): boolean => type === 'text' || type.startsWith('json')

const columnsOf = (table: PgTable): { property: string; type: string; generated: boolean }[] =>
  Object.entries(getTableColumns(table)).map(([property, column]) => ({
    property,
    type: column.getSQLType(),
    generated: column.generated !== undefined,
  }))

describe('what tables know of people', () => {
  test('every table of the database is declared', async () => {
    const { pool } = await testDatabase()
    const found = await pool.query(
      `select relname as table_name from pg_class
        where relnamespace = 'public'::regnamespace and relkind in ('r', 'p') and not relispartition`,
    )
    const declared = Object.values(PEOPLE).map(({ table }) => sqlName(table))
    expect(declared.sort()).toEqual(found.rows.map((row) => row.table_name as string).sort())
  })

  test.each(Object.entries(PEOPLE))(
    '%s: every text is of the person, or declared to say nothing of them',
    (_, declared) => {
      for (const one of declared.people) {
        if (one.of !== 'theirs' || one.forget === 'delete') continue
        const gone = one.forget === 'keep' ? [] : Object.keys(one.forget)
        const texts = columnsOf(declared.table).filter(({ type, generated }) => isText(type) && !generated)
        const open = texts.filter(({ property }) => !gone.includes(property) && !(one.plain ?? []).includes(property))
        expect(open).toEqual([])
      }
    },
  )

  test.each(Object.entries(PEOPLE))(
    '%s: a column that is a person makes its rows somebody’s',
    (_, { table, people }) => {
      const person = getTableConfig(table).columns.filter(({ name }) => ['viewer', 'account_key'].includes(name))
      if (person.length > 0) expect(people.map(({ of }) => of)).toContain('theirs')
      for (const one of people) if (one.of === 'nobody') expect(one.why).not.toBe('')
    },
  )
})
