import { type Static, Type } from '@sinclair/typebox'
import { Who } from '../access/index.ts'
import { StandingName } from '../earning/index.ts'
import { GameWord } from '../games/index.ts'
import { closed, Id, IdOrNull, orNull, whole } from '../schema.ts'
import { SoundRef, StillRef } from '../screen/index.ts'
import { stored, textIn } from '../world/index.ts'
import { Guessing } from './guess.ts'

/** The most tickets one person can have, the most that one ticket can count (hundredths) and the most winners. */
export const MOST_TICKETS = 100_000
export const MOST_WEIGHT = 10_000
export const MOST_WINNERS = 100

/**
 * What each winner gets: something handed over by hand, a code of the list of a reward, currency that is made for it, or an even share of what the
 * tickets brought (`share` in hundredths, over all winners).
 */
export const Prize = Type.Union([
  Type.Object(
    { of: Type.Literal('text'), text: Type.String({ minLength: 1, maxLength: 120, pattern: '\\S' }) },
    closed,
  ),
  Type.Object({ of: Type.Literal('codes'), reward: Id }, closed),
  Type.Object({ of: Type.Literal('currency'), amount: whole(1, 1_000_000_000) }, closed),
  Type.Object({ of: Type.Literal('pot'), share: whole(1, 100) }, closed),
])
export type Prize = Static<typeof Prize>

/** What the streamer sets of a raffle. Durations in seconds; 0: not at all. */
export const RaffleSettings = Type.Object(
  {
    title: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
    description: Type.String({ maxLength: 600 }),
    picture: StillRef,
    prize: Prize,
    winners: whole(1, MOST_WINNERS),
    word: GameWord,
    /** Where one can enter; by a step it is always possible. */
    byWord: Type.Boolean(),
    byPage: Type.Boolean(),
    /** It belongs to the show on air and closes with it. */
    thisShow: Type.Boolean(),
    closeSeconds: whole(0, 2_592_000),
    /** It closes by itself once so many people are in. */
    mostPeople: whole(0, 1_000_000),
    who: Who,
    hours: whole(0, 100_000),
    /** So many days a follower. */
    followDays: whole(0, 3650),
    /** Attended at least so many of so many last shows. */
    seen: Type.Object({ least: whole(0, 50), of: whole(0, 50) }, closed),
    /** Whoever won within so many days cannot enter. */
    winnerDays: whole(0, 3650),
    /** Who may close, draw and call it off in chat. */
    run: Who,
    /** Whoever guesses a number best wins, and not whoever is drawn; null: winners are drawn. */
    guess: orNull(Guessing),
    price: whole(0, 1_000_000_000),
    /** Tickets that cost nothing: for everyone, and for who holds a standing; the most of them counts. */
    free: Type.Object(
      {
        everyone: whole(0, MOST_TICKETS),
        standings: Type.Array(Type.Object({ standing: StandingName, tickets: whole(1, MOST_TICKETS) }, closed), {
          maxItems: 20,
        }),
      },
      closed,
    ),
    mostTickets: whole(1, MOST_TICKETS),
    /** What a ticket of who holds a standing counts, in hundredths of a plain one. */
    weights: Type.Array(Type.Object({ standing: StandingName, weight: whole(100, MOST_WEIGHT) }, closed), {
      maxItems: 20,
    }),
    remind: Type.Object(
      { everyMinutes: whole(0, 1440), beforeMinutes: Type.Array(whole(1, 1440), { maxItems: 5 }) },
      closed,
    ),
    /** So long before it closes is "closing soon". */
    soonSeconds: whole(0, 3600),
    /** Shown and heard when somebody enters; of many at once only one. */
    entryAlert: IdOrNull,
    entrySound: SoundRef,
    /** One winner with each draw, or all of them at once. */
    draw: Type.Union([Type.Literal('one'), Type.Literal('all')]),
    /** From the draw to the name of the winner: so long the marker runs. */
    suspenseSeconds: whole(0, 30),
    /** How long a winner has to speak up; 0: they need not. */
    claimSeconds: whole(0, 86_400),
    /** Who draws again for a winner who did not. */
    redraw: Type.Union([Type.Literal('itself'), Type.Literal('hand')]),
  },
  closed,
)
export type RaffleSettings = Static<typeof RaffleSettings>

/** When a raffle opens: at once, at a time (seconds since 1970), or when somebody presses. */
export const Opens = Type.Union([
  Type.Object({ of: Type.Literal('now') }, closed),
  Type.Object({ of: Type.Literal('at'), at: whole(0, 9_999_999_999) }, closed),
  Type.Object({ of: Type.Literal('hand') }, closed),
])
export type Opens = Static<typeof Opens>

const EVERYONE: Who = { everyone: true, streamer: false, standings: [], rank: null, people: [] }

/** A raffle as it begins: everybody who comes has one free ticket, and the same chance. */
export const SAME_CHANCE: RaffleSettings = {
  title: '',
  description: '',
  picture: 'tag',
  prize: { of: 'text', text: '' },
  winners: 1,
  word: { word: 'in', aliases: [] },
  byWord: true,
  byPage: true,
  thisShow: true,
  closeSeconds: 600,
  mostPeople: 0,
  who: EVERYONE,
  hours: 0,
  followDays: 0,
  seen: { least: 0, of: 0 },
  winnerDays: 0,
  run: { ...EVERYONE, everyone: false, streamer: true, standings: ['moderator'] },
  guess: null,
  price: 0,
  free: { everyone: 1, standings: [] },
  mostTickets: 1,
  weights: [],
  remind: { everyMinutes: 5, beforeMinutes: [1] },
  soonSeconds: 60,
  entryAlert: null,
  entrySound: 'none',
  draw: 'one',
  suspenseSeconds: 8,
  claimSeconds: 90,
  redraw: 'hand',
}

/** Tickets cost something, and who spends more has more chances; one is free, so that newcomers have one, too. */
export const SPEND_FOR_MORE: RaffleSettings = {
  ...SAME_CHANCE,
  price: 20,
  free: { everyone: 1, standings: [] },
  mostTickets: 10,
}

/** Everybody guesses a number, and the nearest one wins. */
export const NEAREST_GUESS = {
  ...SAME_CHANCE,
  guess: { least: 1, most: 1000, answer: 'set' },
} as const satisfies RaffleSettings

/** Of one that cannot be read: its title, and nowhere to enter. */
const unreadable = (kept: unknown): RaffleSettings => ({
  ...SAME_CHANCE,
  title: textIn(kept, 'title', 60) || 'Unreadable raffle',
  prize: { of: 'text', text: 'Unreadable' },
  byWord: false,
  byPage: false,
})

export const storedTemplate = stored('raffle template', RaffleSettings, { initial: SAME_CHANCE, off: unreadable })

export const storedRaffle = stored('raffle', RaffleSettings, { initial: SAME_CHANCE, off: unreadable })
