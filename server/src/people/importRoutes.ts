import { Type } from '@sinclair/typebox'
import { and, desc, eq, isNull, sql } from 'drizzle-orm'
import { type ImportLine, MOST_IMPORTED } from '#core/people'
import { Count, closed, exactly, orNull, UnixSeconds, whole } from '#core/schema'
import { homeSetting } from '#core/settings'
import type { Channels } from '../channels.ts'
import { type Reader, schema } from '../database/index.ts'
import { answered, desk, hand, problem, type Route, route, text } from '../http/index.ts'
import { settingOf } from '../settings/index.ts'
import { isHere } from './table.ts'

/** A part of a file: a thousand lines of it. */
const FILE_PART_BYTES = 2 * 1024 * 1024

/** So many parts of a file are looked through for whom it brought: 200,000 people. */
const MOST_PARTS = 200

const Time = orNull(whole(0, 1_000_000_000_000))
const Kept = Type.Partial(
  Type.Object(
    {
      nickname: orNull(Type.String({ maxLength: 100 })),
      moderator: Type.Boolean(),
      followedAt: Time,
      tier: whole(0, 3),
      subscribedSince: Time,
      subscribedUntil: Time,
      accountMadeAt: Time,
      circles: Type.Array(whole(1, Number.MAX_SAFE_INTEGER), { maxItems: 100 }),
      ignored: Type.Boolean(),
      unlisted: Type.Boolean(),
    },
    closed,
  ),
)

const figures = {
  name: Type.String({ minLength: 1, maxLength: 100 }),
  balance: orNull(whole(0, Number.MAX_SAFE_INTEGER)),
  seconds: orNull(whole(0, 3_600_000_000)),
  kept: Type.Optional(Kept),
}
const plain = (most: number, least: number) =>
  Type.String({ minLength: least, maxLength: most, pattern: '^[^\\u0000-\\u001f\\u007f]*$' })

export const ChatAccount = Type.String({ minLength: 1, maxLength: 100, pattern: '^[^\\s\\u0000-\\u001f\\u007f]+$' })

/** Of the chat network, or exactly of the issuer that is named. */
const Line = Type.Union([
  Type.Object({ account: ChatAccount, ...figures }, closed),
  Type.Object({ issuer: plain(255, 0), account: plain(255, 1), ...figures }, closed),
])

const Import = Type.Object(
  {
    digest: Type.String({ pattern: '^[0-9a-f/]{1,100}$' }),
    lines: Type.Array(Line, { minItems: 1, maxItems: MOST_IMPORTED }),
    how: Type.Union([Type.Literal('add'), Type.Literal('set')]),
    /** What it is called in the list of what can be taken back: the file's name. */
    called: Type.Optional(Type.String({ maxLength: 100 })),
  },
  closed,
)

/** Files of people: what they would do twice, and taking them in; and those in the room as followers. */
export const importRoutes = (db: Reader, channels: Channels): Route[] => [
  route({
    method: 'get',
    path: '/desk/people/import/before',
    limit: 'costly',
    does: 'Whom a file of this name has brought already',
    answer: exactly({
      at: orNull(UnixSeconds),
      /** Issuer and account of each. */
      accounts: Type.Array(Type.Array(Type.String())),
      /** The issuer of whoever is named by account alone. */
      network: Type.String(),
    }),
    asks: { called: text('The name of the file.', 100) },
    allowed: desk('change', 'people'),
    handle: async ({ channel, asked }) => {
      const { chatIssuer } = await settingOf(db, channel.id, homeSetting)
      return { ...(await broughtBy(db, channel.id, asked.called ?? '')), network: chatIssuer }
    },
  }),
  route({
    method: 'post',
    path: '/desk/people/import',
    largest: FILE_PART_BYTES,
    does: 'Take in a part of a file of people; the same part again changes nothing',
    answer: exactly({ again: Type.Boolean(), added: Count, changed: Count }),
    allowed: desk('change', 'people'),
    body: Import,
    handle: (call) => {
      const { caller, rights, body } = call
      const { mostAdjusted } = rights
      return hand(channels, call, { kind: 'people.import', ...body, by: caller.account, mostAdjusted })
    },
  }),
  presentRoute(db, channels),
]

/** Issuer and account of everybody whom a file has brought and who was not taken back, and when that was last. */
async function broughtBy(db: Reader, channel: number, called: string) {
  const { adjustment, viewer } = schema
  const parts = await db
    .select({ at: adjustment.at, viewers: sql<number[]>`jsonb_path_query_array(${adjustment.lines}, '$[*].viewer')` })
    .from(adjustment)
    .where(
      and(
        ...[eq(adjustment.channel, channel), eq(adjustment.of, 'import')],
        ...[eq(adjustment.why, called), isNull(adjustment.undoneAt)],
      ),
    )
    .orderBy(desc(adjustment.id))
    .limit(MOST_PARTS)
  if (called === '' || parts.length === 0) return { at: null, accounts: [] }
  const ids = JSON.stringify(parts.flatMap((part) => part.viewers))
  const people = await db
    .select({ issuer: viewer.issuer, account: viewer.account })
    .from(viewer)
    .where(
      and(eq(viewer.channel, channel), sql`${viewer.id} in (select jsonb_array_elements_text(${ids}::jsonb)::bigint)`),
    )
  return { at: parts[0]?.at ?? null, accounts: people.map(({ issuer, account }) => [issuer, account]) }
}

const presentRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/people/present/followers',
    does: 'Count everybody who is in the room as a follower since a day; who follows already stays as they are',
    answer: exactly({ changed: Count }),
    allowed: desk('change', 'people'),
    body: exactly({ since: whole(1, 1_000_000_000_000) }),
    handle: async (call) => {
      const { channel, caller, key, body } = call
      const lines = await strangersHere(db, channel.id, Math.min(body.since, channels.clock()))
      if (lines.length === 0) throw problem('nobody_present')
      let changed = 0
      for (let i = 0; i < lines.length; i += MOST_IMPORTED) {
        const part = lines.slice(i, i + MOST_IMPORTED)
        const told = { digest: `present/${key}/${i}`, by: caller.account, called: 'who was in the room' }
        const intent = { kind: 'people.import', how: 'add', lines: part, ...told } as const
        changed += answered(await channels.submit(channel.id, `${key}/${i}`, intent)).changed
      }
      return { changed }
    },
  })

/** Everybody in the room who does not follow, as lines of a file that says that they do. */
async function strangersHere(db: Reader, channel: number, followedAt: number): Promise<ImportLine[]> {
  const { viewer } = schema
  const rows = await db
    .select({ issuer: viewer.issuer, account: viewer.account, name: viewer.chatName })
    .from(viewer)
    .where(and(isHere(channel), isNull(viewer.followedAt)))
    .orderBy(viewer.id)
  return rows.map((who) => ({ ...who, balance: null, seconds: null, kept: { followedAt } }))
}
