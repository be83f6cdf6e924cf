import { findViewer, keyOf, meet, needWatch, type Who } from '../people/index.ts'
import { needSales, openRewards, saleCountsOf } from '../store/index.ts'
import { say } from '../voice/index.ts'
import { type Handler, ok, type Result, refuse } from '../world/index.ts'
import { boughtInWords, buy, needPurchase, openWords, rewardByWord, unlock } from './purchase.ts'

/** Two orders of the same within so many seconds look like a slip: the page asks. */
const SLIP_SECONDS = 20

export interface PlaceOrder {
  readonly kind: 'store.buy'
  readonly who: Who
  readonly word: string
  readonly text: string
  readonly address?: string | null
  readonly confirmed?: boolean
  /** Whether it is meant, although the same was ordered only just now. */
  readonly again?: boolean
}

/** A purchase on the viewer page. Confirmed in chat like one made there, so that everybody can follow. */
export const placeByPage = {
  needs(world, { who, word }) {
    const needed = needWatch(world, keyOf(who))
    const reward = rewardByWord(world, word)
    if (reward === undefined || !needed.every((need) => world.rows.has(need))) return needed
    return [...needed, ...needPurchase(world, reward, keyOf(who))]
  },
  decide(world, { who, word, text, address = null, confirmed = false, again = true }) {
    const viewer = meet(world, who)
    const reward = rewardByWord(world, word)
    if (reward === undefined) {
      const offer = openWords(world).join(', ')
      return refuse('reward_not_found', `There is no reward "${word}". There are: ${offer === '' ? 'none' : offer}.`)
    }
    const slip = world.at - saleCountsOf(world, reward.id, viewer.id).lastAt
    if (!again && slip < SLIP_SECONDS)
      return refuse(
        'order_twice',
        `You ordered ${reward.settings.name} ${slip < 2 ? 'just now' : `${slip} seconds ago`}. Order it again?`,
      )
    const bought = buy(world, viewer, reward, { text, address, confirmed, asker: null })
    if (!bought.ok) return bought
    const { order, balance } = bought.value
    if (reward.settings.say) say(world, { topic: 'store', to: null, text: boughtInWords(world, bought.value) })
    return ok({ order: order.id, status: order.status, price: order.price, balance, coded: order.code !== null })
  },
} satisfies Handler<PlaceOrder>

export interface Unlock {
  readonly kind: 'store.unlock'
  readonly who: Who
  readonly word: string
}

/** Somebody says a secret word on the page: every reward that it opens is theirs to see from then on. */
export const unlockRewards = {
  needs(world, { who }) {
    const needed = needWatch(world, keyOf(who))
    const viewer = needed.every((need) => world.rows.has(need)) ? findViewer(world, keyOf(who)) : undefined
    const locked = openRewards(world).filter(({ settings }) => settings.secret !== '')
    return [...needed, ...locked.flatMap(({ id }) => needSales(id, viewer?.id))]
  },
  decide(world, { who, word }): Result<{ unlocked: readonly string[] }> {
    const viewer = meet(world, who)
    const opened = openRewards(world).filter((reward) => reward.settings.on && unlock(world, viewer, reward, word))
    if (opened.length === 0)
      return refuse('secret_wrong', `"${word.slice(0, 30)}" opens nothing here. Ask where you heard it.`)
    world.fact('store.changed', `viewer:${viewer.id}`, {})
    return ok({ unlocked: opened.map(({ settings }) => settings.name) })
  },
} satisfies Handler<Unlock>
