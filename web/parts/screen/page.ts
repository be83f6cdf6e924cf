import type { FactBody } from '#core/engine'
import type { Alert, OverlaySettings } from '#core/screen'
import type { StripDrawing } from '../raffles/drawStrip.ts'

/** What a piece shows at first. */
export interface Shown {
  readonly lines?: readonly { readonly name: string; readonly value: string }[]
  readonly figure?: number
  readonly text?: string
  readonly said?: readonly Line[]
  readonly round?: RoundShown & { readonly left: number | null }
  readonly raffle?: RaffleOnPage
}

/** A raffle as its piece is told of it. Times left in seconds from the moment in which it was told. */
export interface RaffleOnPage {
  readonly id: number
  readonly status: string
  readonly title: string
  readonly prize: string
  /** Null: it is not entered by a word. */
  readonly word: string | null
  readonly people: number
  readonly tickets: number
  /** Until it closes; null: by hand. */
  readonly left: number | null
  readonly names: readonly string[]
  readonly drawing: StripDrawing | null
  readonly waiting: readonly { readonly name: string; readonly left: number }[]
  readonly won: readonly { readonly name: string; readonly line: string | null; readonly chance: string }[]
  /** Seconds since the last prize was won; null: none was. */
  readonly wonAgo: number | null
}

/** A round as a piece is told of it. */
export type RoundShown = Omit<FactBody<'round.changed'>, 'crew'> & {
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
