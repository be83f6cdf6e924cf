import { createHash, randomInt } from 'node:crypto'
import { Type } from '@sinclair/typebox'
import { and, eq } from 'drizzle-orm'
import { type AccountKey, type AccountRef, keyOf, refOf } from '#core/people'
import type { ViewerId } from '#core/schema'
import { Count, exactly } from '#core/schema'
import type { Result } from '#core/world'
import type { Channels } from '../channels.ts'
import type { WantedRooms } from '../chat/index.ts'
import { type Reader, schema } from '../database/index.ts'
import { problem, type Route, route } from '../http/index.ts'
import type { Provider } from '../sign-in/index.ts'
import { OwnAccounts } from './answers.ts'
import { viewerIdOf } from './viewers.ts'

/** Letters and digits that cannot be taken for one another. 10 of them are 48 random bits. */
const LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789'
const LENGTH = 10
const GOOD_SECONDS = 600

const hashOf = (code: string): string => createHash('sha256').update(code).digest('hex')

/** The accounts of the caller, and the code by which another one in chat is linked to theirs. */
export function linkRoutes(
  db: Reader,
  channels: Channels,
  wanted: WantedRooms,
  provider: Pick<Provider, 'choices'>,
): Route[] {
  /** The issuers of the accounts in chat that are not those of the sign-in. */
  const issuersIn = async (channel: number) => (await wanted.issuersIn(channel)).filter((issuer) => issuer !== '')
  return [
    route({
      method: 'get',
      path: '/me/accounts',
      does: 'The accounts that are known to be the caller’s',
      answer: OwnAccounts,
      allowed: 'viewer',
      handle: async ({ channel, caller }) => {
        const issuers = await issuersIn(channel.id)
        const refs = await accountsOf(db, channels, channel.id, caller.account)
        return { signedIn: caller.name, ...sortedOut(refs, issuers, await provider.choices(), caller.account) }
      },
    }),
    route({
      method: 'post',
      path: '/me/link',
      does: 'Make a code that, said in chat, links the account there to the caller’s',
      answer: exactly({ say: Type.String(), seconds: Count }),
      allowed: 'viewer',
      whenPaused: true,
      handle: async ({ channel, caller }) => {
        if ((await issuersIn(channel.id)).length === 0)
          throw problem('not_found', 'Chat and this page know you by the same account here: there is nothing to link.')
        return { say: await newLinkCode(channels, channel.id, caller), seconds: GOOD_SECONDS }
      },
    }),
  ]
}

/** Which of somebody's accounts are in chat, which of other sign-ins, and by whom they can sign in besides. */
function sortedOut(
  refs: readonly Required<AccountRef>[],
  issuers: readonly string[],
  choices: Awaited<ReturnType<Provider['choices']>>,
  signedIn: AccountKey,
) {
  const others = refs.filter((ref) => keyOf(ref) !== signedIn && !issuers.includes(ref.issuer))
  return {
    separate: issuers.length > 0,
    chat: refs.filter(({ issuer }) => issuers.includes(issuer)).map(({ account }) => account),
    others: others.flatMap(({ issuer, account }) => {
      const from = choices.find(({ word }) => word === issuer)
      return from === undefined ? [] : [{ issuer: from.name, account }]
    }),
    ways: choices.length > 1 ? choices.map(({ id, name }) => ({ id, name })) : [],
  }
}

async function newLinkCode(
  { pool, clock }: Channels,
  channel: number,
  { account, name }: { readonly account: string; readonly name: string },
): Promise<string> {
  const code = Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('')
  // One code holds for an account at a time.
  await pool.query('delete from link_code where expires_at < $1 or (channel = $2 and account = $3)', [
    clock(),
    channel,
    account,
  ])
  await pool.query('insert into link_code (channel, hash, account, name, expires_at) values ($1, $2, $3, $4, $5)', [
    channel,
    hashOf(code),
    account,
    name,
    clock() + GOOD_SECONDS,
  ])
  return `link-${code.slice(0, LENGTH / 2)}-${code.slice(LENGTH / 2)}`
}

/** Every account that stands for whoever has this one. */
async function accountsOf(db: Reader, channels: Channels, channel: number, account: AccountKey) {
  const id = await viewerIdOf(channels.pool, channel, account)
  if (id === undefined) return []
  const { viewer, alias } = schema
  const own = await db
    .select({ key: viewer.accountKey })
    .from(viewer)
    .where(and(eq(viewer.channel, channel), eq(viewer.id, id)))
  const others = await db
    .select({ key: alias.account })
    .from(alias)
    .where(and(eq(alias.channel, channel), eq(alias.viewer, id)))
  return [...own, ...others].map(({ key }) => refOf(key))
}

/**
 * Takes a code that was said in chat, and makes who said it one with who made it. @returns What to answer.
 * @param viewer - Who said it.
 */
export async function linkByCode(
  channels: Channels,
  channel: number,
  key: string,
  { link, viewer }: { readonly link: string; readonly viewer: ViewerId },
): Promise<string> {
  const { pool, clock } = channels
  const text = 'delete from link_code where channel = $1 and hash = $2 returning account, name, expires_at'
  const found = (await pool.query<{ account: string; name: string; expires_at: number }>(text, [channel, hashOf(link)]))
    .rows[0]
  if (found === undefined || found.expires_at < clock())
    return 'This code is no longer valid. Get a new one on your page.'
  const { account, name } = found
  const result = await linkTo(channels, channel, `${key}/link`, { account, viewer })
  if (result === undefined) return `${name} is linked to this account already.`
  return result.ok
    ? `Linked: the page of ${name} and this account in chat are one person now.`
    : result.refusal.sentence
}

/** Has an account stand for somebody; who was known by it is one person with them. @returns undefined: it does already. */
export async function linkTo(
  channels: Channels,
  channel: number,
  key: string,
  { account, viewer }: { readonly account: AccountKey; readonly viewer: ViewerId },
): Promise<Result<unknown> | undefined> {
  const other = await viewerIdOf(channels.pool, channel, account)
  if (other === viewer) return undefined
  if (other !== undefined) return mergeOwn(channels, channel, key, { from: other, into: viewer })
  return channels.submit(channel, key, { kind: 'people.link', account, viewer })
}

interface Sitting {
  readonly issuer: string
  readonly account: string
  readonly key: AccountKey
  readonly name: string
  readonly rooms: readonly number[]
}

/** Makes one of two accounts of somebody. Where the one given up is in a room, it leaves as who it was and comes back as who it is now. */
async function mergeOwn(
  channels: Channels,
  channel: number,
  key: string,
  { from, into }: { readonly from: ViewerId; readonly into: ViewerId },
): Promise<Result<unknown>> {
  const text = `select issuer, account, account_key as key, chat_name as name, rooms from viewer
    where channel = $1 and id = $2 and present`
  const [here] = (await channels.pool.query<Sitting>(text, [channel, from])).rows
  for (const inRoom of here?.rooms ?? [])
    await channels.submit(channel, `${key}/left/${inRoom}`, {
      kind: 'presence.left',
      account: here?.key ?? '',
      inRoom,
    })
  const merged = await channels.submit(channel, key, { kind: 'people.merge', from, into, linked: true })
  if (here === undefined) return merged
  const { issuer, account, name } = here
  for (const inRoom of here.rooms)
    await channels.submit(channel, `${key}/back/${inRoom}`, {
      kind: 'presence.arrived',
      who: { issuer, account, name },
      inRoom,
    })
  return merged
}
