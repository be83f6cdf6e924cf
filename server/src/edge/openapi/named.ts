import type { TSchema } from '@sinclair/typebox'
import { Who } from '#core/access'
import { BetSettings, BetTerms } from '#core/bets'
import { Currency } from '#core/currency'
import { EarningPlan } from '#core/earning'
import { GAME_SETTINGS, GAMES, GameWord, HeistSite, Wagering } from '#core/games'
import { GoalSettings } from '#core/goals'
import { RaffleSettings } from '#core/raffles'
import { RankPlan } from '#core/ranks'
import { AlertSettings, OverlaySettings, PictureRef, Piece, SoundRef } from '#core/screen'
import { StepSchema } from '#core/steps'
import { Asks, RewardSettings } from '#core/store'
import { TriggerSettings } from '#core/triggers'
import { Voice } from '#core/voice'
import { ChatWords, CommandSettings } from '#core/words'

/** A schema that the description tells once, and the feature of the rules that has its type. */
export interface Named {
  readonly schema: TSchema
  readonly feature: string
  /** The type as it is called there; as the schema, if left out. */
  readonly type?: string
}

const of = (feature: string, schemas: Readonly<Record<string, TSchema>>): [string, Named][] =>
  Object.entries(schemas).map(([name, schema]) => [name, { schema, feature }])

const ofGames = GAMES.map((game): [string, Named] => [
  `${game.slice(0, 1).toUpperCase()}${game.slice(1)}Settings`,
  { schema: GAME_SETTINGS[game], feature: 'games', type: `SettingsOf['${game}']` },
])

/** What many operations take and answer, by name. */
export const NAMED: Readonly<Record<string, Named>> = Object.fromEntries([
  ...of('steps', { Step: StepSchema }),
  ...of('access', { Who }),
  ...of('currency', { Currency }),
  ...of('earning', { EarningPlan }),
  ...of('ranks', { RankPlan }),
  ...of('screen', { PictureRef, SoundRef, AlertSettings, Piece, OverlaySettings }),
  ...of('commands', { ChatWords, CommandSettings }),
  ...of('voice', { Voice }),
  ...of('triggers', { TriggerSettings }),
  ...of('store', { Asks, RewardSettings }),
  ...of('raffles', { RaffleSettings }),
  ...of('bets', { BetSettings, BetTerms }),
  ...of('goals', { GoalSettings }),
  ...of('games', { GameWord, HeistSite, Wagering }),
  ...ofGames,
])
