import { betDefaults, betWords } from '../bets/index.ts'
import { currencySetting } from '../currency/index.ts'
import { GAME_NAMES, type GameVerb, gameWords, settingsOf, wageringSetting } from '../games/index.ts'
import { goalWords, wordsFor } from '../goals/index.ts'
import { type RaffleRow, raffles, runningRaffles, wordsOf } from '../raffles/index.ts'
import type { RaffleId } from '../schema.ts'
import { readSetting, settings } from '../settings/index.ts'
import { openRewards, type RewardRow, rewards } from '../store/index.ts'
import { oneSlipAway } from '../texts/index.ts'
import { allWords, type CommandRow, commands, openCommands, type WordKind, wordsSetting } from '../words/index.ts'
import { derived, type World } from '../world/index.ts'
import { typedWord } from './parse.ts'

/** What a word means: one of our own, or a command of the channel's. */
export type Meaning =
  | { readonly kind: WordKind | 'balance' }
  | { readonly kind: 'command'; readonly command: CommandRow }
  | { readonly kind: 'reward'; readonly reward: RewardRow }
  | { readonly kind: 'game'; readonly verb: GameVerb }
  | { readonly kind: 'raffle'; readonly raffle: RaffleId }
  | { readonly kind: 'bet' | 'chip' | 'goal' }

/** A line of chat read as one of the words. */
export type Heard = Meaning & { readonly word: string; readonly rest: string }

const wordsOfGames = (world: World) =>
  gameWords((which) => settingsOf(world, which), readSetting(world, wageringSetting))

/** Every word that is on, with its meaning. */
const wordsHeard = derived('words', [settings, commands, rewards, raffles], (world, _: 0) => meanings(world))

function meanings(world: World): Map<string, Meaning> {
  const words = new Map<string, Meaning>()
  for (const raffle of heardRaffles(world))
    for (const one of wordsOf(raffle.settings)) words.set(one, { kind: 'raffle', raffle: raffle.id })
  for (const command of openCommands(world)) {
    const { word, aliases, on } = command.settings
    if (on) for (const one of [word, ...aliases]) words.set(one.toLowerCase(), { kind: 'command', command })
  }
  for (const reward of openRewards(world)) {
    const { word, command, on } = reward.settings
    if (command && on) words.set(word, { kind: 'reward', reward })
  }
  for (const { verb, words: all, on } of wordsOfGames(world))
    if (on) for (const one of all) words.set(one, { kind: 'game', verb })
  for (const one of betWords(betDefaults(world))) words.set(one, { kind: 'bet' })
  for (const kind of ['chip', 'goal'] as const)
    for (const one of wordsFor(goalWords(world), kind)) words.set(one, { kind })
  const own = readSetting(world, wordsSetting)
  for (const { word, kind } of allWords(readSetting(world, currencySetting), own))
    if (kind === 'balance' || own[kind].on) words.set(word, { kind })
  return words
}

/** Raffles in the order in which they are heard: of several with one word the open one, then one that has just closed, then one that is to open. */
const heardRaffles = (world: World): RaffleRow[] =>
  runningRaffles(world)
    .filter(({ settings }) => settings.byWord)
    .sort((a, b) => HEARD.indexOf(a.status) - HEARD.indexOf(b.status))

const HEARD: readonly RaffleRow['status'][] = ['returning', 'planned', 'closed', 'open']

/** Reads a line as one of the words that are on; undefined for any other line. */
export function heard(world: World, text: string): Heard | undefined {
  const typed = typedWord(text)
  if (typed === undefined) return undefined
  const meaning = wordsHeard(world, 0).get(typed.word)
  if (meaning === undefined) return undefined
  const rest = text.slice(typed.end).trim()
  if (meaning.kind === 'command') return { kind: 'command', command: meaning.command, word: typed.word, rest }
  if (meaning.kind === 'reward') return { kind: 'reward', reward: meaning.reward, word: typed.word, rest }
  if (meaning.kind === 'game') return { kind: 'game', verb: meaning.verb, word: typed.word, rest }
  if (meaning.kind === 'raffle') return { kind: 'raffle', raffle: meaning.raffle, word: typed.word, rest }
  return { kind: meaning.kind, word: typed.word, rest }
}

/** A short word has too many neighbours to guess from. */
const LEAST_LETTERS = 4

/**
 * A word that is on and one slip away from what a line begins with, by the word itself if it can be, else by an alias.
 * @returns undefined if there is none, or the line is no try.
 */
export function nearWord(world: World, text: string): string | undefined {
  const parsed = typedWord(text)
  if (parsed === undefined || parsed.word.length < LEAST_LETTERS) return undefined
  const words = wordsHeard(world, 0)
  if (words.has(parsed.word)) return undefined
  let alias: string | undefined
  for (const [word, meaning] of words) {
    if (!oneSlipAway(parsed.word, word)) continue
    const own = meaning.kind === 'command' ? meaning.command.settings.word.toLowerCase() : word
    if (own === word) return word
    alias ??= own
  }
  return alias
}

/** The words that begin a game which is off, with what the game is called. */
const wordsOff = derived('wordsOff', [settings], (world, _: 0) => {
  const named = new Map<string, string>(Object.entries(GAME_NAMES))
  return new Map(
    wordsOfGames(world).flatMap(({ verb, words, on }) => {
      const name = on ? undefined : named.get(verb)
      return name === undefined ? [] : words.map((one) => [one, name] as const)
    }),
  )
})

/**
 * The name of the game that a line would begin if it were on.
 * @returns undefined where the word means something else, or nothing.
 */
export function gameOff(world: World, text: string): string | undefined {
  const typed = typedWord(text)
  return typed === undefined || wordsHeard(world, 0).has(typed.word) ? undefined : wordsOff(world, 0).get(typed.word)
}
