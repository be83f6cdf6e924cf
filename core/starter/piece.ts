import type { EarningPlan } from '../earning/index.ts'
import type { SettingsOf } from '../games/index.ts'
import type { RaffleSettings } from '../raffles/index.ts'
import type { RankPlan } from '../ranks/index.ts'
import type { Piece } from '../screen/index.ts'
import type { RewardSettings } from '../store/index.ts'
import type { TriggerSettings } from '../triggers/index.ts'
import type { CommandSettings } from '../words/index.ts'

/** What a piece of a starter makes. */
export type Made =
  | { readonly of: 'earning'; readonly plan: EarningPlan }
  | { readonly of: 'ranks'; readonly plan: RankPlan }
  | { readonly of: 'reward'; readonly settings: RewardSettings }
  | { readonly of: 'command'; readonly settings: CommandSettings }
  | { readonly of: 'trigger'; readonly settings: TriggerSettings }
  | { readonly of: 'raffle'; readonly settings: RaffleSettings }
  | {
      readonly of: 'game'
      readonly game: 'coin' | 'duel' | 'scramble'
      readonly settings: SettingsOf['coin' | 'duel' | 'scramble']
    }
  | { readonly of: 'overlay'; readonly pieces: readonly Piece[] }

/** One thing of a starter, as it is shown before it is taken. */
export interface StarterPiece {
  /** By which it is taken: 'reward/hello'. */
  readonly key: string
  readonly name: string
  readonly says: string
  readonly made: Made
}
