import { ATTENDED_SECONDS, SHOWS_KNOWN, viewers } from '#core/people'
import { shows } from '#core/show'
import type { World } from '#core/world'
import type { Client } from '../database/index.ts'
import { payTogether } from './payout.ts'
import type { IntentEnvelope } from './sent.ts'

type Of<K extends IntentEnvelope['kind']> = Extract<IntentEnvelope, { kind: K }>

const KINDS: ReadonlySet<string> = new Set(['earning.pay', 'show.settled', 'people.merge', 'people.forget'])

/**
 * Whether an intent touches rows that the rules do not load, everyone present or a whole history: one statement does that
 * under the channel's lock, before the intent is decided or after (`history.ts`). It is a batch of its own.
 */
export const needsExclusiveBatch = ({ kind }: IntentEnvelope): boolean => KINDS.has(kind)

/** Does what an intent does to everyone. Rows in memory are outdated by it. @returns The intent, with what came of it. */
export async function applySetBased(
  client: Client,
  channel: number,
  world: World,
  intent: IntentEnvelope,
): Promise<IntentEnvelope> {
  if (intent.kind === 'earning.pay') return payTogether(client, channel, world, intent)
  if (intent.kind === 'show.settled') return noteAttendance(client, channel, world, intent)
  if (intent.kind === 'people.forget') {
    const account = world.get(viewers, intent.viewer)?.accountKey
    return account === undefined ? intent : { ...intent, account }
  }
  return intent
}

const ATTENDED = `insert into attendance (channel, viewer, show, seconds, earned)
  select w.channel, w.id, w.show_id, w.show_seconds, greatest(0, a.earned - w.show_earned_from)
  from watch w join account a on a.channel = w.channel and a.id = w.id
  where w.channel = $1 and w.show_id = $2 and (w.show_seconds > 0 or a.earned > w.show_earned_from)
  on conflict (channel, viewer, show) do update set seconds = excluded.seconds, earned = excluded.earned`

// As `attend` of the rules does it, for everyone at once: a test holds the two together.
const BITS = `update watch set attended_show = $3, attended = case
    when $3 - attended_show <= 0 then attended | 1
    when $3 - attended_show >= ${SHOWS_KNOWN} then 1
    else ((attended & ((1::bigint << (${SHOWS_KNOWN} - ($3 - attended_show)::int)) - 1)) << ($3 - attended_show)::int) | 1 end
  where channel = $1 and show_id = $2 and show_seconds >= ${ATTENDED_SECONDS}`

async function noteAttendance(
  client: Client,
  channel: number,
  world: World,
  intent: Of<'show.settled'>,
): Promise<Of<'show.settled'>> {
  const show = world.get(shows, intent.show)
  if (show?.status !== 'closing') return intent
  await client.query(ATTENDED, [channel, show.id])
  await client.query(BITS, [channel, show.id, show.number])
  return { ...intent, done: true }
}
