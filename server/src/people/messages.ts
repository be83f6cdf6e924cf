import { and, desc, eq } from 'drizzle-orm'
import { CODE_HERE } from '#core/voice'
import { codeIn } from '../codes/index.ts'
import { type Reader, schema } from '../database/index.ts'

const SHOWN = 20

/** What somebody was told alone, the latest first, with its codes. */
export async function messagesTo(db: Reader, channel: number, who: number) {
  const { id, at, text, code, viewer } = schema.message
  const rows = await db
    .select({ id, at, text, code })
    .from(schema.message)
    .where(and(eq(schema.message.channel, channel), eq(viewer, who)))
    .orderBy(desc(id))
    .limit(SHOWN)
  return Promise.all(
    rows.map(async (row) => {
      const told = row.code === null ? null : await codeIn(db, channel, row.code)
      return { id: row.id, at: row.at, text: row.text.replaceAll(CODE_HERE, () => told ?? '') }
    }),
  )
}
