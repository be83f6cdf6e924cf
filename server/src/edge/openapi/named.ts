import type { TSchema } from '@sinclair/typebox'
import { CommandSettings } from '#core/commands'
import { Currency } from '#core/currency'
import { EarningPlan } from '#core/earning'
import { GAME_SETTINGS, GAMES } from '#core/games'
import { RaffleSettings } from '#core/raffles'
import { RankPlan } from '#core/ranks'
import { AlertSettings, OverlaySettings, Piece } from '#core/screen'
import { StepSchema } from '#core/steps'
import { RewardSettings } from '#core/store'
import { TriggerSettings } from '#core/triggers'

const ofGames = GAMES.map((game): [string, TSchema] => [
  `${game.slice(0, 1).toUpperCase()}${game.slice(1)}Settings`,
  GAME_SETTINGS[game],
])

/** The schemas that the description tells once, by name: what many operations take and answer. A part comes before the whole that holds it. */
export const NAMED: Readonly<Record<string, TSchema>> = {
  Step: StepSchema,
  Currency,
  EarningPlan,
  RankPlan,
  AlertSettings,
  Piece,
  OverlaySettings,
  CommandSettings,
  TriggerSettings,
  RewardSettings,
  RaffleSettings,
  ...Object.fromEntries(ofGames),
}
