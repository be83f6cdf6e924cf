import { EVERYONE_MAY, mayUse } from '../access/index.ts'
import { type Currency, currencySetting, digits, inWords, readAmount } from '../currency/index.ts'
import { balanceOf } from '../ledger/index.ts'
import {
  adjustByHand,
  findViewer,
  gift,
  giftSetting,
  type How,
  mayGift,
  needViewer,
  type ViewerRow,
} from '../people/index.ts'
import type { Amount } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { may, openMembers, type Rights, rightsOfMember } from '../team/index.ts'
import { fillIn } from '../texts/index.ts'
import { findNamed, TEAM_WORDS, type TeamWord, typedName, wordsSetting } from '../words/index.ts'
import type { Need, Result, World } from '../world/index.ts'

/** Somebody and an amount, in either order, and what follows: "@pia 50 for the lamp". */
export interface NamedAmount {
  readonly name: string
  readonly amount: string
  readonly rest: string
}

const AMOUNT = /^(\d|half$|all$)/i

/** Reads who and how many from what was typed behind a word; undefined if one of them is missing. */
export function readNamedAmount(typed: string): NamedAmount | undefined {
  const [first, second, ...rest] = typed.trim().split(/\s+/)
  if (first === undefined || second === undefined) return undefined
  const swapped = !first.startsWith('@') && AMOUNT.test(first) && !AMOUNT.test(second)
  const [name, amount] = swapped ? [second, first] : [first, second]
  return { name, amount, rest: rest.join(' ') }
}

/** Whether somebody may correct balances in chat, by any of the words for it. */
export const mayCorrect = (world: World, viewer: ViewerRow): boolean =>
  TEAM_WORDS.some((word) => mostIn(world, viewer, word) !== undefined)

/**
 * By how much somebody may correct a balance in chat: the streamer, and whose role is allowed to, by any amount (null), others of the
 * team as at the desk; undefined: not at all.
 */
function mostIn(world: World, viewer: ViewerRow, word: TeamWord): Amount | null | undefined {
  const { allowed, allowedFor } = readSetting(world, wordsSetting)
  const own = allowedFor?.[word]
  const standings = own?.standings ?? allowed
  if (mayUse(world, { ...EVERYONE_MAY, everyone: false, streamer: true, standings }, viewer)) return null
  const rights = own?.team === false ? undefined : teamRightsOf(world, viewer)
  return rights !== undefined && may(rights, 'people', 'act') ? rights.mostAdjusted : undefined
}

/** What of the desk's rights somebody in chat has: by the account that they are in the team with, or another that was linked to it. */
function teamRightsOf(world: World, viewer: ViewerRow): Rights | undefined {
  const member = openMembers(world).find(({ account }) => findViewer(world, account)?.id === viewer.id)
  return member && rightsOfMember(member)
}

/** What it needs to be known who of the team somebody in chat is: all of it at once, however many help. */
export const needTeam = (world: World): Need[] =>
  openMembers(world).flatMap(({ account }) => needViewer(world, account))

/** Everyone present: what the server is asked to do in parts. */
export interface ForEveryone {
  readonly how: How
  readonly amount: Amount
  readonly why: string
  readonly by: string
  readonly mostAdjusted: Amount | null
}

export const EVERYONE = 'everyone'

/**
 * Gives to, takes from or sets the balance of somebody named in chat.
 * @returns What to answer; or what to do to everyone present. Undefined for who may not: chat is not told.
 */
export function correct(
  world: World,
  by: ViewerRow,
  how: How,
  word: string,
  typed: string,
): string | ForEveryone | undefined {
  const mostAdjusted = mostIn(world, by, how)
  if (mostAdjusted === undefined) return undefined
  const currency = readSetting(world, currencySetting)
  const read = readNamedAmount(typed)
  if (read === undefined)
    return `${by.name}: type !${word}, a name or ${EVERYONE}, and how many, like !${word} @pia 50.`
  const everyone = typedName(read.name) === EVERYONE
  const found = everyone ? undefined : findNamed(world, read.name)
  if (found?.ok === false) return `${by.name}: ${found.refusal.sentence}`
  const target = found?.value
  const amount = amountOf(world, how, read.amount, target, currency)
  if (!amount.ok) return `${by.name}: ${amount.refusal.sentence}`
  const why = read.rest.slice(0, 200)
  if (target === undefined) return { how, amount: amount.value, why, by: by.account, mostAdjusted }
  return correctOne(world, by, target, { how, amount: amount.value, why, mostAdjusted }, currency)
}

function amountOf(
  world: World,
  how: How,
  typed: string,
  target: ViewerRow | undefined,
  currency: Currency,
): Result<number> {
  if (how === 'set' && typed === '0') return { ok: true, value: 0 }
  return readAmount(typed, target === undefined ? 0 : balanceOf(world, target.id), currency)
}

function correctOne(
  world: World,
  by: ViewerRow,
  target: ViewerRow,
  { how, amount, why, mostAdjusted }: Omit<ForEveryone, 'by'>,
  currency: Currency,
): string {
  const before = balanceOf(world, target.id)
  const done = adjustByHand(world, {
    viewers: [target.id],
    of: 'balance',
    how,
    amount,
    why,
    mostAdjusted,
    by: by.account,
  })
  if (!done.ok) return `${by.name}: ${done.refusal.sentence}`
  const after = balanceOf(world, target.id)
  const short =
    how === 'take' && before < amount ? ` (${digits(amount)} were asked for, ${digits(before)} were there)` : ''
  return `${target.name} has ${inWords(after, currency)} now${short}.`
}

/** Passes currency on to somebody named. Needs the giver's habits. @returns What to answer. */
export function hand(world: World, from: ViewerRow, word: string, typed: string): string {
  const currency = readSetting(world, currencySetting)
  const { reply } = readSetting(world, giftSetting)
  const allowed = mayGift(world)
  const read = readNamedAmount(typed)
  if (!allowed.ok) return `${from.name}: ${allowed.refusal.sentence}`
  if (read === undefined) return `${from.name}: type !${word}, a name and how many, like !${word} @pia 50.`
  const found = findNamed(world, read.name)
  if (!found.ok) return `${from.name}: ${found.refusal.sentence}`
  const to = found.value
  const amount = readAmount(read.amount, balanceOf(world, from.id), currency)
  const done = amount.ok ? gift(world, from, to, amount.value) : amount
  if (!done.ok) return `${from.name}: ${done.refusal.sentence}`
  const gave = inWords(done.value.amount, currency)
  if (reply.trim() !== '') return fillIn(reply, { viewer: { name: from.name }, other: { name: to.name }, amount: gave })
  return `${from.name} gave ${to.name} ${gave}, who now has ${inWords(balanceOf(world, to.id), currency)}.`
}
