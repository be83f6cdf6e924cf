import { type Static, Type } from '@sinclair/typebox'
import { EVERYONE_MAY, Limits, NO_LIMITS, Who } from '../access/index.ts'
import { StandingName } from '../earning/index.ts'
import { closed, exactly, oneOf, Rest, whole } from '../schema.ts'
import { Steps } from '../steps/index.ts'
import { REPLIES } from '../voice/index.ts'
import { keyedBy, stored, textIn } from '../world/index.ts'

const Word = Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,30}$' })

/** A word of chat: what is typed after the "!", and how soon it may be used again, by everyone and by each viewer (seconds). */
export const ChatWord = Type.Object(
  {
    word: Word,
    aliases: Type.Array(Word, { maxItems: 10 }),
    on: Type.Boolean(),
    everyoneSeconds: Rest,
    eachSeconds: Rest,
  },
  closed,
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
  'fair',
  'help',
] as const
export type WordKind = (typeof WORD_KINDS)[number]

/** The words by which the team corrects balances. */
export const TEAM_WORDS = ['give', 'take', 'set'] as const
export type TeamWord = (typeof TEAM_WORDS)[number]

/** Who may use one of the team's words in place of what holds for all of them. `team`: members of the team, as far as their rights go. */
const OwnRule = exactly({ standings: Type.Array(StandingName, { maxItems: 20 }), team: Type.Boolean() })

export const ChatWords = Type.Object(
  {
    ...keyedBy(WORD_KINDS, () => ChatWord),
    /** Who may give, take and set in chat. */
    allowed: Type.Array(StandingName, { maxItems: 20 }),
    /** Of single ones of them. */
    allowedFor: Type.Optional(
      Type.Object(
        keyedBy(TEAM_WORDS, () => Type.Optional(OwnRule)),
        closed,
      ),
    ),
    /** Whether anybody may ask for somebody else's balance; if not, only who may correct it. */
    askOthers: Type.Boolean(),
  },
  closed,
)
export type ChatWords = Static<typeof ChatWords>

/** What is typed behind a word. `choices`: of a choice; `most`: letters of a text. */
export const Argument = Type.Object(
  {
    name: Type.String({ pattern: '^[a-z][a-z0-9_]{0,19}$' }),
    kind: oneOf(['viewer', 'amount', 'number', 'choice', 'text']),
    needed: Type.Boolean(),
    choices: Type.Array(Type.String({ minLength: 1, maxLength: 30, pattern: '^\\S+$' }), { maxItems: 30 }),
    most: whole(1, 300),
  },
  closed,
)
export type Argument = Static<typeof Argument>

/** A word in chat, and what happens when somebody says it. */
export const CommandSettings = Type.Object(
  {
    word: Word,
    aliases: Type.Array(Word, { maxItems: 20 }),
    description: Type.String({ maxLength: 200 }),
    group: Type.String({ maxLength: 40 }),
    on: Type.Boolean(),
    who: Who,
    where: oneOf(['room', 'private', 'both']),
    onAir: Type.Boolean(),
    cost: whole(0, 1_000_000_000),
    limits: Limits,
    /** Whether who may not use it is told why, once per spell. */
    refusals: Type.Boolean(),
    /** What they hear, as a Liquid text that can tell {{ viewer.name }} and {{ why }}; left out or empty: our own words. */
    refusalText: Type.Optional(Type.String({ maxLength: 200 })),
    /** How its answers reach who used it; null: as the channel does. */
    reply: Type.Union([Type.Null(), oneOf(REPLIES)]),
    arguments: Type.Array(Argument, { maxItems: 6 }),
    steps: Steps,
  },
  closed,
)
export type CommandSettings = Static<typeof CommandSettings>

/** A command that does nothing. */
const NO_COMMAND: CommandSettings = {
  word: 'unreadable',
  aliases: [],
  description: '',
  group: '',
  on: false,
  who: EVERYONE_MAY,
  where: 'both',
  onAir: false,
  cost: 0,
  limits: NO_LIMITS,
  refusals: false,
  reply: null,
  arguments: [],
  steps: [],
}

export const storedCommand = stored('command', CommandSettings, {
  off: (kept) => ({ ...NO_COMMAND, word: textIn(kept, 'word', 30) || NO_COMMAND.word }),
})
