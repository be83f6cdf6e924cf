import { and, desc, eq, ilike, inArray, lt } from 'drizzle-orm'
import { areaOfChange, changedInWords, LOGGED, mayRead } from '#core/changes'
import { isRestored } from '#core/engine'
import { AREAS, type Area, type Rights } from '#core/team'
import { type Reader, schema } from '../database/index.ts'
import { before, choice, desk, type Route, route, text } from '../http/index.ts'
import { ChangeLog } from './answers.ts'
import { type UndoParts, undoRoute } from './undo.ts'

const PAGE = 30
const { change } = schema

interface Asked {
  readonly before?: number | undefined
  readonly account?: string | undefined
  readonly area?: Area | undefined
  readonly text?: string | undefined
}

/** What of the log somebody may look at: the areas that they may look at, or the one of them that they ask for. */
const seen = (rights: Rights, wanted: Area | undefined): string[] =>
  LOGGED.filter((of) => mayRead(rights, of) && (wanted === undefined || areaOfChange(of) === wanted))

/** A text as it is to be found, letter by letter. */
const letterByLetter = (text: string): string => text.replace(/[\\%_]/g, '\\$&')

const changesOf = (db: Reader, channel: number, rights: Rights, asked: Asked) =>
  db
    .select()
    .from(change)
    .where(
      and(
        eq(change.channel, channel),
        inArray(change.of, seen(rights, asked.area)),
        asked.before === undefined ? undefined : lt(change.id, asked.before),
        asked.account === undefined ? undefined : eq(change.by, asked.account),
        asked.text === undefined || asked.text === ''
          ? undefined
          : ilike(change.name, `%${letterByLetter(asked.text)}%`),
      ),
    )
    .orderBy(desc(change.id))
    .limit(PAGE)

/** Who changed what at the desk, from what to what; and setting it back. */
export const changeRoutes = (parts: UndoParts): Route[] => [logRoute(parts.db), undoRoute(parts)]

const logRoute = (db: Reader): Route =>
  route({
    method: 'get',
    path: '/desk/changes',
    does: 'Who changed which setting, from what to what, the latest first, page by page',
    answer: ChangeLog,
    asks: {
      before,
      account: text('Of this account only.', 100),
      area: choice('Of this area only.', AREAS),
      text: text('What was changed has this in its name.', 60),
    },
    allowed: desk('look', 'team'),
    handle: async ({ channel, rights, asked }) => {
      const rows = await changesOf(db, channel.id, rights, asked)
      return {
        changes: rows.map(({ id, at, by, of, name, ...row }) => ({
          ...{ id, at, by, name, before: row.before, after: row.after },
          what: changedInWords(of),
          of,
          restorable: isRestored({ of, before: row.before, after: row.after }),
        })),
        before: rows.length < PAGE ? null : (rows.at(-1)?.id ?? null),
      }
    },
  })
