import { parseChatAddress } from './chat/index.ts'
import type { Config } from './config.ts'
import type { Pool } from './database/index.ts'

/** Who issues accounts here. The provider that people sign in with is ''. */
export interface Issuers {
  /** Of the accounts that chat and events tell of. */
  readonly chat: string
}

/**
 * Whether the accounts of the chat network are those of the sign-in. Installations from before this was asked took them for
 * one, and go on so (their first start after it noted that); any other takes them for two until it is told.
 */
export async function issuersOf(config: Config, pool: Pool): Promise<Issuers> {
  const found = await pool.query<{ value: string }>("select value from installation where name = 'chat-accounts'")
  const shared = (config.CHAT_ACCOUNTS || found.rows[0]?.value || 'own') === 'sign-in'
  if (shared || config.CHAT_ADDRESS === '') return { chat: '' }
  return { chat: `irc:${parseChatAddress(config.CHAT_ADDRESS).host.toLowerCase()}` }
}
