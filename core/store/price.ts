import { type EarningPlan, type Example, examplesOf, getsOf, supportPays } from '../earning/index.ts'
import { mulDiv } from '../ledger/index.ts'
import type { CircleRow } from '../people/index.ts'
import type { Amount, RewardId, Seconds } from '../schema.ts'

/** What a price is in watching, for one like an example viewer: seconds, or null where they earn nothing. */
export interface InWatching {
  readonly name: string
  readonly seconds: Seconds | null
}

const HOUR = 3600

/**
 * A price in seconds of watching for each kind of viewer, by what an hour of watching pays them under a plan (`getsOf`):
 * price x 3600 / an hour's pay, rounded up.
 */
export function priceInWatching(
  plan: EarningPlan,
  circles: readonly Pick<CircleRow, 'id' | 'name'>[],
  price: Amount,
): InWatching[] {
  return examplesOf(circles).map((example: Example) => {
    const { hour } = getsOf(plan, example, { shows: 0, seconds: 0 })
    return { name: example.name, seconds: hour === 0 ? null : -Math.floor(-(price * HOUR) / hour) }
  })
}

/** What a newcomer has before any watching: from the first visit on, once they follow, once they subscribe too. */
export interface AtOnce {
  readonly welcome: Amount
  readonly following: Amount
  readonly subscribing: Amount
}

/** What a plan gives a newcomer at once, counting the welcome, a follow and a subscription of the first tier. */
export function atOnce({ welcome, support }: EarningPlan): AtOnce {
  const following = welcome + supportPays(support, { kind: 'follow' })
  return { welcome, following, subscribing: following + supportPays(support, { kind: 'subscription', tier: 1 }) }
}

/** When a newcomer could buy at a price; undefined: not before they have watched. */
export function whenAtOnce(price: Amount, { welcome, following, subscribing }: AtOnce): keyof AtOnce | undefined {
  if (price <= welcome) return 'welcome'
  if (price <= following) return 'following'
  return price <= subscribing ? 'subscribing' : undefined
}

/** Watching in few words, rounded up: "34 min", from an hour and a half on "2.5 h". */
export function watchingInWords(seconds: Seconds): string {
  const minutes = -Math.floor(-seconds / 60)
  return minutes < 90 ? `${minutes} min` : `${(-Math.floor(-minutes / 6) / 10).toFixed(1)} h`
}

/** What people hold: the balances of those seen lately, at a hundred even steps from the smallest to the largest, and how many they are. */
export interface Holdings {
  readonly people: number
  /** Ascending. */
  readonly steps: readonly number[]
}

/** So many even steps tell what people hold. */
export const HOLDING_STEPS = 100

/** Balances (ascending) told by a hundred even steps. */
export function holdingsOf(balances: readonly number[]): Holdings {
  const last = balances.length - 1
  const steps = Array.from(
    { length: last < 0 ? 0 : HOLDING_STEPS + 1 },
    (_, i) => balances[mulDiv(last, i, HOLDING_STEPS)] ?? 0,
  )
  return { people: balances.length, steps }
}

/** About how many people hold a price or more. Exact at the steps, and between them as if people were spread evenly. */
export function couldBuy({ people, steps }: Holdings, price: Amount): number {
  if (people === 0 || steps.length === 0) return 0
  const at = steps.findIndex((balance) => balance >= price)
  if (at <= 0) return at === 0 ? people : 0
  const [below, above] = [steps[at - 1] ?? 0, steps[at] ?? 0]
  const within = above === below ? 0 : (price - below) / (above - below)
  return Math.round(people * (1 - (at - 1 + within) / (steps.length - 1)))
}

/** What half of the people hold at most. */
export const medianOf = ({ steps }: Holdings): number => steps[Math.floor((steps.length - 1) / 2)] ?? 0

/** What a reward sold in the last shows, at what price. */
export interface Sales {
  readonly reward: RewardId
  readonly name: string
  readonly price: Amount
  readonly sold: number
}

/** The rewards next to a price, one below and one above, without itself. */
export function neighboursOf(all: readonly Sales[], price: Amount, but: number | null): Sales[] {
  const others = all.filter(({ reward }) => reward !== but).sort((a, b) => a.price - b.price)
  const below = others.filter((one) => one.price <= price).at(-1)
  const above = others.find((one) => one.price > price)
  return [below, above].filter((one) => one !== undefined)
}

/**
 * About how many would be sold in a show at a price, in tenths: what the reward itself sold, else the mean of its neighbours in
 * price, each scaled by how many more or fewer people could pay this price. Null where there is nothing to go by.
 * @param shows - How many shows the sales are of.
 */
export function wouldSell(
  holdings: Holdings,
  all: readonly Sales[],
  { reward, price, shows }: { reward: RewardId | null; price: Amount; shows: number },
): number | null {
  const own = all.find((one) => one.reward === reward && one.sold > 0)
  const from = own === undefined ? neighboursOf(all, price, reward) : [own]
  if (shows === 0 || from.length === 0) return null
  const able = couldBuy(holdings, price)
  const each = from.map((one) => {
    const then = couldBuy(holdings, one.price)
    return then === 0 ? 0 : (one.sold / shows) * (able / then)
  })
  return Math.round((each.reduce((sum, one) => sum + one, 0) / each.length) * 10)
}
