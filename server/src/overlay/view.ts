import type { Static } from '@sinclair/typebox'
import { and, count, desc, eq } from 'drizzle-orm'
import { durationInWords } from '#core/currency'
import { betInWords } from '#core/games'
import { type Piece, type RoundKind, showsGame } from '#core/screen'
import type { Unchangeable } from '#core/world'
import type { Channels } from '../channels.ts'
import { fieldsOfChannel } from '../commands/index.ts'
import { onlyRow, type Reader, reader, schema } from '../database/index.ts'
import { openRounds } from '../games/index.ts'
import { topList } from '../ranks/index.ts'
import { alertsPaused, overlayById } from '../screen/index.ts'
import { currencyOf } from '../settings/index.ts'
import { lastSeqOf, openShowOf, recentChat } from '../show/index.ts'
import type { OverlayPage } from './answers.ts'
import { betOnScreen } from './bet.ts'
import { goalOnScreen } from './goal.ts'
import { raffleOnScreen } from './raffle.ts'

const { storeOrder, viewer } = schema

type Shown = Unchangeable<Static<typeof OverlayPage>>['shown'][string]

/**
 * Everything that an overlay's page needs: its pieces and what each of them shows now. Read without a lock: the page hears of what
 * comes after `seq` by its feed.
 */
export async function overlayView(
  channels: Channels,
  channel: number,
  id: number,
): Promise<Unchangeable<Static<typeof OverlayPage>>> {
  const db = reader(channels.pool)
  const seq = await lastSeqOf(db, channel)
  const overlay = await overlayById(db, channel, id)
  const shown: Record<string, Shown> = {}
  const pieces = overlay.pieces.filter(({ hidden }) => !hidden)
  for (const piece of pieces) {
    const one = await shownBy(channels, db, channel, seq, piece)
    if (one !== undefined) shown[piece.id] = one
  }
  const slug = await slugOf(channels, channel)
  const currency = await currencyOf(db, channel)
  return { seq, ...overlay, pieces, shown, currency, media: `/media/${slug}`, paused: await alertsPaused(db, channel) }
}

async function slugOf({ pool }: Channels, channel: number): Promise<string> {
  return onlyRow(await pool.query<{ slug: string }>('select slug from channel where id = $1', [channel])).slug
}

async function shownBy(
  channels: Channels,
  db: Reader,
  channel: number,
  seq: number,
  piece: Piece,
): Promise<Shown | undefined> {
  switch (piece.of) {
    case 'alerts':
      return undefined
    case 'orders':
      return { lines: await latestOrders(db, channel, piece.many) }
    case 'top':
      return { lines: await top(channels, db, channel, piece) }
    case 'counter':
      return { figure: await figureOf(db, channel, piece.figure) }
    case 'text':
      return { text: await textOf(channels, channel, piece.text) }
    case 'raffle':
      return await raffleOnScreen(db, channel, channels.clock())
    case 'bet':
      return await betOnScreen(db, channel, channels.clock())
    case 'goal':
      return await goalOnScreen(db, channel)
    case 'chat':
      return { said: await chatOf(channels, channel, seq, piece) }
    default:
      return await roundOn(channels, db, channel, piece.of)
  }
}

async function latestOrders(db: Reader, channel: number, many: number) {
  const { viewerName, rewardName, id } = storeOrder
  const rows = await db
    .select({ name: viewerName, value: rewardName })
    .from(storeOrder)
    .where(eq(storeOrder.channel, channel))
    .orderBy(desc(id))
    .limit(many)
  return rows
}

/** The round of a game that is on, as its piece shows it. */
async function roundOn({ clock }: Channels, db: Reader, channel: number, of: RoundKind) {
  const round = (await openRounds(db, channel)).find(({ game }) => showsGame(of, game))
  if (round === undefined) return undefined
  const { id, openerName, crew, nextAt, ...told } = round
  const named = crew.map(({ name, state, paid, plan, stake }) => ({
    name,
    state,
    paid,
    ...(plan.hits !== undefined && { hits: plan.hits }),
    told: plan.on === undefined ? '' : `${stake} on ${betInWords(plan.on)}`,
  }))
  const left = nextAt === null ? null : nextAt - clock()
  return { round: { ...told, round: id, by: openerName, nextAt, left, crew: named } }
}

const numbers = new Intl.NumberFormat('en')

async function top(channels: Channels, db: Reader, channel: number, { list, many }: Extract<Piece, { of: 'top' }>) {
  const { places } = await topList(db, channel, { list, period: 'all', now: channels.clock(), limit: many })
  const inWords = (value: number) => (list === 'hours' ? durationInWords(value) : numbers.format(value))
  return places.map(({ name, value }) => ({ name, value: inWords(value) }))
}

async function figureOf(
  db: Reader,
  channel: number,
  figure: Extract<Piece, { of: 'counter' }>['figure'],
): Promise<number> {
  if (figure === 'present') {
    const here = and(eq(viewer.channel, channel), eq(viewer.present, true), eq(viewer.ignored, false))
    const [found] = await db.select({ count: count() }).from(viewer).where(here)
    return found?.count ?? 0
  }
  const show = await openShowOf(db, channel)
  if (show === undefined) return 0
  if (figure !== 'orders') return figure === 'paid' ? show.paid : show.spent
  const [found] = await db
    .select({ count: count() })
    .from(storeOrder)
    .where(and(eq(storeOrder.channel, channel), eq(storeOrder.show, show.id)))
  return found?.count ?? 0
}

async function textOf(channels: Channels, channel: number, text: string): Promise<string> {
  const filled = await fieldsOfChannel(channels.pool, channel, channels.clock(), text)
  return filled.ok ? filled.text : ''
}

async function chatOf({ pool }: Channels, channel: number, seq: number, { many, bot }: Extract<Piece, { of: 'chat' }>) {
  const lines = await recentChat(pool, channel, seq, many * 2)
  return lines
    .filter(({ kind, body }) => kind === 'chat.said' || (bot && body.to === null))
    .slice(-many)
    .map(({ at, kind, body }) => ({
      at,
      name: kind === 'chat.said' ? body.name : '',
      text: body.text,
      bot: kind !== 'chat.said',
    }))
}
