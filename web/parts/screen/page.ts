import type { FactBody } from '#core/engine'
import type { Alert } from '#core/screen'
import type { Answer } from '../api/called.ts'

/** What a piece shows at first; of a round what is drawn of it. */
export type Shown = Omit<OverlayPage['shown'][string], 'round'> & {
  readonly round?: RoundShown & { readonly left: number | null }
}

/** A raffle as its piece is told of it. Times left in seconds from the moment in which it was told. */
export type RaffleOnPage = NonNullable<Shown['raffle']>

/** A bet as its piece is told of it. */
export type BetOnPage = NonNullable<Shown['bet']>

/** A goal as its piece is told of it. */
export type GoalOnPage = NonNullable<Shown['goal']>

/** A round as a piece is told of it. */
export type RoundShown = Omit<FactBody<'round.changed'>, 'crew'> & {
  readonly crew?: readonly {
    readonly name: string
    readonly state: string
    readonly paid: number
    readonly told?: string
    readonly hits?: number
  }[]
}

export type Line = NonNullable<Shown['said']>[number]

/** Everything that the page is told at its start. */
export type OverlayPage = Answer<'/api/overlays/{secret}/page'>

export type AlertFact = Alert

export interface Control {
  readonly what: 'skip' | 'clear' | 'pause' | 'resume'
  readonly paused: boolean
}
