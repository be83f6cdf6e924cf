import { and, eq, inArray } from 'drizzle-orm'
import { triggerKey } from '#core/triggers'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import { type Reader, schema } from '../database/index.ts'
import { answered, desk, idOf, type Route, route } from '../http/index.ts'
import { timed } from '../runs/index.ts'
import { TriggerRun } from '../triggers/index.ts'
import { Buttons } from './answers.ts'
import { triggersShown } from './read.ts'

const { cooldown } = schema

/** The buttons of a channel, whether each works now, and until when it is on cooldown (Unix seconds; 0: it is not). */
async function buttonsOf(db: Reader, channel: number, now: number, chat: ChatState) {
  const shown = await triggersShown(db, channel, now, chat)
  const buttons = shown.flatMap(({ id, settings: { name, source }, ready }) =>
    source.of === 'button' ? [{ id, name, ready, ...source }] : [],
  )
  const rests = await restsOf(db, channel, buttons)
  return buttons.map(({ of: _, ...one }) => ({ ...one, restsUntil: rests.get(triggerKey(one.id)) ?? 0 }))
}

async function restsOf(db: Reader, channel: number, buttons: readonly { readonly id: number }[]) {
  if (buttons.length === 0) return new Map<string, number>()
  const keys = buttons.map(({ id }) => triggerKey(id))
  const { key, until } = cooldown
  const rows = await db
    .select({ key, until })
    .from(cooldown)
    .where(and(eq(cooldown.channel, channel), inArray(key, keys)))
  return new Map(rows.map((row) => [row.key, row.until]))
}

/** The desk's own buttons: large, on a tablet beside the keyboard. */
export const buttonRoutes = (
  db: Reader,
  channels: Channels,
  chat: (channel: number) => Promise<ChatState>,
): Route[] => [
  route({
    method: 'get',
    path: '/desk/buttons',
    does: 'The buttons of the desk, and whether each works now',
    answer: Buttons,
    allowed: desk('look', 'show'),
    handle: async ({ channel }) => {
      const now = channels.clock()
      return { now, buttons: await buttonsOf(db, channel.id, now, await chat(channel.id)) }
    },
  }),
  route({
    method: 'post',
    path: '/desk/buttons/:button/press',
    does: 'Press a button: its steps are run for real',
    answer: TriggerRun,
    allowed: desk('act', 'show'),
    handle: async ({ channel, key, param }) =>
      answered(await timed(channels, channel.id, key, { kind: 'button.press', trigger: idOf(param('button')) })),
  }),
]
