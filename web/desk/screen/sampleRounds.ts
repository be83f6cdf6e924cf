import { bracketFor, SITES } from '#core/games'
import type { RoundKind } from '#core/screen'
import { SAMPLE_VIEWER, SAMPLE_VIEWERS } from '#core/texts'
import type { RoundShown } from '../../parts/screen/page.ts'

type Sample = RoundShown & { readonly left: number | null }

const NAMES = SAMPLE_VIEWERS
const crew = NAMES.map((name, i) => ({
  name,
  state: i < 5 ? 'in' : i < 7 ? 'out' : 'caught',
  paid: i === 5 ? 118 : i === 6 ? 59 : 0,
}))
const entrants = NAMES.map((name, i) => ({ id: i + 1, name, seat: i + 1, kept: false }))
const common = {
  round: 1,
  status: 'running',
  seats: 8,
  staked: 640,
  paid: 0,
  nextAt: 12,
  why: null,
  by: null,
  left: 12,
} as const
const NO_WHO = { everyone: true, streamer: false, standings: [], rank: null, people: [] }

/** Rounds as they look in the editor, where none is on. */
export const SAMPLE_ROUNDS: Readonly<Record<RoundKind, Sample>> = {
  crew: {
    ...common,
    game: 'heist',
    crew,
    state: { of: 'heist', site: SITES[0] ?? null, step: 1, drawn: 8, inside: 5 },
  },
  duel: {
    ...common,
    game: 'duel',
    state: {
      of: 'duel',
      challenger: { id: 1, name: SAMPLE_VIEWER },
      challenged: { id: 2, name: 'umbra_coil' },
      stake: 50,
      rakeBp: 200,
      winner: null,
    },
  },
  wheel: {
    ...common,
    game: 'roulette',
    crew: [
      { name: SAMPLE_VIEWER, state: 'in', paid: 0, told: '50 on red' },
      { name: 'pia_ohm', state: 'in', paid: 0, told: '20 on 17' },
    ],
    state: { of: 'roulette', number: null },
  },
  reels: {
    ...common,
    game: 'reels',
    by: SAMPLE_VIEWER,
    status: 'settled',
    staked: 50,
    paid: 135,
    state: { of: 'reels', shown: ['radio', 'radio', 'cog'] },
  },
  scramble: {
    ...common,
    game: 'scramble',
    staked: 400,
    crew: crew.map((one, i) => ({ ...one, state: i < 4 ? 'in' : 'lost', paid: 0 })),
    state: { of: 'scramble', stake: 50, adds: 100, rakeBp: 500, sharesPpm: [600_000, 400_000], wave: 1, left: 4 },
  },
  boss: {
    ...common,
    game: 'boss',
    crew: crew.map((one, i) => ({ ...one, state: 'in', paid: 0, hits: i % 3 })),
    state: {
      of: 'boss',
      name: 'The giant',
      picture: 'sparks',
      strength: {
        ownPpm: 420_000,
        bonusPpm: 6000,
        capPpm: 520_000,
        blows: 3,
        needPpm: 450_000,
        multiplier: 200,
        lastBlowBonus: 50,
      },
      needed: 11,
      hits: 7,
      step: 2,
      lastBlow: null,
    },
  },
  bracket: {
    ...common,
    game: 'cup',
    state: {
      of: 'cup',
      rules: {
        name: 'The cup',
        places: 8,
        kept: { places: 0, who: NO_WHO, before: false },
        stake: 0,
        prize: 500,
        second: 0,
        bestOf: 1,
        signUpSeconds: 300,
        matchSeconds: 60,
      },
      entrants,
      drawnFrom: [],
      order: [],
      matches: bracketFor(entrants.map(({ id }) => id)),
      current: 2,
    },
  },
}
