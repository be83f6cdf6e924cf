import { Type } from '@sinclair/typebox'
import { and, count, desc, eq, gt, sql } from 'drizzle-orm'
import { showPeriod, uncountedSeconds } from '#core/earning'
import type { AnswerTo } from '#core/engine'
import { MOST_ADJUSTED, type UndoAdjustment } from '#core/people'
import { closed, exactly, whole } from '#core/schema'
import { may } from '#core/team'
import type { Channels } from '../channels.ts'
import type { WantedRooms } from '../chat/index.ts'
import { type Reader, schema } from '../database/index.ts'
import { answered, before, choice, desk, idOf, problem, type Route, route, text } from '../http/index.ts'
import { ONLY, Trail, trailOf } from '../ledger/index.ts'
import { openShowOf } from '../show/index.ts'
import type { Provider } from '../sign-in/index.ts'
import { adjustMany } from './adjustMany.ts'
import { Adjusted, Correction, PeopleFound, PersonPanel, Room, Undone } from './answers.ts'
import { cleanRoutes } from './cleanRoutes.ts'
import { anyImport, undoableCorrections } from './corrections.ts'
import { importRoutes } from './importRoutes.ts'
import { keepRoutes } from './keepRoutes.ts'
import { linkRoutes } from './link.ts'
import { ownRoutes } from './ownRoutes.ts'
import { panelOf } from './panel.ts'
import { supporterRoutes } from './supporterRoutes.ts'
import { idsOf, presentIds } from './table.ts'
import { tableRoutes } from './tableRoutes.ts'
import { presentViewers, searchViewers } from './viewers.ts'

const MOST_SHOWN = 200
/** Who has said something within this time counts as chatting. */
const CHATTING_SECONDS = 600

/** People as the desk sees them: everybody, who is present, one person with their trail; and corrections by hand. */
export function peopleRoutes(
  db: Reader,
  channels: Channels,
  wanted: WantedRooms,
  provider: Pick<Provider, 'choices'>,
): Route[] {
  return [
    ...lookRoutes(db, channels),
    ...tableRoutes(db, channels),
    ...correctionRoutes(db, channels),
    ...keepRoutes(channels),
    ...importRoutes(db, channels),
    ...cleanRoutes(db, channels),
    ...supporterRoutes(db, channels),
    ...ownRoutes(db, channels),
    ...linkRoutes(db, channels, wanted, provider),
  ]
}

const CorrectionBody = Type.Object(
  {
    /** Ids, everyone who is in the room right now, or everyone in a circle. */
    viewers: Type.Union([
      Type.Array(whole(1), { minItems: 1, maxItems: MOST_ADJUSTED }),
      Type.Literal('present'),
      Type.String({ pattern: '^circle:[1-9][0-9]{0,15}$' }),
    ]),
    of: Type.Union([Type.Literal('balance'), Type.Literal('hours')]),
    how: Type.Union([Type.Literal('give'), Type.Literal('take'), Type.Literal('set')]),
    amount: whole(0, Number.MAX_SAFE_INTEGER),
    why: Type.String({ maxLength: 200 }),
  },
  closed,
)

function correctionRoutes(db: Reader, channels: Channels): Route[] {
  const Undo = Type.Object({ adjustments: Type.Array(whole(1), { minItems: 1, maxItems: 200 }) }, closed)
  return [
    peopleCorrectRoute(db, channels),
    route({
      method: 'get',
      path: '/desk/people/corrections',
      does: 'Corrections that can still be taken back',
      answer: exactly({ corrections: Type.Array(Correction) }),
      allowed: desk('look', 'people'),
      handle: async ({ channel }) => ({ corrections: await undoableCorrections(db, channel.id, channels.clock()) }),
    }),
    route({
      method: 'post',
      path: '/desk/people/undo',
      does: 'Take corrections back, within ten minutes',
      answer: Undone,
      allowed: desk('act', 'people'),
      body: Undo,
      handle: async ({ channel, caller, rights, key, body }) => {
        const { mostAdjusted } = rights
        // What only those may take in who may change people, only they may take back.
        if (!may(rights, 'people', 'change') && (await anyImport(db, channel.id, body.adjustments)))
          throw problem('rights_missing', 'This was a file of people. Ask somebody who may import files to undo it.')
        const done: AnswerTo<UndoAdjustment>[] = []
        for (const adjustment of body.adjustments) {
          const intent = { kind: 'people.undo', adjustment, by: caller.account, mostAdjusted } as const
          done.push(answered(await channels.submit(channel.id, `${key}/${adjustment}`, intent)))
        }
        const owing = done.flatMap((one) => one.owing)
        return { changed: sumOf(done, 'changed'), total: sumOf(done, 'total'), owed: sumOf(done, 'owed'), owing }
      },
    }),
  ]
}

const peopleCorrectRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/people/correct',
    does: 'Give to, take from or set the balance of people by hand',
    answer: Adjusted,
    allowed: desk('act', 'people'),
    body: CorrectionBody,
    handle: async ({ rights, channel, caller, key, body }) => {
      const { of, how, amount, why } = body
      const ids = await idsMeant(db, channel.id, body.viewers, channels.clock())
      if (ids.length === 0) throw problem('nobody_present')
      const { mostAdjusted } = rights
      const correction = { of, how, amount, why: why.trim(), by: caller.account, mostAdjusted }
      return adjustMany(channels, channel.id, key, ids, correction)
    },
  })

async function idsMeant(db: Reader, channel: number, viewers: readonly number[] | string, now: number) {
  if (typeof viewers !== 'string') return viewers
  if (viewers === 'present') return presentIds(db, channel)
  return idsOf(db, channel, { name: '', present: false, shown: 'listed', standing: viewers, now })
}

const sumOf = (answers: readonly AnswerTo<UndoAdjustment>[], name: 'changed' | 'total' | 'owed'): number =>
  answers.reduce((sum, answer) => sum + answer[name], 0)

function lookRoutes(db: Reader, { clock }: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/present',
      does: 'Who is in the room',
      answer: Room,
      allowed: desk('look', 'show', 'people'),
      handle: ({ channel }) => roomOf(db, channel.id, clock()),
    }),
    route({
      method: 'get',
      path: '/desk/viewers/:viewer',
      does: 'All that is known of one viewer',
      answer: PersonPanel,
      allowed: desk('look', 'people'),
      handle: async ({ channel, param }) => {
        const found = await panelOf(db, channel.id, idOf(param('viewer')), clock())
        if (found === undefined) throw problem('not_found', 'This viewer is not known here.')
        return found
      },
    }),
    route({
      method: 'get',
      path: '/desk/viewers/:viewer/trail',
      does: 'Why somebody’s balance is what it is',
      answer: Trail,
      asks: { before, only: choice('One kind of entry alone.', ONLY) },
      allowed: desk('look', 'people'),
      handle: ({ channel, param, asked }) => trailOf(db, channel.id, idOf(param('viewer')), asked),
    }),
    findViewersRoute(db),
  ]
}

const findViewersRoute = (db: Reader): Route =>
  route({
    method: 'get',
    path: '/desk/viewers',
    does: 'Viewers whose name begins so',
    answer: PeopleFound,
    asks: { name: text('How the name begins.', 60) },
    allowed: desk('look', 'people', 'show', 'commands', 'store', 'games', 'raffles', 'bets', 'ranks'),
    handle: async ({ channel, asked }) => ({
      viewers: await searchViewers(db, channel.id, asked.name ?? '', 8),
    }),
  })

/** Who is in the room, and how long they have watched tonight (seconds). */
async function roomOf(db: Reader, channel: number, now: number) {
  const { viewer } = schema
  const [counted] = await db
    .select({
      total: count(),
      chatting: sql<number>`count(*) filter (where ${viewer.chattedAt} > ${now - CHATTING_SECONDS})`,
    })
    .from(viewer)
    .where(and(eq(viewer.channel, channel), eq(viewer.present, true), eq(viewer.ignored, false)))
  const show = await openShowOf(db, channel)
  const rows = await presentViewers(db, channel, MOST_SHOWN)
  const viewers = rows.map(({ id, name, moderator, balance, ...row }) => {
    const before = show !== undefined && row.showId === show.id ? row.showSeconds : 0
    const tonight = show === undefined ? null : before + uncountedSeconds(row, showPeriod(show), now)
    return { id, name, moderator, balance, tonight }
  })
  return { ...(counted ?? { total: 0, chatting: 0 }), viewers, arrived: await justArrived(db, channel, now) }
}

const ARRIVED_SECONDS = 300
const MOST_ARRIVED = 5

async function justArrived(db: Reader, channel: number, now: number) {
  const { viewer } = schema
  const found = await db
    .select({ id: viewer.id, name: viewer.name, at: viewer.presentSince })
    .from(viewer)
    .where(
      and(
        eq(viewer.channel, channel),
        eq(viewer.present, true),
        eq(viewer.ignored, false),
        gt(viewer.presentSince, now - ARRIVED_SECONDS),
      ),
    )
    .orderBy(desc(viewer.presentSince), desc(viewer.id))
    .limit(MOST_ARRIVED)
  return found.map(({ id, name, at }) => ({ id, name, at: at ?? now }))
}
