import { and, eq } from 'drizzle-orm'
import { homeSetting } from '#core/settings'
import type { CodeOf } from '#core/voice'
import { codeIn } from '../codes/index.ts'
import { type Reader, schema } from '../database/index.ts'
import { settingOf } from '../settings/index.ts'
import type { ForOne } from './roomSeat.ts'

const { viewer, alias } = schema

/** Where the viewers of a channel find what is theirs. */
export async function ownPage(db: Reader, channel: number): Promise<string> {
  const { address } = await settingOf(db, channel, homeSetting)
  return `${address}/mine`
}

/** What telling somebody alone needs: all their accounts, the code that is for them, and where their page is. */
export async function forOne(db: Reader, channel: number, id: number, code: CodeOf | undefined): Promise<ForOne> {
  const [own, others, page] = await Promise.all([
    db
      .select({ key: viewer.accountKey, rooms: viewer.rooms })
      .from(viewer)
      .where(and(eq(viewer.channel, channel), eq(viewer.id, id))),
    db
      .select({ key: alias.account })
      .from(alias)
      .where(and(eq(alias.channel, channel), eq(alias.viewer, id))),
    ownPage(db, channel),
  ])
  const accounts = [...own, ...others].map(({ key }) => key)
  const rooms = own.flatMap((one) => one.rooms)
  const room = rooms.length === 0 ? undefined : Math.min(...rooms)
  return { accounts, room, code: code === undefined ? null : await codeIn(db, channel, code), page }
}
