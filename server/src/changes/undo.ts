import { and, eq, gt, sql } from 'drizzle-orm'
import { areaOfChange, sameContent } from '#core/changes'
import { isRestored } from '#core/engine'
import type { RoomSettings } from '#core/rooms'
import { Nothing } from '#core/schema'
import { AREAS, may } from '#core/team'
import { tellState } from '../channel/index.ts'
import type { Channels } from '../channels.ts'
import { type Reader, schema } from '../database/index.ts'
import { payByThePlan } from '../earning/index.ts'
import { type Call, desk, hand, idOf, problem, problemOfRefusal, type Route, route } from '../http/index.ts'
import { reviewEveryone } from '../ranks/index.ts'
import { checkRoom, followRooms, type RoomParts } from '../rooms/index.ts'

/** What setting something back stands on. */
export interface UndoParts {
  readonly db: Reader
  readonly channels: Channels
  readonly rooms: RoomParts
  readonly publicUrl: string
}

type Change = typeof schema.change.$inferSelect
type Step = (parts: UndoParts, call: Call<unknown>, change: Change) => Promise<void>

/** What goes before and after some settings, as where they are saved: it concerns more than the rules have in memory. */
const AROUND: Readonly<Record<string, { readonly before?: Step; readonly after?: Step }>> = {
  ranks: { after: reviewed },
  circle: { after: reviewed },
  earning: { before: ({ db, channels }, { channel }) => payByThePlan(db, channels, channel.id) },
  room: {
    before: ({ rooms }, { channel }, { before }) => checkRoom(rooms, channel.id, before as RoomSettings),
    after: ({ rooms }, call) => followRooms(rooms, call),
  },
  ownVoice: {
    before: ownersOnly,
    after: ({ channels }) => channels.feed.roomsChanged(),
  },
  channel: { before: ownersOnly, after: nameOfRow },
}

function reviewed({ channels }: UndoParts, { channel, key }: Call<unknown>): Promise<void> {
  return reviewEveryone(channels, channel.id, key)
}

async function ownersOnly(_: UndoParts, { doer }: Call<unknown>): Promise<void> {
  if (!doer.owner) throw problem('owner_only')
}

async function nameOfRow({ channels, publicUrl }: UndoParts, { channel, key }: Call<unknown>, { before }: Change) {
  const { name, listed } = before as { readonly name: string; readonly listed: boolean }
  await channels.pool.query('update channel set name = $2, unlisted = $3 where id = $1', [channel.id, name, !listed])
  await tellState(channels, channel.id, `${key}/row`, publicUrl)
}

async function changeAt({ db }: UndoParts, { channel, param }: Call<unknown>): Promise<Change> {
  const { change } = schema
  const [row] = await db
    .select()
    .from(change)
    .where(and(eq(change.channel, channel.id), eq(change.id, idOf(param('id')))))
  if (row === undefined) throw problem('not_found')
  return row
}

/** What was removed is made anew once: somebody else may have done it already. */
async function notYetAgain({ db }: UndoParts, channel: number, removed: Change): Promise<void> {
  const { change } = schema
  const { of, name, id } = removed
  const later = await db
    .select({ after: change.after })
    .from(change)
    .where(
      and(
        ...[eq(change.channel, channel), eq(change.of, of), eq(change.name, name), gt(change.id, id)],
        sql`${change.before} is null`,
      ),
    )
  if (later.some(({ after }) => sameContent(after, removed.before)))
    throw problemOfRefusal({ code: 'change_overtaken', sentence: `${name} was added again already.` })
}

export const undoRoute = (parts: UndoParts): Route =>
  route({
    method: 'post',
    path: '/desk/changes/:id/undo',
    does: 'Set something back to what it was before a change, while nothing newer changed it: what was added is removed, some of what was removed is added again',
    answer: Nothing,
    allowed: desk('change', ...AREAS),
    handle: async (call) => {
      const row = await changeAt(parts, call)
      const area = areaOfChange(row.of)
      if (area === undefined) throw problem('not_found')
      if (!may(call.rights, area, 'change')) throw problem('rights_missing')
      const { of, which, name, before, after } = row
      // What cannot be set back is refused by the rules, and nothing goes before that.
      if (after === null) await notYetAgain(parts, call.channel.id, row)
      const around = isRestored({ of, before, after }) ? AROUND[of] : undefined
      if (before !== null) await around?.before?.(parts, call, row)
      await hand(parts.channels, call, { kind: 'changes.undo', change: { of, which, name, before, after } })
      await around?.after?.(parts, call, row)
      return {}
    },
  })
