import { whyNotFor } from '../access/index.ts'
import { BOOKS, balanceOf, openAccount, transfer } from '../ledger/index.ts'
import { isTestViewer, type ViewerRow, watchOf } from '../people/index.ts'
import type { Amount, OrderId, RaffleId } from '../schema.ts'
import { showSaved } from '../screen/index.ts'
import { readSetting, zoneSetting } from '../settings/index.ts'
import { limitPeriod, showOnAir } from '../show/index.ts'
import { payWith, tallyOf } from '../tallies/index.ts'
import type { World } from '../world/index.ts'
import { type Buying, leftOf, nowAt } from './limits.ts'
import { addresses, type OrderRow, orders } from './orders.ts'
import { startPerk } from './perk.ts'
import {
  codeKey,
  codeListOf,
  codeLists,
  codes,
  codesLeft,
  type RewardRow,
  rewardSales,
  saleCountsOf,
} from './rewards.ts'
import type { RewardSettings } from './schema.ts'
import { orderFields, tellBuyer } from './tellBuyer.ts'
import { counted, type Now } from './windows.ts'

/** All that decides whether somebody may buy a reward now. Needs the reward's sales and what they have watched. */
export function buyingOf(world: World, viewer: ViewerRow, reward: RewardRow): Buying {
  const { timeZone } = readSetting(world, zoneSetting)
  return {
    at: world.at,
    timeZone,
    onAir: showOnAir(world) !== undefined,
    now: nowIn(world),
    all: saleCountsOf(world, reward.id, null),
    own: saleCountsOf(world, reward.id, viewer.id),
    barred: whyNotFor(world, reward.settings.who, viewer, reward.settings.name),
    watched: watchOf(world, viewer.id).watchedSeconds,
    codes: codesLeft(codeListOf(world, reward.id)),
  }
}

/** What is bought: what the buyer said, what it costs them, and where it is sent. */
export interface Wanted {
  readonly text: string
  /** 0: it is placed without a price, as a step does. */
  readonly price: Amount
  readonly address: string | null
  /** A step places it: it costs nothing at all. */
  readonly free?: true
}

/**
 * Places an order that has been checked: the price leaves the wallet and is held in the order's pot (by hand) or spent at once, it
 * counts towards the limits, a code is given out, a time begins to run, and its alert is shown.
 */
export function placeOrder(world: World, viewer: ViewerRow, reward: RewardRow, wanted: Wanted): OrderRow {
  const { settings } = reward
  const id = world.nextId()
  const now = count(world, viewer, reward)
  const byHand = settings.kind === 'hand'
  const payment = wanted.price === 0 ? 0 : pay(world, viewer, reward, id, wanted.price)
  const order: OrderRow = {
    id,
    reward: reward.id,
    rewardName: settings.name,
    viewer: viewer.id,
    viewerName: viewer.name,
    price: wanted.price,
    ...(wanted.free || isTestViewer(viewer) ? NO_TALLY : payTally(world, viewer, settings)),
    text: wanted.text === '' ? null : wanted.text,
    status: byHand ? 'waiting' : 'done',
    // What is bought to try it is none of the show's sales.
    show: isTestViewer(viewer) ? null : (showOnAir(world)?.id ?? null),
    placedAt: world.at,
    endedAt: byHand ? null : world.at,
    endedBy: null,
    payment,
    byHand,
    takenBy: null,
    ...now,
    beginsAt: null,
    endsAt: null,
    circle: null,
    code: settings.kind === 'code' ? giveCode(world, reward, id) : null,
  }
  const placed = world.put(orders, !byHand && settings.perk !== null ? startPerk(world, order, settings.perk) : order)
  if (wanted.address !== null) world.put(addresses, { id, viewer: viewer.id, address: wanted.address, eraseAt: null })
  announce(world, placed, reward)
  if (!byHand) tellBuyer(world, placed)
  return placed
}

const NO_TALLY = { tally: null, tallyCount: 0 }

