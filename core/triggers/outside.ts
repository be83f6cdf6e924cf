import type { Amount } from '../schema.ts'
import { type Handler, ok, type World } from '../world/index.ts'
import { outsideRewards } from './table.ts'

/** A reward as the platform lists it; what it leaves out does not hold. */
export interface ListedReward {
  readonly id: string
  readonly name: string
  readonly price: Amount
  readonly text?: string
  readonly asks?: boolean
  readonly paused?: boolean
  readonly changeable?: boolean
}

const rowOf = (world: World, listed: ListedReward) => ({
  ...{ text: '', asks: false, paused: false, changeable: false },
  ...listed,
  seenAt: world.at,
  listed: true,
})

/** Notes the rewards of the platform's own points, as it lists them. What it lists no more stays known. */
export function noteRewards(world: World, list: readonly ListedReward[]): void {
  const listed = new Set(list.map(({ id }) => id))
  for (const row of world.all(outsideRewards))
    if (row.listed && !listed.has(row.id)) world.put(outsideRewards, { ...row, listed: false })
  for (const one of list) world.put(outsideRewards, rowOf(world, one))
  world.fact('commands.changed', 'everyone', { outside: list.length })
}

/** Notes a reward that was redeemed: a platform that lists none is known by what it reports. */
export function noteRedeemed(world: World, { id, name }: { id: string; name: string }): void {
  const known = world.get(outsideRewards, id)
  if (known?.name === name && known.seenAt > world.at - 3600) return
  const plain = { price: null, listed: true, text: '', asks: false, paused: false, changeable: false }
  world.put(outsideRewards, { ...plain, ...known, id, name, seenAt: world.at })
  if (known === undefined) world.fact('commands.changed', 'everyone', { outside: 1 })
}

export interface ChangeOutside {
  readonly kind: 'outside.change'
  /** As the platform has it now. */
  readonly reward: ListedReward | null
  /** Its id, where the platform has it no more. */
  readonly gone: string | null
}

/** Notes what the platform has made of one of its rewards that was made, changed or removed from here. */
export const changeOutside = {
  decide(world, { reward, gone }) {
    if (reward !== null) world.put(outsideRewards, rowOf(world, reward))
    const known = gone === null ? undefined : world.get(outsideRewards, gone)
    if (known !== undefined) world.put(outsideRewards, { ...known, listed: false })
    world.fact('commands.changed', 'everyone', { outside: 1 })
    return ok({})
  },
} satisfies Handler<ChangeOutside>
