import type { Amount } from '../schema.ts'
import type { World } from '../world/index.ts'
import { outsideRewards } from './table.ts'

/** A reward as the platform lists it. */
export interface ListedReward {
  readonly id: string
  readonly name: string
  readonly price: Amount
}

/** Notes the rewards of the platform's own points, as it lists them. What it lists no more stays known. */
export function noteRewards(world: World, list: readonly ListedReward[]): void {
  const listed = new Set(list.map(({ id }) => id))
  for (const row of world.all(outsideRewards))
    if (row.listed && !listed.has(row.id)) world.put(outsideRewards, { ...row, listed: false })
  for (const { id, name, price } of list) world.put(outsideRewards, { id, name, price, seenAt: world.at, listed: true })
  world.fact('commands.changed', 'everyone', { outside: list.length })
}

/** Notes a reward that was redeemed: a platform that lists none is known by what it reports. */
export function noteRedeemed(world: World, { id, name }: { id: string; name: string }): void {
  const known = world.get(outsideRewards, id)
  if (known?.name === name && known.seenAt > world.at - 3600) return
  world.put(outsideRewards, { id, name, price: known?.price ?? null, seenAt: world.at, listed: known?.listed ?? true })
  if (known === undefined) world.fact('commands.changed', 'everyone', { outside: 1 })
}
