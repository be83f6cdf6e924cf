import { type Currency, currencySetting, inWords } from '../currency/index.ts'
import { mayTakePart } from '../earning/index.ts'
import { BOOKS, balanceOf, openAccount, transfer } from '../ledger/index.ts'
import { meet, needViewer, type ViewerRow, type Who } from '../people/index.ts'
import { rankName } from '../ranks/index.ts'
import { showAlert } from '../screen/index.ts'
import { readSetting } from '../settings/index.ts'
import { showOnAir } from '../show/index.ts'
import { fillIn } from '../texts/index.ts'
import { say } from '../voice/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { MAX_TEXT } from './limits.ts'
import { type OrderRow, orders } from './orders.ts'
import { openWords, type RewardRow, rewards } from './rewards.ts'

export interface Purchase {
  readonly order: OrderRow
  readonly reward: RewardRow
  readonly balance: number
}

/**
 * Buys a reward: the price leaves the wallet and is held in the order's pot (by hand) or spent at once (by itself),
 * the order is placed and its alert shown. All or nothing.
 * @param word - The reward's word as typed, any case.
 * @param text - What the buyer says to it; needed exactly if the reward asks.
 */
export function buy(world: World, viewer: ViewerRow, word: string, text: string): Result<Purchase> {
  const currency = readSetting(world, currencySetting)
  const reward = world.find(rewards, 'word', word.toLowerCase())
  const checked = checkPurchase(world, currency, viewer, reward, word, text.trim())
  if (!checked.ok) return checked
  const order = placeOrder(world, viewer, checked.value, text.trim())
  const balance = balanceOf(world, viewer.id)
  announce(world, order, checked.value, currency, balance)
  return ok({ order, reward: checked.value, balance })
}

/** Places an order without a price, as a step does: whoever it is for has paid otherwise, or nothing. */
export function placeFree(world: World, viewer: ViewerRow, reward: RewardRow, text: string): Result<OrderRow> {
  if (viewer.ignored) return refuse('viewer_ignored', 'This account takes no part in the channel.')
  if (!reward.open) return refuse('reward_closed', `${reward.name} is not for sale right now.`)
  const free = { ...reward, price: 0 }
  const order = placeOrder(world, viewer, free, text.slice(0, MAX_TEXT))
  announce(world, order, free, readSetting(world, currencySetting), balanceOf(world, viewer.id))
  return ok(order)
}

function checkPurchase(
  world: World,
  currency: Currency,
  viewer: ViewerRow,
  reward: RewardRow | undefined,
  word: string,
  text: string,
): Result<RewardRow> {
  if (viewer.ignored) return refuse('viewer_ignored', 'This account takes no part in the channel.')
  if (reward === undefined) {
    const words = openWords(world)
    const offer = words.length > 0 ? `There are: ${words.join(', ')}.` : 'The store is empty right now.'
    return refuse('reward_not_found', `There is no reward "${word}". ${offer}`)
  }
  if (!reward.open) return refuse('reward_closed', `${reward.name} is not for sale right now.`)
  const newcomer = mayTakePart(world, viewer)
  if (!newcomer.ok) return newcomer
  const balance = balanceOf(world, viewer.id)
  if (balance < reward.price) {
    const short = reward.price - balance
    const sentence = `${reward.name} costs ${inWords(reward.price, currency)}; with ${inWords(balance, currency)} that is ${inWords(short, currency)} short.`
    return refuse('balance_too_small', sentence, { price: reward.price, balance, short })
  }
  if (reward.ask !== null && text === '') {
    return refuse('text_missing', `${reward.name} needs a word from you: ${reward.ask} Say it after the reward's word.`)
  }
  if (text.length > MAX_TEXT) {
    return refuse('text_too_long', `That is ${text.length} letters long; ${MAX_TEXT} is the most. Shorten it.`)
  }
  return ok(reward)
}

function placeOrder(world: World, viewer: ViewerRow, reward: RewardRow, text: string): OrderRow {
  const id = world.nextId()
  const byHand = reward.delivery === 'hand'
  const payment = reward.price === 0 ? 0 : pay(world, viewer, reward, id)
  return world.put(orders, {
    id,
    reward: reward.id,
    rewardName: reward.name,
    viewer: viewer.id,
    viewerName: viewer.name,
    price: reward.price,
    text: text === '' ? null : text,
    status: byHand ? 'waiting' : 'done',
    show: showOnAir(world)?.id ?? null,
    placedAt: world.at,
    endedAt: byHand ? null : world.at,
    endedBy: null,
    payment,
  })
}

/** @returns The id of the transfer. */
function pay(world: World, viewer: ViewerRow, reward: RewardRow, order: number): number {
  const byHand = reward.delivery === 'hand'
  if (byHand) openAccount(world, order, 'pot')
  const payment = transfer(world, {
    from: viewer.id,
    to: byHand ? order : BOOKS.spent,
    amount: reward.price,
    reason: 'ordered',
    about: order,
    detail: { name: reward.name },
  })
  if (!payment.ok) throw new Error(`A checked purchase was refused: ${payment.refusal.sentence}`)
  return payment.value.id
}

function announce(world: World, order: OrderRow, reward: RewardRow, currency: Currency, balance: number): void {
  const { id, viewer, viewerName, rewardName, price, text, status } = order
  world.fact('order.placed', 'desk', { order: id, viewer, viewerName, rewardName, price, text, status })
  world.fact('order.changed', `viewer:${viewer}`, { order: id, status, balance })
  world.moment('orderPlaced', viewer, { reward: order.reward, name: rewardName, price, text: text ?? '' })
  if (reward.alertTitle === '') return
  const fields = {
    viewer: { name: viewerName, rank: rankName(world, viewer) },
    reward: { name: rewardName, price },
    order: { text: text ?? '', cost: inWords(price, currency) },
  }
  showAlert(world, {
    title: fillIn(reward.alertTitle, fields),
    line: fillIn(reward.alertLine, fields),
    picture: reward.picture,
    sound: reward.sound,
    seconds: 7,
  })
}

export interface PlaceOrder {
  readonly kind: 'store.buy'
  readonly who: Who
  readonly word: string
  readonly text: string
}

/** A purchase on the viewer page. Confirmed in chat like one made there, so that everybody can follow. */
export const placeByPage: Handler<PlaceOrder> = {
  needs: (world, intent) => needViewer(world, intent.who.account),
  decide(world, intent) {
    const bought = buy(world, meet(world, intent.who), intent.word, intent.text)
    if (!bought.ok) return bought
    const { order, balance } = bought.value
    say(world, { topic: 'store', to: null, text: boughtInWords(world, bought.value) })
    return ok({ order: order.id, status: order.status, price: order.price, balance })
  },
}

/** "MarenTin bought Choose the next repair for 900 rivets, 312 rivets left." */
export function boughtInWords(world: World, { order, balance }: Purchase): string {
  const currency = readSetting(world, currencySetting)
  const left = `${inWords(balance, currency)} left`
  return `${order.viewerName} bought ${order.rewardName} for ${inWords(order.price, currency)}, ${left}.`
}
