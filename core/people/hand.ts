import { type Static, Type } from '@sinclair/typebox'
import { currencySetting, inWords } from '../currency/index.ts'
import { balanceOf, transfer } from '../ledger/index.ts'
import type { Amount, UnixSeconds } from '../schema.ts'
import { exactly, whole } from '../schema.ts'
import { checkEconomy, readSetting, setting, writeSetting, zoneSetting } from '../settings/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { habitOf, habits } from './habits.ts'
import type { ViewerRow } from './viewers.ts'

/** Whether viewers may pass currency on, and how much each of them in a day (of the channel's time zone). */
export const GiftRules = exactly({
  on: Type.Boolean(),
  perDay: whole(1, 1_000_000_000),
  /** A Liquid text; empty: our own. */
  reply: Type.String({ maxLength: 300 }),
})
export type GiftRules = Static<typeof GiftRules>

const NO_HANDING: GiftRules = { on: false, perDay: 500, reply: '' }
export const giftSetting = setting('handing', 'rule for handing currency on', GiftRules, NO_HANDING)

export interface ChangeHanding {
  readonly kind: 'people.handing'
  readonly handing: GiftRules
}

export const changeGiftRules = {
  decide(world, { handing }) {
    writeSetting(world, giftSetting, handing)
    world.fact('chat.words', 'desk', {})
    return ok({})
  },
} satisfies Handler<ChangeHanding>

/** The day of a time in a time zone, counted in days: the same number from midnight to midnight there. */
export function dayIn(timeZone: string, at: UnixSeconds): number {
  const parts = new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' })
  return Date.parse(`${parts.format(at * 1000)}T00:00:00Z`) / 86_400_000
}

/** Whether viewers may pass currency on at all. */
export function mayGift(world: World): Result<true> {
  const { many } = readSetting(world, currencySetting)
  return readSetting(world, giftSetting).on
    ? checkEconomy(world)
    : refuse('handing_off', `Gifts of ${many} are switched off here.`)
}

/** Passes currency on from one viewer to another. Needs both wallets and the giver's habits. */
export function gift(world: World, from: ViewerRow, to: ViewerRow, amount: Amount): Result<{ amount: Amount }> {
  const allowed = mayGift(world)
  if (!allowed.ok) return allowed
  const { perDay } = readSetting(world, giftSetting)
  const currency = readSetting(world, currencySetting)
  if (from.ignored || to.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  if (from.id === to.id) return refuse('hand_to_self', `Those ${currency.many} are already yours.`)
  const day = dayIn(readSetting(world, zoneSetting).timeZone, world.at)
  const habit = habitOf(world, from.id)
  const handed = habit.handedDay === day ? habit.handed : 0
  if (handed + amount > perDay) {
    const left = Math.max(0, perDay - handed)
    return refuse('hand_limit', `You can give ${inWords(left, currency)} more today.`, { left })
  }
  const balance = balanceOf(world, from.id)
  if (balance < amount) return refuse('balance_too_small', `You have ${inWords(balance, currency)}.`, { balance })
  const detail = { from: from.name, to: to.name }
  const moved = transfer(world, { from: from.id, to: to.id, amount, reason: 'handed', detail })
  if (!moved.ok) return moved
  world.put(habits, { ...habit, handedDay: day, handed: handed + amount })
  for (const { id } of [from, to]) world.fact('balance.changed', `viewer:${id}`, { balance: balanceOf(world, id) })
  return ok({ amount })
}
