import { type Currency, currencySetting } from '../currency/index.ts'
import { readSetting, type Setting, writeSetting } from '../settings/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { type ChatWord, type ChatWords, WORD_KINDS, type WordKind } from './schema.ts'

const word = (name: string, everyoneSeconds = 0, eachSeconds = 0): ChatWord => ({
  word: name,
  aliases: [],
  on: true,
  everyoneSeconds,
  eachSeconds,
})

export const wordsSetting: Setting<ChatWords> = {
  name: 'chatWords',
  initial: {
    get: word('get'),
    rank: word('rank', 0, 10),
    hours: word('hours', 0, 10),
    here: word('here'),
    top: word('top', 30),
    longest: word('longest', 30),
    earners: word('earners', 30),
    hand: word('hand'),
    give: word('give'),
    take: word('take'),
    set: word('set'),
    allowed: ['moderator'],
    askOthers: true,
  },
}

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

/** What a word typed in chat is for; undefined for one that is none of ours, or switched off. */
export function kindOf(world: World, typed: string): WordKind | 'balance' | undefined {
  const words = readSetting(world, wordsSetting)
  const kind = allWords(readSetting(world, currencySetting), words).find((one) => one.word === typed)?.kind
  return kind === undefined || kind === 'balance' || words[kind].on ? kind : undefined
}

/** Whether each word stands for one thing only. */
export function checkWords(currency: Currency, words: ChatWords): Result<true> {
  const seen = new Set<string>()
  for (const { word: one } of allWords(currency, words)) {
    if (seen.has(one)) return refuse('words_overlap', `"!${one}" would mean two things. Change one of the two words.`)
    seen.add(one)
  }
  return ok(true)
}

export interface ChangeWords {
  readonly kind: 'chat.words'
  readonly words: ChatWords
}

export const changeWords: Handler<ChangeWords> = {
  decide(world, { words }) {
    const checked = checkWords(readSetting(world, currencySetting), words)
    if (!checked.ok) return checked
    writeSetting(world, wordsSetting, words)
    world.fact('chat.words', 'desk', {})
    return ok({})
  },
}

export interface ChangeCurrency {
  readonly kind: 'currency.change'
  readonly currency: Currency
}

/** Renames the currency and its words. */
export const changeCurrency: Handler<ChangeCurrency> = {
  decide(world, { currency }) {
    const checked = checkWords(currency, readSetting(world, wordsSetting))
    if (!checked.ok) return checked
    writeSetting(world, currencySetting, currency)
    world.fact('currency.changed', 'everyone', {})
    return ok({})
  },
}
