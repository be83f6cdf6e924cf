import { type BetDefaults, betDefaults, betWords } from '../bets/index.ts'
import { type Currency, currencySetting } from '../currency/index.ts'
import { GAME_NAMES, type GameVerb, gameWords, settingsOf, wageringSetting } from '../games/index.ts'
import { type GoalWords, goalWords, wordsFor } from '../goals/index.ts'
import { type RaffleSettings, runningRaffles, wordsOf } from '../raffles/index.ts'
import type { CommandId, RewardId } from '../schema.ts'
import { readSetting, setting, writeSetting } from '../settings/index.ts'
import { openRewards, type RewardRow } from '../store/index.ts'
import { lookAlike } from '../texts/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { type ChatWord, ChatWords, WORD_KINDS, type WordKind } from './schema.ts'
import { type CommandRow, openCommands } from './table.ts'

const word = (name: string, everyoneSeconds = 0, eachSeconds = 0): ChatWord => ({
  word: name,
  aliases: [],
  on: true,
  everyoneSeconds,
  eachSeconds,
})

const PLAIN_WORDS: ChatWords = {
  get: word('get'),
  rank: word('rank', 0, 10),
  hours: word('hours', 0, 10),
  here: word('here'),
  top: word('top', 30),
  longest: word('longest', 30),
  earners: word('earners', 30),
  hand: word('hand'),
  give: word('give'),
  take: word('deduct'),
  set: word('set'),
  fair: word('fair', 30),
  help: word('help', 0, 10),
  allowed: ['moderator'],
  askOthers: true,
}

export const wordsSetting = setting('chatWords', 'list of chat words', ChatWords, PLAIN_WORDS, {
  // Whom the streamer has taken the right from must not get it back.
  off: () => ({ ...PLAIN_WORDS, allowed: [], askOthers: false }),
})

/** Every word of chat with what it is for; the currency's own comes first. */
export function allWords(
  currency: Currency,
  words: ChatWords,
): { readonly word: string; readonly kind: WordKind | 'balance' }[] {
  const own = [currency.word, ...(currency.aliases ?? [])].map((one) => ({
    word: one.toLowerCase(),
    kind: 'balance' as const,
  }))
  const others = WORD_KINDS.flatMap((kind) =>
    [words[kind].word, ...words[kind].aliases].map((one) => ({ word: one.toLowerCase(), kind })),
  )
  return [...own, ...others]
}

/** Something that listens in chat, and its words. */
export interface Listener {
  readonly words: readonly string[]
  /** What it is called where it collides: "the balance", "!lamp". */
  readonly name: string
}

const OWN_NAMES: Readonly<Record<WordKind | 'balance', string>> = {
  balance: 'the balance',
  get: 'buying a reward',
  rank: 'the rank',
  hours: 'the hours watched',
  here: 'checking in',
  top: 'who has most',
  longest: 'who watched longest',
  earners: 'who earned most',
  hand: 'gifts',
  give: 'giving',
  take: 'taking',
  set: 'setting a balance',
  fair: 'how draws are checked',
  help: 'the list of commands',
}

/** Our own words as listeners, those that are off included: they may be switched on again. */
export const ownListeners = (currency: Currency, words: ChatWords): Listener[] =>
  allWords(currency, words).map(({ word: one, kind }) => ({ words: [one], name: OWN_NAMES[kind] }))

/**
 * Whether each word stands for one thing only, and none looks like another of another script.
 * @param listeners - All that listens in chat, in the order in which it is named.
 */
export function checkListeners(listeners: readonly Listener[]): Result<true> {
  const seen = new Map<string, { word: string; name: string }>()
  for (const { words, name } of listeners) {
    for (const one of words) {
      const look = lookAlike(one)
      const other = seen.get(look)
      const [typed, known] = [one.toLowerCase(), other?.word]
      if (known === typed)
        return refuse(
          'words_overlap',
          `"!${typed}" would mean two things: ${name} and ${other?.name}. Change one of the two words.`,
        )
      if (known !== undefined)
        return refuse(
          'words_overlap',
          `"!${typed}" looks like "!${known}"${other?.name === `!${known}` ? '' : ` of ${other?.name}`}. Chat cannot tell them apart; change one.`,
        )
      seen.set(look, { word: typed, name })
    }
  }
  return ok(true)
}

/** Whether our own words are told apart from one another, and from those of others. */
export const checkWords = (currency: Currency, words: ChatWords, others: readonly Listener[] = []): Result<true> =>
  checkListeners([...ownListeners(currency, words), ...others])

/** The words of the channel's commands and rewards, those that are off included. */
const channelListeners = (world: World): Listener[] => [
  ...listenersOf(openCommands(world)),
  ...rewardListeners(openRewards(world)),
  ...listenersOfGames(world),
  ...listenersOfRaffles(world),
  ...betListeners(betDefaults(world)),
  ...goalListeners(goalWords(world)),
]

/** What the words of the games are for, where they collide. */
const GAME_VERBS: Readonly<Record<Exclude<GameVerb, keyof typeof GAME_NAMES>, string>> = {
  out: 'leaving a heist',
  take: 'accepting a duel',
  pass: 'gifts a duel',
  withdraw: 'withdrawing a duel',
  sitout: 'sitting out',
}

