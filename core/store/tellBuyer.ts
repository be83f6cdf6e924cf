import { currencySetting, inWords } from '../currency/index.ts'
import { viewers } from '../people/index.ts'
import { rankName } from '../ranks/index.ts'
import { readSetting } from '../settings/index.ts'
import { fillIn, plainText } from '../texts/index.ts'
import { say, sayPrivately } from '../voice/index.ts'
import type { World } from '../world/index.ts'
import type { OrderRow } from './orders.ts'
import { rewardOf } from './rewards.ts'

/** What an order's texts can tell, by the names that alerts and answers use. */
export function orderFields(
  world: World,
  order: Pick<OrderRow, 'viewer' | 'viewerName' | 'rewardName' | 'price' | 'text'>,
) {
  const { viewer, viewerName, rewardName, price, text } = order
  return {
    viewer: { name: viewerName, rank: rankName(world, viewer) },
    reward: { name: rewardName, price },
    order: { text: text ?? '', cost: inWords(price, readSetting(world, currencySetting)) },
  }
}

/** Tells the buyer what the reward says once it is done. @param message - In place of that, by who did it. */
export function tellBuyer(world: World, order: OrderRow, message = ''): void {
  const settings = rewardOf(world, order.reward)?.settings
  const viewer = world.get(viewers, order.viewer)
  const own = plainText(message)
  const text = own === '' ? fillIn(settings?.doneText ?? '', orderFields(world, order)) : `${order.viewerName}: ${own}`
  if (viewer === undefined || text.trim() === '') return
  if (settings?.doneTo === 'private') sayPrivately(world, { viewer, text })
  else say(world, { topic: 'store', to: null, text })
}
