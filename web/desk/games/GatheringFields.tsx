import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { FIGURES, FigureRow } from './FigureRows.tsx'

interface Gathering {
  readonly gatherSeconds: number
  readonly leastCrew: number
  readonly mostCrew: number
  readonly pauseSeconds: number
}

interface Words {
  readonly gathers: string
  readonly fewest: string
  readonly most: string
  readonly full: string
  readonly pause: string
  readonly paused: string
}

interface GatheringFieldsProps {
  readonly draft: Gathering
  readonly set: (patch: Partial<Gathering>) => void
  readonly words: Words
  /** The most people, and the seconds of a pause, that can be set. */
  readonly bounds: { readonly most: number; readonly pause: readonly [least: number, most: number] }
}

/** The bounds of the games that go on by themselves. */
export const CROWD_BOUNDS = { most: 10_000, pause: [2, 60] } as const

/** @param steps - What there is a pause between: two waves, two blows. */
export const crowdWords = (steps: string): Words => ({
  gathers: 'People gather for',
  fewest: 'Fewest people',
  most: 'Most people',
  full: 'then it begins at once',
  pause: `Pause between two ${steps}`,
  paused: 'seconds',
})

/** How a game that everybody can come into gathers them, and how long it pauses between its steps. */
export const GatheringFields = ({ draft, set, words, bounds }: GatheringFieldsProps) => (
  <FaultsAt name="mostCrew">
    <div className={FIGURES}>
      <FigureRow
        label={words.gathers}
        value={draft.gatherSeconds}
        unit="seconds"
        most={600}
        least={10}
        onValue={(gatherSeconds) => set({ gatherSeconds })}
      />
      <FigureRow
        label={words.fewest}
        value={draft.leastCrew}
        unit="or all stakes are refunded"
        most={1000}
        least={1}
        onValue={(leastCrew) => set({ leastCrew })}
      />
      <FigureRow
        label={words.most}
        value={draft.mostCrew}
        unit={words.full}
        most={bounds.most}
        least={1}
        onValue={(mostCrew) => set({ mostCrew })}
      />
      <FigureRow
        label={words.pause}
        value={draft.pauseSeconds}
        unit={words.paused}
        least={bounds.pause[0]}
        most={bounds.pause[1]}
        onValue={(pauseSeconds) => set({ pauseSeconds })}
      />
    </div>
  </FaultsAt>
)
