import { orderFields } from '../store/index.ts'
import type { World } from '../world/index.ts'

/** What a reward's steps and its alert can tell of an order. */
export function figuresOfOrder(world: World, order: Parameters<typeof orderFields>[1] & { readonly id: number }) {
  const { reward, order: said } = orderFields(world, order)
  return { name: reward.name, price: reward.price, text: said.text, cost: said.cost, orderId: order.id }
}
