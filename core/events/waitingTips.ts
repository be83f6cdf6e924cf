import { currencySetting, inWords, moneyInWords } from '../currency/index.ts'
import { earningSetting, moneyOf, payTip, tipPays } from '../earning/index.ts'
import { payeeOf, viewers } from '../people/index.ts'
import type { Amount, UnixSeconds, ViewerId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { defineTable, type Handler, ok, refuse, type World } from '../world/index.ts'

/** A tip in a currency that the plan has no rate for: it waits for a hand to decide what it pays. */
export interface WaitingTipRow {
  readonly id: number
  readonly at: UnixSeconds
  readonly viewer: ViewerId
  readonly name: string
  readonly minorUnits: number
  readonly currency: string
  readonly status: 'waiting' | 'paid' | 'dismissed'
  readonly paid: Amount
}

export const waitingTips = defineTable<WaitingTipRow>('waitingTip', 'keyed', (row) => row.id)

/** Has a tip wait. @returns What the events' list says of it. */
export function keepTip(
  world: World,
  viewer: { readonly id: number; readonly name: string },
  minorUnits: number,
  currency: string,
): string {
  const row = { id: world.nextId(), at: world.at, viewer: viewer.id, name: viewer.name, minorUnits, currency }
  world.put(waitingTips, { ...row, status: 'waiting' as const, paid: 0 })
  world.fact('tip.waits', 'desk', { tip: row.id, name: row.name, currency })
  return `The plan has no rate for ${currency}: waits on the Connections page to be decided.`
}

export interface DecideTip {
  readonly kind: 'tip.decide'
  readonly tip: number
  /** By the plan's rate, which it has by now; an amount of the channel's currency; or nothing. */
  readonly pay: 'rate' | 'nothing' | number
}

/** Decides what a tip pays that waited because its currency had no rate. */
export const decideTip = {
  decide(world, { tip, pay }) {
    const row = world.get(waitingTips, tip)
    if (row?.status !== 'waiting') return refuse('supporter_not_found', 'This has been decided. Reload the page.')
    const { support } = readSetting(world, earningSetting)
    const worth = pay === 'rate' ? tipPays(moneyOf(support), support.tip, row.minorUnits, row.currency) : Number(pay)
    if (pay === 'rate' && worth === undefined)
      return refuse('tip_no_rate', `The plan has no rate for ${row.currency} yet. Add one on the Earning page first.`)
    const viewer = world.get(viewers, payeeOf(world, row.viewer))
    const amount = pay === 'nothing' || viewer === undefined ? 0 : (worth ?? 0)
    const { minorUnits, currency } = row
    const paid = viewer === undefined || amount === 0 ? 0 : payTip(world, viewer, amount, { minorUnits, currency })
    world.put(waitingTips, { ...row, status: pay === 'nothing' ? 'dismissed' : 'paid', paid })
    world.fact('tip.decided', 'desk', { tip, paid })
    const money = moneyInWords(minorUnits, currency)
    return ok({ paid, told: `${money} of ${row.name}: ${inWords(paid, readSetting(world, currencySetting))}` })
  },
} satisfies Handler<DecideTip>
