import { firstFault } from '../faults.ts'
import {
  GAME_TEXTS,
  type Game,
  type GameTextKey,
  gameTextsSetting,
  gameWords,
  paysTooMuch,
  returnsInWords,
  returnsOf,
  type SettingsOf,
  settingsFaults,
  settingsOf,
  textFault,
  type Wagering,
  wageringSetting,
  writeGame,
} from '../games/index.ts'
import { readSetting, writeSetting } from '../settings/index.ts'
import { checkListeners, gameListeners, otherListeners } from '../words/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'

export interface ChangeGame<G extends Game = Game> {
  readonly kind: 'game.change'
  readonly game: G
  readonly settings: SettingsOf[G]
  /** Whether it is meant that the game pays out more than it takes. */
  readonly confirmed?: boolean
}

/** Changes how a game is played. Rounds that are on go on with what they began with, as far as it was fixed then. */
export const changeGame = {
  decide(world, { game, settings, confirmed = false }) {
    const fault = firstFault(settingsFaults(game, settings))
    if (fault !== undefined) return refuse('game_invalid', fault)
    const words = checkGameWords(world, game, settings)
    if (!words.ok) return words
    const returns = returnsOf(game, settings)
    if (returns !== undefined && paysTooMuch(returns) && !confirmed)
      return refuse(
        'returns_too_much',
        `With these settings the game pays back ${returnsInWords(returns)} of stakes. Confirm that this is what you want.`,
      )
    writeGame(world, game, settings)
    world.fact('games.changed', 'everyone', { game })
    return ok({ game, settings })
  },
} satisfies Handler<ChangeGame>

/** Whether the words that listen once the change is made are told apart from all others. */
function checkGameWords(world: World, game: Game, settings: SettingsOf[Game]): Result<true> {
  const read = <G extends Game>(which: G): SettingsOf[G] =>
    which === game ? (settings as SettingsOf[G]) : settingsOf(world, which)
  const wagering = readSetting(world, wageringSetting)
  return checkListeners([...otherListeners(world, { games: true }), ...gameListeners(gameWords(read, wagering))])
}

export interface ChangeWagering {
  readonly kind: 'game.wagering'
  readonly wagering: Wagering
}

/** Changes what holds over all games. */
export const changeWagering = {
  decide(world, { wagering }) {
    const read = <G extends Game>(which: G): SettingsOf[G] => settingsOf(world, which)
    const words = checkListeners([
      ...otherListeners(world, { games: true }),
      ...gameListeners(gameWords(read, wagering)),
    ])
    if (!words.ok) return words
    writeSetting(world, wageringSetting, wagering)
    world.fact('games.changed', 'everyone', {})
    return ok({ wagering })
  },
} satisfies Handler<ChangeWagering>

export interface ChangeGameText {
  readonly kind: 'game.text'
  readonly text: string
  /** Alternatives, one of which is picked each time; none: our own again. */
  readonly own: readonly string[]
}

/** Changes a text of the games, or goes back to ours. */
export const changeGameText = {
  decide(world, { text, own }) {
    if (!Object.hasOwn(GAME_TEXTS, text)) return refuse('game_invalid', 'There is no such text. Reload the page.')
    const key = text as GameTextKey
    const fault = textFault(key, own)
    if (fault !== undefined) return refuse('game_invalid', fault)
    const { [key]: _, ...others } = readSetting(world, gameTextsSetting).texts
    writeSetting(world, gameTextsSetting, { texts: own.length === 0 ? others : { ...others, [key]: own } })
    world.fact('games.changed', 'desk', { text })
    return ok({ text, own })
  },
} satisfies Handler<ChangeGameText>
