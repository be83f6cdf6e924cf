import { EVERYONE_MAY, NO_LIMITS } from '../access/index.ts'
import { readSetting, type Setting, setting, writeSetting } from '../settings/index.ts'
import type { World } from '../world/index.ts'
import { GAME_SETTINGS, type Game, type GameWord, type SettingsOf, type Stakes, Wagering } from './schema.ts'
import { SITES } from './sites.ts'

const word = (name: string): GameWord => ({ word: name, aliases: [] })
const game = (name: string) => ({
  on: false,
  word: word(name),
  who: EVERYONE_MAY,
  onAir: true,
  limits: NO_LIMITS,
})
const STAKES: Stakes = { smallest: 10, largest: 1000, share: 50 }

const GATHERING = { gatherSeconds: 60, leastCrew: 2, mostCrew: 500, pauseSeconds: 5 }

const INITIAL: SettingsOf = {
  heist: {
    ...game('heist'),
    limits: { ...NO_LIMITS, everyoneSeconds: 300 },
    stakes: STAKES,
    out: word('out'),
    gatherSeconds: 60,
    leastCrew: 2,
    mostCrew: 500,
    pauseSeconds: 12,
    notice: true,
    sites: [...SITES],
  },
  duel: {
    ...game('duel'),
    stakes: STAKES,
    take: word('take'),
    pass: word('pass'),
    withdraw: word('withdraw'),
    answerSeconds: 90,
    suspenseSeconds: 5,
    rakeBp: 200,
  },
  roulette: { ...game('spin'), stakes: STAKES, betSeconds: 40, suspenseSeconds: 5, houseLimit: 50_000 },
  reels: {
    ...game('reels'),
    limits: { ...NO_LIMITS, eachSeconds: 20 },
    stakes: { ...STAKES, largest: 200 },
    strip: [
      { symbol: 'rivet', weight: 7 },
      { symbol: 'cog', weight: 6 },
      { symbol: 'clock', weight: 4 },
      { symbol: 'radio', weight: 3 },
      { symbol: 'lamp', weight: 2 },
    ],
    table: [
      { match: 'three', symbol: 'lamp', multiplier: 8080 },
      { match: 'three', symbol: 'radio', multiplier: 3360 },
      { match: 'three', symbol: 'clock', multiplier: 1610 },
      { match: 'three', symbol: 'cog', multiplier: 670 },
      { match: 'three', symbol: 'rivet', multiplier: 410 },
      { match: 'two', symbol: 'lamp', multiplier: 400 },
      { match: 'two', symbol: 'radio', multiplier: 270 },
      { match: 'two', symbol: 'clock', multiplier: 270 },
    ],
  },
  coin: {
    ...game('coin'),
    limits: { ...NO_LIMITS, eachSeconds: 20 },
    stakes: { ...STAKES, largest: 200 },
    multiplier: 196,
  },
  cup: game('cup'),
  scramble: {
    ...game('scramble'),
    ...GATHERING,
    stake: 50,
    adds: 0,
    rakeBp: 500,
    sharesPpm: [600_000, 300_000, 100_000],
  },
  boss: {
    ...game('boss'),
    ...GATHERING,
    stakes: STAKES,
    leastCrew: 3,
    name: 'The giant',
    picture: 'sparks',
    ownPpm: 475_000,
    bonusPpm: 1500,
    capPpm: 500_000,
    blows: 4,
    needPpm: 500_000,
    multiplier: 180,
    lastBlowBonus: 0,
  },
}

type GameSettings = { readonly [G in Game]: Setting<SettingsOf[G]> }

const GAME_SETTING: GameSettings = {
  heist: setting('game.heist', 'heist', GAME_SETTINGS.heist, INITIAL.heist),
  duel: setting('game.duel', 'duel', GAME_SETTINGS.duel, INITIAL.duel),
  roulette: setting('game.roulette', 'roulette', GAME_SETTINGS.roulette, INITIAL.roulette),
  reels: setting('game.reels', 'game of reels', GAME_SETTINGS.reels, INITIAL.reels),
  coin: setting('game.coin', 'coin', GAME_SETTINGS.coin, INITIAL.coin),
  cup: setting('game.cup', 'cup', GAME_SETTINGS.cup, INITIAL.cup),
  scramble: setting('game.scramble', 'scramble', GAME_SETTINGS.scramble, INITIAL.scramble),
  boss: setting('game.boss', 'boss fight', GAME_SETTINGS.boss, INITIAL.boss),
}

export const gameSetting = <G extends Game>(which: G): GameSettings[G] => GAME_SETTING[which]

export const gameSettings: readonly Setting<SettingsOf[Game]>[] = Object.values(GAME_SETTING)

/** How a game is played now. */
export const settingsOf = <G extends Game>(world: World, which: G): SettingsOf[G] =>
  readSetting(world, gameSetting(which))

export const writeGame = <G extends Game>(world: World, which: G, settings: SettingsOf[G]): void =>
  writeSetting(world, gameSetting(which), settings)

const PLAIN_WAGERING: Wagering = { mostLost: 0, sitOut: word('sitout') }
export const wageringSetting = setting('wagering', 'limit on losses', Wagering, PLAIN_WAGERING, {
  // A limit that cannot be read must not become none.
  off: () => ({ ...PLAIN_WAGERING, mostLost: 1 }),
})

/** What can be typed for the games. */
export type GameVerb = Game | 'out' | 'take' | 'pass' | 'withdraw' | 'sitout'

/** Every word of the games with what it is for, and whether it is heard: a game that is off listens to nobody. */
export function gameWords(
  read: <G extends Game>(which: G) => SettingsOf[G],
  { sitOut }: Wagering,
): { readonly verb: GameVerb; readonly words: readonly string[]; readonly on: boolean }[] {
  const heist = read('heist')
  const duel = read('duel')
  const cup = read('cup')
  const plain = (['roulette', 'reels', 'coin', 'scramble', 'boss'] as const).map((verb) => ({ verb, ...read(verb) }))
  const verbs: { verb: GameVerb; word: GameWord; on: boolean }[] = [
    { verb: 'heist', ...heist },
    { verb: 'out', word: heist.out, on: heist.on },
    { verb: 'duel', ...duel },
    { verb: 'take', word: duel.take, on: duel.on || cup.on },
    { verb: 'pass', word: duel.pass, on: duel.on },
    { verb: 'withdraw', word: duel.withdraw, on: duel.on || cup.on },
    ...plain,
    { verb: 'cup', ...cup },
    { verb: 'sitout', word: sitOut, on: [heist, duel, cup, ...plain].some(({ on }) => on) },
  ]
  return verbs.map(({ verb, word: { word: first, aliases }, on }) => ({
    verb,
    words: [first, ...aliases].map((one) => one.toLowerCase()),
    on,
  }))
}
