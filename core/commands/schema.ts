import { type Static, Type } from '@sinclair/typebox'
import { StandingName } from '../earning/index.ts'

const Word = Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,30}$' })
const Cooldown = Type.Integer({ minimum: 0, maximum: 86_400 })

/** A word of chat: what is typed after the "!", and how soon it may be used again, by everyone and by each viewer (seconds). */
export const ChatWord = Type.Object(
  {
    word: Word,
    aliases: Type.Array(Word, { maxItems: 10 }),
    on: Type.Boolean(),
    everyoneSeconds: Cooldown,
    eachSeconds: Cooldown,
  },
  { additionalProperties: false },
)
export type ChatWord = Static<typeof ChatWord>

/** What there are words for, besides the balance, whose words belong to the currency. */
export const WORD_KINDS = [
  'get',
  'rank',
  'hours',
  'here',
  'top',
  'longest',
  'earners',
  'hand',
  'give',
  'take',
  'set',
] as const
export type WordKind = (typeof WORD_KINDS)[number]

export const ChatWords = Type.Object(
  {
    ...(Object.fromEntries(WORD_KINDS.map((kind) => [kind, ChatWord])) as Record<WordKind, typeof ChatWord>),
    /** Who may give, take and set in chat. */
    allowed: Type.Array(StandingName, { maxItems: 20 }),
    /** Whether anybody may ask for somebody else's balance; if not, only who may correct it. */
    askOthers: Type.Boolean(),
  },
  { additionalProperties: false },
)
export type ChatWords = Static<typeof ChatWords>
