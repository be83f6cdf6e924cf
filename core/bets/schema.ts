import { type Static, Type } from '@sinclair/typebox'
import { EVERYONE_MAY, Who } from '../access/index.ts'
import { GameWord, Stakes } from '../games/index.ts'
import { closed, exactly, IdOrNull, whole } from '../schema.ts'
import { stored, textIn } from '../world/index.ts'

/** The fewest and the most outcomes that one can bet on. */
export const LEAST_OUTCOMES = 2
export const MOST_OUTCOMES = 10

/** One thing that can happen: its name, and the short word by which one bets on it in chat. */
export const BetOutcome = exactly({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
  word: Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,20}$' }),
})
export type BetOutcome = Static<typeof BetOutcome>

/** On what terms people bet: a channel has its usual ones, and each bet its own. */
const terms = {
  /** So long betting is open (seconds); 0: until somebody locks it. */
  openSeconds: whole(0, 7 * 86_400),
  /** Of the largest: what one person may have in this bet in all. */
  stakes: Stakes,
  /** Whether one person may bet on several outcomes. */
  several: Type.Boolean(),
  /** What the house keeps of the losing stakes, in hundredths of a hundredth. */
  rakeBp: whole(0, 5000),
  who: Who,
  onAir: Type.Boolean(),
  /** Whether people can take their bets back until the lock. */
  takeBack: Type.Boolean(),
  /** Bets laid in so many seconds before the lock go back, if nothing else is said when the winner is picked. */
  lateSeconds: whole(0, 600),
  /** Between the winner and the payment (seconds): so long it can be changed. */
  pauseSeconds: whole(0, 600),
  announce: exactly({
    /** Chat is told so many seconds before the lock; 0: it is not. */
    soonSeconds: whole(0, 600),
    /** Alerts of the list when it opens and when there is a winner; null: none. */
    opened: IdOrNull,
    settled: IdOrNull,
  }),
}

export const BetTerms = exactly(terms)
export type BetTerms = Static<typeof BetTerms>

/** What one bet is about, and its terms. */
export const BetSettings = exactly({
  question: Type.String({ minLength: 1, maxLength: 120, pattern: '\\S' }),
  outcomes: Type.Array(BetOutcome, { minItems: LEAST_OUTCOMES, maxItems: MOST_OUTCOMES }),
  ...terms,
})
export type BetSettings = Static<typeof BetSettings>

/** What holds for all bets of a channel: the word, and the usual terms. */
export const BetDefaults = exactly({ word: GameWord, terms: BetTerms })
export type BetDefaults = Static<typeof BetDefaults>

export const USUAL_TERMS: BetTerms = {
  openSeconds: 300,
  stakes: { smallest: 10, largest: 0, share: 100 },
  several: false,
  rakeBp: 0,
  who: EVERYONE_MAY,
  onAir: true,
  takeBack: false,
  lateSeconds: 10,
  pauseSeconds: 20,
  announce: { soonSeconds: 30, opened: null, settled: null },
}

/** A link to what shows how it ended. */
export const EvidenceLink = Type.String({ maxLength: 300, pattern: '^(|https://\\S+)$' })
export const EvidenceNote = Type.String({ maxLength: 300 })

/** A bet that nobody can open as it is. */
const unreadable = (kept: unknown): BetSettings => ({
  ...USUAL_TERMS,
  question: textIn(kept, 'question', 120) || 'Unreadable bet',
  outcomes: [
    { name: 'Yes', word: 'yes' },
    { name: 'No', word: 'no' },
  ],
  who: { ...EVERYONE_MAY, everyone: false },
})

export const storedBet = stored('bet', BetSettings, { off: unreadable })
export const storedBetTemplate = stored('bet template', BetSettings, { off: unreadable })

export const BetTemplate = Type.Object({ settings: BetSettings, digit: Type.Union([whole(1, 9), Type.Null()]) }, closed)
