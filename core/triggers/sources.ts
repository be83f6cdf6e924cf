import { betMoments } from '../bets/moments.ts'
import { commandMoments } from '../commands/moments.ts'
import { eventMoments } from '../events/moments.ts'
import { GAME_NAMES } from '../games/index.ts'
import { gameMoments } from '../games/moments.ts'
import { goalMoments } from '../goals/moments.ts'
import { raffleMoments } from '../raffles/moments.ts'
import { rankMoments } from '../ranks/moments.ts'
import { showMoments } from '../show/moments.ts'
import { storeMoments } from '../store/moments.ts'
import type { DeclaredMoment, Moment, MomentKind } from '../world/index.ts'
import type { Source, SourceKind } from './schema.ts'

/** Every kind of moment. One that a feature declares and that is not among these does not compile. */
const MOMENTS: Readonly<Record<MomentKind, DeclaredMoment>> = {
  ...betMoments,
  ...commandMoments,
  ...eventMoments,
  ...gameMoments,
  ...goalMoments,
  ...raffleMoments,
  ...rankMoments,
  ...showMoments,
  ...storeMoments,
}

/** The moments of kinds of triggers that are not called as the one moment that sets them off. */
const SET_OFF_BY: Readonly<Partial<Record<SourceKind, readonly MomentKind[]>>> = {
  subscription: ['subscription', 'resubscription'],
  outside: ['redeemed'],
}

const isMoment = (kind: SourceKind | MomentKind): kind is MomentKind => Object.hasOwn(MOMENTS, kind)

/** The moments that a kind of trigger is set off by; a timer's time has come without any. */
const momentsOf = (kind: SourceKind): readonly MomentKind[] => SET_OFF_BY[kind] ?? (isMoment(kind) ? [kind] : [])

/** The figure that a range is of. */
const MEASURED: Readonly<Record<string, string>> = {
  subscription: 'tier',
  gift: 'count',
  raid: 'viewers',
  tip: 'amount',
  cheer: 'amount',
  gameWon: 'paid',
  gameLost: 'lost',
}

/** The figures that a kind of trigger brings to its steps, with what they tell. */
export const figuresOf = (kind: SourceKind): Readonly<Record<string, string>> =>
  Object.fromEntries(
    momentsOf(kind)
      .flatMap((one) => Object.entries(MOMENTS[one].figures))
      .flatMap(([name, { says }]) => (says === undefined ? [] : [[name, says]])),
  )

/** Whether somebody sets such a trigger off; else there is no viewer in its steps. */
export const hasViewer = (kind: SourceKind): boolean => momentsOf(kind).some((one) => MOMENTS[one].by === 'viewer')

type Ranged = Extract<Source, { to: number | null }>

function isWithin({ of, from, to }: Ranged, figures: Readonly<Record<string, string | number | undefined>>): boolean {
  const measured = Number(figures[MEASURED[of] ?? ''] ?? 0)
  return measured >= from && (to === null || measured <= to)
}

/** Whether a moment sets a trigger of this source off. */
export function setsOff(source: Source, moment: Moment): boolean {
  if (!momentsOf(source.of).includes(moment.kind)) return false
  const figures: Readonly<Record<string, string | number | undefined>> = moment.figures
  if ('setup' in source) return source.setup === null || figures.setup === source.setup
  switch (source.of) {
    case 'subscription':
    case 'gift':
    case 'raid':
    case 'tip':
    case 'cheer':
      return isWithin(source, figures)
    case 'gameWon':
    case 'gameLost': {
      const { game = null } = source
      return (game === null || figures.game === GAME_NAMES[game]) && isWithin(source, figures)
    }
    case 'outside':
      return figures.reward === source.reward
    case 'rankReached':
      return source.rank === null || figures.rank === source.rank
    case 'orderPlaced':
      return source.reward === null || figures.reward === source.reward
    case 'showStarted':
      return figures.resumed !== 1
    default:
      return true
  }
}