/** Takes what it costs of a tally. Needs what the viewer has of it. */
function payTally(world: World, viewer: ViewerRow, { tally: cost }: RewardSettings) {
  const row = cost === null ? undefined : tallyOf(world, cost.tally)
  if (cost === null || row === undefined) return NO_TALLY
  payWith(world, row.id, viewer.id, -cost.count)
  return { tally: cost.tally, tallyCount: cost.count }
}

/** What each window begins with now. */
const nowIn = (world: World): Now => nowAt(world.at, readSetting(world, zoneSetting).timeZone, limitPeriod(world))

function count(world: World, viewer: ViewerRow, reward: RewardRow): Now {
  const now = nowIn(world)
  const { rest } = reward.settings
  if (isTestViewer(viewer)) return now
  for (const [who, seconds] of [
    [null, rest.everyoneSeconds],
    [viewer.id, rest.eachSeconds],
  ] as const) {
    const row = saleCountsOf(world, reward.id, who)
    world.put(rewardSales, {
      ...row,
      ...counted(row, now),
      until: seconds > 0 ? world.at + seconds : row.until,
      lastAt: world.at,
    })
  }
  if (rest.everyoneSeconds > 0)
    world.fact('store.rests', 'everyone', { reward: reward.id, until: world.at + rest.everyoneSeconds })
  return now
}

/** @returns The id of the transfer. */
function pay(world: World, viewer: ViewerRow, { settings }: RewardRow, order: OrderId, price: Amount): number {
  const byHand = settings.kind === 'hand'
  if (byHand) openAccount(world, order, 'pot')
  const payment = transfer(world, {
    from: viewer.id,
    to: byHand ? order : BOOKS.spent,
    amount: price,
    reason: 'ordered',
    about: order,
    detail: { name: settings.name },
  })
  if (!payment.ok) throw new Error(`A checked purchase was refused: ${payment.refusal.sentence}`)
  return payment.value.id
}

/** Gives out the next code of a reward's list. @param order - What it goes out with: an order, or a raffle. Needs `needCodes`; there must be one left. */
export function giveCode(world: World, reward: RewardRow, order: OrderId | RaffleId): string {
  const list = codeListOf(world, reward.id)
  const row = world.get(codes, codeKey(reward.id, list.given + 1))
  if (row === undefined) throw new Error(`The code ${list.given + 1} of reward ${reward.id} is not there.`)
  world.put(codes, { ...row, order })
  world.put(codeLists, { ...list, given: list.given + 1 })
  return row.code
}

function announce(world: World, order: OrderRow, reward: RewardRow): void {
  const { id, viewer, viewerName, rewardName, price, text, status } = order
  const { kind, alert } = reward.settings
  const balance = balanceOf(world, viewer)
  world.fact('order.placed', 'desk', {
    order: id,
    viewer,
    viewerName,
    rewardName,
    price,
    text,
    status,
    reward: reward.id,
  })
  world.fact('order.changed', `viewer:${viewer}`, { order: id, status, balance })
  world.moment('orderPlaced', viewer, { reward: reward.id, name: rewardName, price, text: text ?? '' })
  tellStock(world, reward)
  if (kind === 'code') warnOfCodes(world, reward)
  warnOfStock(world, reward)
  if (alert !== null) showSaved(world, alert, orderFields(world, order))
}

/** How many are left now; null: there is no limit. */
export const leftIn = (world: World, { id, settings }: RewardRow): number | null =>
  leftOf(settings, saleCountsOf(world, id, null), nowIn(world), codesLeft(codeListOf(world, id)))

/** Tells every page how many are left, where there is a limit. */
export function tellStock(world: World, reward: RewardRow): void {
  const left = leftIn(world, reward)
  if (left !== null) world.fact('store.stock', 'everyone', { reward: reward.id, left })
}

/** Once for each time that so many are left. */
function warnOfStock(world: World, reward: RewardRow): void {
  const { id, settings } = reward
  if (settings.lowStock > 0 && leftIn(world, reward) === settings.lowStock)
    world.fact('store.low', 'desk', { reward: id, name: settings.name, left: settings.lowStock })
}

function warnOfCodes(world: World, { id, settings }: RewardRow): void {
  const left = codesLeft(codeListOf(world, id))
  if (left <= settings.low) world.fact('store.codesLow', 'desk', { reward: id, name: settings.name, left })
}
