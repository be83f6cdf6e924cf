import { sql } from 'drizzle-orm'
import { STEPS, type StepKey, starterSetting, USUAL } from '#core/starter'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import { onlyRow, type Reader } from '../database/index.ts'
import { settingOf } from '../settings/index.ts'
import { buyableNow } from '../store/index.ts'

/** So many people who are known make it plain that the room did not begin empty. */
const SOME = 5

/** What is true of a channel, by the step that it is looked at for. Nothing of it is what somebody clicked. */
async function truths(
  db: Reader,
  channel: number,
  chat: ChatState,
): Promise<Readonly<Record<StepKey | 'over', boolean>>> {
  const found = await db.execute<Record<string, boolean>>(sql`select
    exists (select from event where channel = ${channel}) as events,
    exists (select from reward where channel = ${channel} and gone_at is null and settings->>'on' = 'true') as starter,
    exists (select from overlay_presence where channel = ${channel}) as overlay,
    (select count(*) from viewer where channel = ${channel} and followed_at is not null) >= ${SOME} as people,
    exists (select from session s join viewer v on v.channel = ${channel} and v.account = s.account
      join channel c on c.id = v.channel where s.scope = 'viewer' and s.account <> c.owner) as tell,
    exists (select from show where channel = ${channel}) as show,
    exists (select from show where channel = ${channel} and status = 'ended') as over,
    exists (select from store_order where channel = ${channel} and status = 'done') as "order"`)
  const row = onlyRow(found)
  return {
    chat: chat.status === 'connected',
    ...{ events: row.events === true, starter: row.starter === true, overlay: row.overlay === true },
    ...{
      people: row.people === true,
      tell: row.tell === true,
      show: row.show === true,
      order: row.order === true,
      over: row.over === true,
    },
  }
}

/** How far a channel is on the way to its first evening. */
export async function stateOf(
  { db, channels, publicUrl }: { readonly db: Reader; readonly channels: Channels; readonly publicUrl: string },
  channel: { readonly id: number; readonly slug: string },
  chat: ChatState,
) {
  const done = await truths(db, channel.id, chat)
  const { skipped } = await settingOf(db, channel.id, starterSetting)
  return {
    page: `${publicUrl}/c/${channel.slug}`,
    usual: USUAL,
    buyable: await buyableNow(db, channels, channel.id),
    over: done.over,
    steps: STEPS.map((step) => ({ step, done: done[step], skipped: skipped.includes(step) })),
  }
}
