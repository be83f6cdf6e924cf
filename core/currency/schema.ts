import { type Static, Type } from '@sinclair/typebox'
import { closed } from '../schema.ts'

const Word = Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,30}$' })

/** The pictures a currency can have: pieces from the workshop. */
export const ICONS = ['rivet', 'bolt', 'cog', 'coin', 'key', 'spark', 'leaf', 'drop'] as const
export type Icon = (typeof ICONS)[number]

/** The currency's words. `word` is what is typed in chat after the "!" to ask for one's balance. */
export const Currency = Type.Object(
  {
    one: Type.String({ minLength: 1, maxLength: 30 }),
    many: Type.String({ minLength: 1, maxLength: 30 }),
    word: Word,
    /** Other words that ask for the same. */
    aliases: Type.Optional(Type.Array(Word, { maxItems: 10 })),
    icon: Type.Optional(Type.Union(ICONS.map((icon) => Type.Literal(icon)))),
    /** What is answered to who asks for a balance, as a Liquid text; left out: our own. */
    reply: Type.Optional(Type.String({ maxLength: 300 })),
  },
  closed,
)
export type Currency = Static<typeof Currency>

/** Our own answer to who asks for a balance. */
export const REPLY = '{{ viewer.name }} has {{ balance }}.'
