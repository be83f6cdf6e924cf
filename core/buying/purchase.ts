import { needLimits } from '../access/index.ts'
import { currencySetting, inWords } from '../currency/index.ts'
import { maySpend, mayTakePart } from '../earning/index.ts'
import { balanceOf } from '../ledger/index.ts'
import { findViewer, isTestViewer, type ViewerRow } from '../people/index.ts'
import { figuresOfOrder, finishRun, needSteps, newRun, queued, refusedRun, runs } from '../runs/index.ts'
import type { Amount } from '../schema.ts'
import { checkEconomy, homeSetting, readSetting } from '../settings/index.ts'
import {
  buyingOf,
  checkAnswer,
  needCodes,
  needSales,
  type OrderRow,
  openRewards,
  placeOrder,
  type RewardRow,
  rewardSales,
  rewards,
  saleCountsOf,
  whyNot,
} from '../store/index.ts'
import { countOf, needTally, tallyInWords, tallyOf } from '../tallies/index.ts'
import { type Asker, CODE_HERE, sayPrivately } from '../voice/index.ts'
import { type Need, ok, type Result, refuse, type World } from '../world/index.ts'

export interface Purchase {
  readonly order: OrderRow
  readonly reward: RewardRow
  readonly balance: Amount
}

/** How somebody buys: what they say to it, where it is sent, what they confirm. */
export interface Buys {
  readonly text: string
  readonly address: string | null
  /** Whether they confirmed what the reward wants confirmed. */
  readonly confirmed: boolean
  /** Who is answered in chat; null: it is bought on the page. */
  readonly asker: Asker | null
}

/** What buying a reward needs beside its buyer and what they have watched. To be asked again until all is there. */
export function needPurchase(world: World, reward: RewardRow, account: string): Need[] {
  const caller = findViewer(world, account)?.id
  const { tally } = reward.settings
  const ofTally = tally === null || caller === undefined ? [] : [needTally(tally.tally, caller)]
  const needed = [...needSales(reward.id, caller), ...needCodes(world, reward), ...ofTally]
  const { steps } = reward.settings
  if (steps.length === 0 || !needed.every((need) => world.rows.has(need))) return needed
  return [
    ...needed,
    ...needLimits(`r${reward.id}`, caller),
    ...needSteps(world, steps, { caller, named: {} }, [-reward.id]),
  ]
}

/** A reward by its word, in any case. */
export const rewardByWord = (world: World, word: string): RewardRow | undefined =>
  world.find(rewards, 'word', word.toLowerCase())

/**
 * Buys a reward: checks who may and how often, what the buyer said and holds; takes the price, places the order, does its steps.
 * All of it happens or nothing.
 */
export function buy(world: World, viewer: ViewerRow, reward: RewardRow, buys: Buys): Result<Purchase> {
  const before = world.mark()
  const checked = checkPurchase(world, viewer, reward, buys)
  if (!checked.ok) return checked
  const { price } = reward.settings
  const order = placeOrder(world, viewer, reward, { text: checked.value, price, address: buys.address })
  const done = doRewardSteps(world, viewer, reward, order, buys.asker)
  if (done.ok) return ok({ order, reward, balance: balanceOf(world, viewer.id) })
  world.undo(before)
  const of = { source: 'reward', of: reward.id, name: reward.settings.name } as const
  const base = { id: world.nextId(), at: world.at, ...of, viewer: viewer.id, viewerName: viewer.name }
  world.append(runs, refusedRun(base, done.refusal))
  world.fact('run.ended', 'desk', { run: base.id, outcome: 'refused' })
  return done
}

