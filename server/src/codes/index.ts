import { and, eq } from 'drizzle-orm'
import type { CodeOf } from '#core/voice'
import { type Reader, schema } from '../database/index.ts'

const { storeOrder, raffleWinner } = schema

/** The code that an order or a win handed out, read where it is sealed; null if none. */
export async function codeIn(db: Reader, channel: number, code: CodeOf): Promise<string | null> {
  const [row] =
    code.of === 'order'
      ? await db
          .select({ code: storeOrder.code })
          .from(storeOrder)
          .where(and(eq(storeOrder.channel, channel), eq(storeOrder.id, code.id)))
      : await db
          .select({ code: raffleWinner.code })
          .from(raffleWinner)
          .where(and(eq(raffleWinner.channel, channel), eq(raffleWinner.key, code.key)))
  return row?.code ?? null
}
