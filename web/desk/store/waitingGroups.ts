/** Orders of one reward that wait: the oldest, and those behind it. */
export interface WaitingGroup<O> {
  readonly reward: string
  readonly orders: readonly O[]
}

/** So few cards are read at a glance, whatever they are of. */
const MOST_SINGLE = 4
/** From so many on, orders of one reward are said in one line. */
const LEAST_ALIKE = 3

/**
 * What waits, so that it never is a wall of the same card: where many wait, those of one reward stand together behind their oldest.
 * @param orders - The oldest first.
 */
export function waitingGroups<O extends { readonly rewardName: string }>(orders: readonly O[]): WaitingGroup<O>[] {
  if (orders.length <= MOST_SINGLE) return orders.map((order) => ({ reward: order.rewardName, orders: [order] }))
  const alike = new Map<string, O[]>()
  for (const order of orders) alike.set(order.rewardName, [...(alike.get(order.rewardName) ?? []), order])
  return orders.flatMap((order) => {
    const group = alike.get(order.rewardName) ?? []
    if (group.length < LEAST_ALIKE) return [{ reward: order.rewardName, orders: [order] }]
    return group[0] === order ? [{ reward: order.rewardName, orders: group }] : []
  })
}