function checkPurchase(world: World, viewer: ViewerRow, reward: RewardRow, buys: Buys): Result<string> {
  const { settings } = reward
  if (isTestViewer(viewer)) {
    if (settings.kind === 'code')
      return refuse(
        'test_gets_no_code',
        `${settings.name} gives out codes, and a test viewer gets none: they are real.`,
      )
  } else if (viewer.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  const may = mayPay(world, settings.price, viewer)
  if (!may.ok) return may
  const refusal = whyNot(settings, buyingOf(world, viewer, reward))
  if (refusal !== undefined) return { ok: false, refusal }
  const currency = readSetting(world, currencySetting)
  const balance = balanceOf(world, viewer.id)
  if (balance < settings.price) {
    const short = settings.price - balance
    const sentence = `${settings.name} costs ${inWords(settings.price, currency)}; with ${inWords(balance, currency)} that is ${inWords(short, currency)} short.`
    return refuse('balance_too_small', sentence, { price: settings.price, balance, short })
  }
  const tally = checkTally(world, reward, viewer)
  if (!tally.ok) return tally
  const sent = checkAddress(world, reward, buys)
  if (!sent.ok) return sent
  if (settings.confirm !== '' && !buys.confirmed) return refuse('confirm_missing', confirmSentence(reward, buys.asker))
  return checkAnswer(settings.name, settings.asks, buys.text)
}

/** Whether somebody may buy at a price: the economy is on, and they are no newcomer; whoever tries things does not wait. */
function mayPay(world: World, price: Amount, viewer: ViewerRow): Result<true> {
  if (isTestViewer(viewer)) return price > 0 ? checkEconomy(world) : ok(true)
  return price > 0 ? maySpend(world, viewer) : mayTakePart(world, viewer)
}

/** Whether somebody has what it costs of a tally; the test viewer has no tallies, and need not. */
function checkTally(world: World, { settings: { name, tally: cost } }: RewardRow, viewer: ViewerRow): Result<true> {
  if (cost === null || isTestViewer(viewer)) return ok(true)
  const tally = tallyOf(world, cost.tally)
  if (tally === undefined)
    return refuse(
      'reward_closed',
      `${name} costs something that is not counted any more. Ask the streamer to change it.`,
    )
  const { total } = countOf(world, cost.tally, viewer.id)
  if (total >= cost.count) return ok(true)
  const [takes, has] = [tallyInWords(tally, cost.count), tallyInWords(tally, total)]
  return refuse('tally_too_small', `${name} costs ${takes}; you have ${has}.`, {
    has: total,
    short: cost.count - total,
  })
}

function confirmSentence({ settings }: RewardRow, asker: Asker | null): string {
  const how = asker === null ? 'Tick it' : `Add "yes" after the reward’s command`
  return `${settings.name} needs you to confirm: ${settings.confirm} ${how} to buy it.`
}

const MOST_ADDRESS = 500

function checkAddress(world: World, { settings }: RewardRow, { address, asker }: Buys): Result<true> {
  if (settings.post === null) return ok(true)
  if (asker !== null) {
    const page = readSetting(world, homeSetting).address
    const where = page === '' ? 'on the viewer page' : `on ${page}`
    return refuse('address_missing', `${settings.name} comes by post. Buy it ${where}, where you can give an address.`)
  }
  const lines = (address ?? '').trim()
  if (lines === '') return refuse('address_missing', `${settings.name} comes by post: give an address.`)
  return lines.length > MOST_ADDRESS
    ? refuse('text_too_long', `An address can have ${MOST_ADDRESS} characters. Shorten it.`)
    : ok(true)
}

function doRewardSteps(
  world: World,
  viewer: ViewerRow,
  { id, settings }: RewardRow,
  order: OrderRow,
  asker: Asker | null,
): Result<unknown> {
  if (settings.kind !== 'itself' || settings.steps.length === 0) return ok(true)
  const run = newRun({
    world,
    id: world.nextId(),
    source: { source: 'reward', of: id, name: settings.name },
    limitKey: `r${id}`,
    caller: viewer,
    wanted: [],
    given: {},
    figures: figuresOfOrder(world, order),
    depth: 0,
    asker,
    reply: null,
    paid: 0,
    taken: 0,
  })
  return finishRun(run, queued(settings.steps), null)
}

/** Notes that somebody knows a reward's secret word. @returns Whether the word was one. */
export function unlock(world: World, viewer: ViewerRow, reward: RewardRow, word: string): boolean {
  const { secret } = reward.settings
  if (secret === '' || word.toLowerCase() !== secret.toLowerCase()) return false
  const own = saleCountsOf(world, reward.id, viewer.id)
  if (!own.unlocked) world.put(rewardSales, { ...own, unlocked: true })
  return true
}

/** What is said in chat before what the buyer tells: the secret word, then "yes" to what is to be confirmed. */
export function takeWords(
  world: World,
  viewer: ViewerRow,
  reward: RewardRow,
  typed: string,
): { readonly text: string; readonly confirmed: boolean } {
  const { secret, confirm } = reward.settings
  const locked = secret !== '' && !saleCountsOf(world, reward.id, viewer.id).unlocked
  const [first, rest] = splitOnce(typed)
  const text = locked && unlock(world, viewer, reward, first) ? rest : typed
  const [yes, after] = splitOnce(text)
  const confirmed = confirm !== '' && /^yes$/i.test(yes)
  return { text: confirmed ? after : text, confirmed }
}

/** The first word of a text, and what follows it. */
export function splitOnce(text: string): [first: string, rest: string] {
  const at = text.search(/\s/)
  return at < 0 ? [text, ''] : [text.slice(0, at), text.slice(at).trim()]
}

/** "MarenTin bought Choose the next repair for 900 rivets, 312 rivets left." */
export function boughtInWords(world: World, { order, balance }: Purchase): string {
  const currency = readSetting(world, currencySetting)
  const row = order.tally === null ? undefined : tallyOf(world, order.tally)
  const tally = row && tallyInWords(row, order.tallyCount)
  if (order.price === 0)
    return `${order.viewerName} got ${order.rewardName}${tally === undefined ? '' : ` for ${tally}`}.`
  return `${order.viewerName} bought ${order.rewardName} for ${inWords(order.price, currency)}${tally === undefined ? '' : ` and ${tally}`}, ${inWords(balance, currency)} left.`
}

/** Tells a buyer their code, to them alone. */
export function tellCode(world: World, viewer: ViewerRow, { order }: Purchase): void {
  if (order.code !== null)
    sayPrivately(world, {
      viewer,
      text: `Your code for ${order.rewardName}: ${CODE_HERE}`,
      code: { of: 'order', id: order.id },
    })
}

/** The words of the rewards that are for sale and open to everyone to see, in the store's order. */
export const openWords = (world: World): string[] =>
  openRewards(world)
    .filter(({ settings }) => settings.on && settings.secret === '')
    .map(({ settings }) => settings.word)