/** The words of the games that are on: one that is off listens to nobody, and is looked at when it is switched on. */
export const gameListeners = (all: ReturnType<typeof gameWords>): Listener[] =>
  all
    .filter(({ on }) => on)
    .map(({ verb, words }) => ({
      words,
      name:
        verb in GAME_NAMES
          ? `the game ${GAME_NAMES[verb as keyof typeof GAME_NAMES]}`
          : GAME_VERBS[verb as keyof typeof GAME_VERBS],
    }))

/** The words of the games as they are set. */
const listenersOfGames = (world: World): Listener[] =>
  gameListeners(gameWords((which) => settingsOf(world, which), readSetting(world, wageringSetting)))

/** The words by which people bet. */
export const betListeners = (defaults: Pick<BetDefaults, 'word'>): Listener[] => [
  { words: betWords(defaults), name: 'betting' },
]

/** The words of goals. */
export const goalListeners = (words: GoalWords): Listener[] => [
  { words: wordsFor(words, 'chip'), name: 'chipping in' },
  { words: wordsFor(words, 'goal'), name: 'how goals stand' },
]

/** As much of a raffle as its word takes. */
export interface RaffleWord {
  readonly settings: Pick<RaffleSettings, 'title' | 'word' | 'byWord'>
}

/** The words of raffles that are entered by one. Two raffles may have the same: only one of them can be open. */
export function raffleListeners(all: readonly RaffleWord[]): Listener[] {
  const seen = new Set<string>()
  return all.flatMap(({ settings }) => {
    const words = settings.byWord ? wordsOf(settings).filter((one) => !seen.has(one)) : []
    for (const one of words) seen.add(one)
    return words.length === 0 ? [] : [{ words, name: `the raffle “${settings.title}”` }]
  })
}

/** The words of the raffles that have not ended. */
const listenersOfRaffles = (world: World): Listener[] => raffleListeners(runningRaffles(world))

/** The words of rewards that are bought by a word of their own. */
export const rewardListeners = (all: readonly RewardWord[], but?: number | null): Listener[] =>
  all
    .filter(({ id, settings }) => id !== but && settings.command)
    .map(({ settings }) => ({ words: [settings.word], name: `the reward “${settings.name}”` }))

/** As much of a reward as its word takes. */
export interface RewardWord {
  readonly id: number
  readonly settings: Pick<RewardRow['settings'], 'word' | 'command' | 'name'>
}

/** The words of commands, those that are off included. */
export const listenersOf = (all: readonly Pick<CommandRow, 'id' | 'settings'>[], but?: number | null): Listener[] =>
  all
    .filter(({ id }) => id !== but)
    .map(({ settings }) => ({ words: [settings.word, ...settings.aliases], name: `!${settings.word}` }))

/** All that listens in chat beside what is changed. */
export const otherWords = (
  currency: Currency,
  words: ChatWords,
  {
    commands,
    rewards,
    games,
    raffles,
  }: {
    readonly commands: readonly Pick<CommandRow, 'id' | 'settings'>[]
    readonly rewards: readonly RewardWord[]
    readonly games: readonly Listener[]
    readonly raffles: readonly Listener[]
  },
  but: { readonly command?: CommandId | null; readonly reward?: RewardId | null } = {},
): Listener[] => [
  ...ownListeners(currency, words),
  ...listenersOf(commands, but.command),
  ...rewardListeners(rewards, but.reward),
  ...games,
  ...raffles,
]

export interface ChangeWords {
  readonly kind: 'chat.words'
  readonly words: ChatWords
}

export const changeWords = {
  decide(world, { words }) {
    const checked = checkWords(readSetting(world, currencySetting), words, channelListeners(world))
    if (!checked.ok) return checked
    writeSetting(world, wordsSetting, words)
    world.fact('chat.words', 'desk', {})
    return ok({})
  },
} satisfies Handler<ChangeWords>

export interface ChangeCurrency {
  readonly kind: 'currency.change'
  readonly currency: Currency
}

/** Renames the currency and its words. */
export const changeCurrency = {
  decide(world, { currency }) {
    const checked = checkWords(currency, readSetting(world, wordsSetting), channelListeners(world))
    if (!checked.ok) return checked
    writeSetting(world, currencySetting, currency)
    world.fact('currency.changed', 'everyone', {})
    return ok({})
  },
} satisfies Handler<ChangeCurrency>

/** All that listens in chat beside something. */
export const otherListeners = (
  world: World,
  but: {
    readonly command?: CommandId | null
    readonly reward?: RewardId | null
    readonly games?: true
    readonly raffles?: true
    readonly bets?: true
    readonly goals?: true
  },
): Listener[] => {
  const bets = but.bets ? [] : betListeners(betDefaults(world))
  const goals = but.goals ? [] : goalListeners(goalWords(world))
  const games = [...(but.games ? [] : listenersOfGames(world)), ...bets, ...goals]
  const raffles = but.raffles ? [] : listenersOfRaffles(world)
  const all = { commands: openCommands(world), rewards: openRewards(world), games, raffles }
  return otherWords(readSetting(world, currencySetting), readSetting(world, wordsSetting), all, but)
}
