import { randomBytes } from 'node:crypto'
import type { EventKind } from '#core/events'
import type { Clock } from '../clock.ts'
import { EVENT_SECRET, onlyRow, type Pool } from '../database/index.ts'
import { keyring } from '../keys/index.ts'
import type { SecretHead } from './answers.ts'
import { isSigned } from './signature.ts'

/** What outside services sign their events with: several at a time, so that one can be replaced without a gap. */
export class EventSecrets {
  constructor(
    readonly pool: Pool,
    readonly clock: Clock,
  ) {}

  async list(channel: number): Promise<SecretHead[]> {
    const text = `select id, name, created_at as "createdAt", used_at as "usedAt", kinds from event_secret
      where channel = $1 and revoked_at is null order by id`
    return (await this.pool.query<SecretHead>(text, [channel])).rows
  }

  /** @returns The new secret, which can be read this once only: 192 random bits in the form of Standard Webhooks. */
  async add(
    channel: number,
    name: string,
    kinds: readonly EventKind[] | null = null,
    secret = `whsec_${randomBytes(24).toString('base64')}`,
  ): Promise<{ id: number; secret: string }> {
    const text =
      'insert into event_secret (channel, name, secret, kinds, created_at) values ($1, $2, $3, $4, $5) returning id'
    const kept = keyring().seal(secret, EVENT_SECRET)
    const made = await this.pool.query<{ id: number }>(text, [
      channel,
      name,
      kept,
      kinds && JSON.stringify(kinds),
      this.clock(),
    ])
    return { id: onlyRow(made).id, secret }
  }

  /** From now on nothing signed with it is taken. @returns false if there is no such secret. */
  async revoke(channel: number, id: number): Promise<boolean> {
    const text = 'update event_secret set revoked_at = $3 where channel = $1 and id = $2::bigint and revoked_at is null'
    return (await this.pool.query(text, [channel, id, this.clock()])).rowCount === 1
  }

  /**
   * The kinds of events that whoever made this signature may send (null: any); undefined if none of the channel's secrets
   * made it. Notes which one was used.
   */
  async verify(
    channel: number,
    body: Uint8Array,
    headers: Record<string, string>,
  ): Promise<{ readonly kinds: readonly string[] | null } | undefined> {
    const found = await this.pool.query({
      name: 'event-secrets',
      text: 'select id, secret, kinds from event_secret where channel = $1 and revoked_at is null',
      values: [channel],
    })
    const open = (secret: string) => keyring().unseal(secret, EVENT_SECRET)
    const used = found.rows.find(({ secret }) => isSigned(open(secret), body, headers))
    if (used === undefined) return undefined
    // To the minute: written with each event, that row would have all of them wait for one another.
    const text =
      'update event_secret set used_at = $3 where channel = $1 and id = $2 and coalesce(used_at, 0) < $3 - 60'
    await this.pool.query(text, [channel, used.id, this.clock()])
    return { kinds: used.kinds }
  }
}
