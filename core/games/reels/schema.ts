import { type Static, Type } from '@sinclair/typebox'
import { closed, exactly, type Fixed, oneOf, whole } from '../../schema.ts'
import { gameSettings, Stakes } from '../schema.ts'

const SymbolName = Type.String({ minLength: 1, maxLength: 16, pattern: '^\\S+$' })

/** `weight`: how often a symbol is on the strip. */
const Strip = Type.Array(Type.Object({ symbol: SymbolName, weight: whole(1, 1000) }, closed), {
  minItems: 2,
  maxItems: 12,
})

/** Three of a symbol, or two of it anywhere, pay so many hundredths of the stake. The first line that matches pays; those below it do not. */
const PayTable = Type.Array(
  Type.Object({ match: oneOf(['three', 'two']), symbol: SymbolName, multiplier: whole(0, 1_000_000) }, closed),
  { minItems: 1, maxItems: 24 },
)

export const Machine = exactly({ strip: Strip, table: PayTable })
export type Machine = Fixed<Static<typeof Machine>>
export type PayLine = Machine['table'][number]
export type StripSymbol = Machine['strip'][number]

export const ReelsSettings = gameSettings({ stakes: Stakes, strip: Strip, table: PayTable })
export type ReelsSettings = Static<typeof ReelsSettings>

export const ReelsState = exactly({
  of: Type.Literal('reels'),
  machine: Machine,
  shown: Type.Array(Type.String()),
})
export type ReelsState = Fixed<Static<typeof ReelsState>>
