import { readSetting, type Setting, setting, writeSetting } from '../settings/index.ts'
import type { World } from '../world/index.ts'
import { DECLARED, type SettingsOf } from './declared.ts'
import { GAMES, type Game } from './names.ts'
import { Wagering, wordOf } from './schema.ts'

type GameSettings = { readonly [G in Game]: Setting<SettingsOf[G]> }

const keptAs = <G extends Game>(game: G) => {
  const { noun, settings, initial } = DECLARED[game]
  return setting(`game.${game}`, noun, settings, initial)
}

const GAME_SETTING = Object.fromEntries(GAMES.map((game) => [game, keptAs(game)])) as unknown as GameSettings

export const gameSetting = <G extends Game>(which: G): GameSettings[G] => GAME_SETTING[which]

export const gameSettings: readonly Setting<SettingsOf[Game]>[] = Object.values(GAME_SETTING)

/** How a game is played now. */
export const settingsOf = <G extends Game>(world: World, which: G): SettingsOf[G] =>
  readSetting(world, gameSetting(which))

export const writeGame = <G extends Game>(world: World, which: G, settings: SettingsOf[G]): void =>
  writeSetting(world, gameSetting(which), settings)

const PLAIN_WAGERING: Wagering = { mostLost: 0, sitOut: wordOf('sitout') }
export const wageringSetting = setting('wagering', 'limit on losses', Wagering, PLAIN_WAGERING, {
  // A limit that cannot be read must not become none.
  off: () => ({ ...PLAIN_WAGERING, mostLost: 1 }),
})
