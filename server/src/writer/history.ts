import type { Client } from '../database/index.ts'
import { forget } from './forget.ts'
import { mergeStatements } from './personal.ts'
import type { IntentEnvelope } from './sent.ts'

type Of<K extends IntentEnvelope['kind']> = Extract<IntentEnvelope, { kind: K }>

/** Does to a person's history what has been decided about them, in the same transaction. */
export async function changeHistory(
  client: Client,
  channel: number,
  intent: IntentEnvelope,
  done: boolean,
): Promise<void> {
  if (!done) return
  if (intent.kind === 'people.merge') await mergeHistory(client, channel, intent)
  if (intent.kind === 'people.forget') await forget(client, channel, intent)
}

/** What belongs to a person is theirs, whichever of their accounts it came with: see the declarations of the tables. */
async function mergeHistory(client: Client, channel: number, { from, into }: Of<'people.merge'>): Promise<void> {
  for (const statement of mergeStatements())
    await client.query(statement, [channel, from, ...(statement.includes('$3') ? [into] : [])])
}
