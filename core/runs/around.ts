import { openBetTemplates } from '../bets/index.ts'
import { type CircleRow, openCircles } from '../people/index.ts'
import { openSetups, type SetupRow } from '../raffles/index.ts'
import { openAlerts } from '../screen/index.ts'
import type { Step } from '../steps/index.ts'
import { openRewards, type RewardKind } from '../store/index.ts'
import { openTallies, type TallyRow } from '../tallies/index.ts'
import { type Argument, type CommandRow, openCommands } from '../words/index.ts'
import type { World } from '../world/index.ts'

/** A reward as steps refer to it. */
export interface RewardAround {
  readonly id: number
  readonly name: string
  readonly kind: RewardKind
  readonly steps: readonly Step[]
}

/** What steps can refer to. */
export interface Around {
  readonly arguments: readonly Argument[]
  readonly figures: Readonly<Record<string, string>>
  /** Whether somebody sets them off. */
  readonly viewer: boolean
  readonly tallies: readonly TallyRow[]
  readonly circles: readonly CircleRow[]
  readonly rewards: readonly RewardAround[]
  readonly alerts: readonly { readonly id: number }[]
  readonly commands: readonly CommandRow[]
  /** The set-ups of raffles. */
  readonly setups: readonly Pick<SetupRow, 'id' | 'settings'>[]
  /** The templates of bets. */
  readonly bets: readonly { readonly id: number }[]
  /** The command whose steps they are, or the reward: it may not call itself. */
  readonly self?: number | undefined
  readonly selfReward?: number | undefined
  /** Whether they are steps of a reward, which can tell of the order. */
  readonly order?: boolean | undefined
}

/** What there is around steps in a world. */
export const aroundIn = (
  world: World,
  own: Pick<Around, 'arguments' | 'figures' | 'viewer' | 'self' | 'selfReward' | 'order'>,
): Around => ({
  ...own,
  tallies: openTallies(world),
  circles: openCircles(world),
  rewards: rewardsAround(world),
  alerts: openAlerts(world),
  commands: openCommands(world),
  setups: openSetups(world),
  bets: openBetTemplates(world),
})

/** Rewards as steps refer to them. */
const rewardsAround = (world: World): RewardAround[] =>
  openRewards(world).map(({ id, settings }) => ({
    id,
    name: settings.name,
    kind: settings.kind,
    steps: settings.steps,
  }))
