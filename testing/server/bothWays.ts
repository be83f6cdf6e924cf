import { expect } from 'vitest'
import type { EarningPlan } from '#core/earning'
import type { Intent } from '#core/engine'
import type { Pool } from '../../server/src/database/index.ts'
import { entropyOf, TestChannel } from '../core/channel.ts'
import { addChannel, CURRENCY, writerFor } from './database.ts'

/**
 * A channel in memory whose intents are kept, to be handed to the writer as well.
 * @param prefetch - See the writer's options.
 * @returns `hand` sends an intent in memory and keeps it; `same` hands all of them to the writer, `size` + 1 at a time, and expects
 * the same facts and balances as in memory.
 */
export async function bothWays(pool: Pool, slug: string, plan: Partial<EarningPlan>, prefetch: boolean) {
  const memory = new TestChannel(plan)
  const channel = await addChannel(pool, slug)
  const durable = writerFor(pool, channel, prefetch)
  const setUp: Intent[] = [{ kind: 'channel.setUp', currency: CURRENCY, plan }, ...memory.rewards()]
  const intents = setUp.map((intent): [Intent, number] => [intent, memory.now])
  const hand = <I extends Intent>(intent: I) => {
    const key = `k${intents.length}`
    intents.push([intent, memory.now])
    return memory.send(intent, memory.now, entropyOf(key))
  }
  const same = async (size: number) => {
    for (let i = 0; i < intents.length; i += size + 1)
      await Promise.all(intents.slice(i, i + size + 1).map(([intent, at], k) => durable.send(`k${i + k}`, intent, at)))
    const rows = await pool.query(
      'select v.account, a.balance from viewer v join account a on a.channel = v.channel and a.id = v.id where v.channel = $1',
      [channel],
    )
    for (const { account, balance } of rows.rows) expect([account, balance]).toEqual([account, memory.balance(account)])
    expect(durable.facts.map(({ kind, seq, body }) => ({ kind, seq, body }))).toEqual(
      memory.facts().map(({ kind, seq, body }) => ({ kind, seq, body })),
    )
  }
  return { memory, channel, hand, same }
}
