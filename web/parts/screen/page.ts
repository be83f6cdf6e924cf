import type { RoundState, RoundStatus } from '#core/games'
import type { Alert, OverlaySettings } from '#core/screen'

/** What a piece shows at first. */
export interface Shown {
  readonly lines?: readonly { readonly name: string; readonly value: string }[]
  readonly figure?: number
  readonly text?: string
  readonly said?: readonly Line[]
  readonly round?: RoundShown & { readonly left: number | null }
}

/** A round as a piece is told of it. */
export interface RoundShown {
  readonly round: number
  readonly game: string
  readonly status: RoundStatus
  readonly seats: number
  readonly staked: number
  readonly paid: number
  readonly nextAt: number | null
  readonly why: string | null
  /** Who opened it; null: the desk. */
  readonly by?: string | null
  readonly state: RoundState
  readonly crew?: readonly {
    readonly name: string
    readonly state: string
    readonly paid: number
    readonly told?: string
  }[]
}

export interface Line {
  readonly at: number
  readonly name: string
  readonly text: string
  readonly bot: boolean
}

/** Everything that the page is told at its start. */
export interface OverlayPage extends Omit<OverlaySettings, 'background'> {
  readonly seq: number
  readonly shown: Readonly<Record<string, Shown | undefined>>
  readonly currency: { readonly one: string; readonly many: string }
  /** Where the library's files are. */
  readonly media: string
  readonly paused: boolean
}

export type AlertFact = Alert

export interface Control {
  readonly what: 'skip' | 'clear' | 'pause' | 'resume'
  readonly paused: boolean
}
