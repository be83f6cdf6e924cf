import type { Badge } from '#core/ranks'
import type { Person } from './people.ts'

interface RankShown {
  readonly name: string
  readonly from: number
  readonly badge: Badge
}

/** All that the desk knows of one person, the trail left out. */
export interface PanelAnswer {
  readonly viewer: Person & {
    readonly account: string
    readonly ignored: boolean
    readonly unlisted: boolean
    readonly archivedAt: number | null
    readonly circlesByHand: Readonly<Record<string, 'in' | 'out'>>
  }
  readonly standings: readonly string[]
  readonly circles: readonly { readonly id: number; readonly name: string }[]
  readonly rank: {
    readonly measure: 'hours' | 'earned'
    readonly value: number
    readonly held: RankShown | null
    readonly next: RankShown | null
  }
  /** Seconds: of the show on air (null: not there, or none), and of the last 30 days. */
  readonly hours: { readonly show: number | null; readonly days: number }
  readonly attended: { readonly count: number; readonly of: number }
  readonly shows: readonly ShowAttended[]
  readonly habits: { readonly streak: number; readonly bestStreak: number; readonly checkIns: number }
  readonly tallies: readonly {
    readonly id: number
    readonly name: string
    readonly one: string
    readonly many: string
    readonly total: number
  }[]
  readonly notes: readonly { readonly id: number; readonly at: number; readonly by: string; readonly text: string }[]
  readonly aliases: readonly string[]
}

export interface ShowAttended {
  readonly startedAt: number
  readonly title: string
  readonly seconds: number
  readonly attended: boolean
}
