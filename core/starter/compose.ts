import { type Currency, digits, inWords } from '../currency/index.ts'
import { type EarningPlan, STARTERS } from '../earning/index.ts'
import { gameSetting } from '../games/index.ts'
import { SAME_CHANCE } from '../raffles/index.ts'
import type { RankPlan } from '../ranks/index.ts'
import { type Audience, weeklyHours } from './audience.ts'
import type { StarterPiece } from './piece.ts'
import { rewardPieces, roundPrice } from './rewards.ts'
import { overlayPiece } from './screen.ts'
import { commandPieces, triggerPieces } from './words.ts'

/** The plan for so many people. */
function planFor({ people }: Audience): EarningPlan {
  const [small, growing, large] = STARTERS
  const found = people <= 50 ? small : people <= 500 ? growing : large
  if (found === undefined) throw new Error('There is no plan to start from.')
  return found.plan
}

/** What an hour of watching pays a follower who says something now and then. */
export const hourlyOf = ({ base, intervalSeconds, standings, active }: EarningPlan): number =>
  Math.round(((base + (standings.follower?.plus ?? 0) + Math.floor(active.plus / 2)) * 3600) / intervalSeconds)

const RANK_NAMES = ['Newcomer', 'Regular', 'Familiar face', 'Old hand', 'Pillar'] as const
const BADGES = ['sprout', 'leaf', 'star', 'sun', 'mountain'] as const
/** After how many weeks of watching as usual each rank is reached; the first within an evening. */
const RANK_WEEKS = [0, 1, 4, 13, 39] as const

function ranksFor(audience: Audience): RankPlan {
  const weekly = weeklyHours(audience)
  const ranks = RANK_NAMES.map((name, i) => ({
    ...{ id: i + 1, name, needs: null },
    from: 60 * Math.max(1, (RANK_WEEKS[i] ?? 0) * weekly),
    badge: BADGES[i] ?? 'sprout',
  }))
  return { measure: 'hours', ranks, announce: '{{ viewer.name }} is {{ viewer.rank }} now.' }
}

/** Games for small stakes: nobody loses an evening's earnings by accident. */
function gamePieces(hourly: number, currency: Currency): StarterPiece[] {
  const smallest = roundPrice(hourly / 12)
  const stakes = { smallest, largest: roundPrice(hourly), share: 25 }
  const within = `Stakes from ${digits(smallest)} to ${inWords(stakes.largest, currency)}`
  return [
    {
      ...{ key: 'game/coin', name: 'The coin', says: within },
      made: { of: 'game', game: 'coin', settings: { ...gameSetting('coin').initial, on: true, stakes } },
    },
    {
      ...{ key: 'game/duel', name: 'Duels', says: within },
      made: { of: 'game', game: 'duel', settings: { ...gameSetting('duel').initial, on: true, stakes } },
    },
    {
      ...{ key: 'game/scramble', name: 'The scramble', says: `Everybody puts in ${inWords(smallest, currency)}` },
      made: {
        of: 'game',
        game: 'scramble',
        settings: { ...gameSetting('scramble').initial, on: true, stake: smallest },
      },
    },
  ]
}

/**
 * All that a channel needs for its first evening, made for an audience: prices in hours of watching, ranks in weeks.
 * Nothing of it is there before it is taken. @param page - The address of the viewer page.
 */
export function starterFor(audience: Audience, currency: Currency, page: string): StarterPiece[] {
  const plan = planFor(audience)
  const hourly = hourlyOf(plan)
  const ranks = ranksFor(audience)
  const last = ranks.ranks.at(-1)
  return [
    {
      ...{ key: 'earning/plan', name: 'Earning', made: { of: 'earning', plan } },
      says: `About ${inWords(hourly, currency)} an hour for a follower who chats; ${inWords(plan.welcome, currency)} to begin with`,
    },
    {
      ...{ key: 'ranks/plan', name: 'Five ranks', made: { of: 'ranks', plan: ranks } },
      says: `From ${RANK_NAMES[0]} after an hour to ${last?.name ?? ''} after ${digits((last?.from ?? 0) / 60)} h`,
    },
    ...rewardPieces(hourly, currency),
    ...commandPieces(page),
    ...triggerPieces(page),
    ...gamePieces(hourly, currency),
    {
      ...{ key: 'raffle/first', name: 'A raffle to start from', says: 'One free ticket each, ten minutes, !in' },
      made: {
        of: 'raffle',
        settings: {
          ...SAME_CHANCE,
          title: 'Raffle of the evening',
          prize: { of: 'text', text: 'the prize of tonight' },
        },
      },
    },
    overlayPiece(audience),
  ]
}
