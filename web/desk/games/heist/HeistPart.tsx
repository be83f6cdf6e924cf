import type { SettingsOf } from '#core/games'
import { FaultsAt } from '../../../parts/form/DraftField.tsx'
import { Checkbox } from '../../../parts/form/inputs.tsx'
import { FIGURES, FigureRow } from '../PlayPart.tsx'
import { WordFields } from '../WordFields.tsx'

interface HeistFiguresProps {
  readonly draft: SettingsOf['heist']
  readonly set: (patch: object) => void
}

const HeistFigures = ({ draft, set }: HeistFiguresProps) => (
  <div className={FIGURES}>
    <FigureRow
      label="The crew gathers for"
      value={draft.gatherSeconds}
      unit="seconds"
      most={600}
      least={10}
      onValue={(gatherSeconds) => set({ gatherSeconds })}
    />
    <FigureRow
      label="Smallest crew"
      value={draft.leastCrew}
      unit="or all stakes are refunded"
      most={1000}
      least={1}
      onValue={(leastCrew) => set({ leastCrew })}
    />
    <FigureRow
      label="Largest crew"
      value={draft.mostCrew}
      unit="then it sets off at once"
      most={100_000}
      least={1}
      onValue={(mostCrew) => set({ mostCrew })}
    />
    <FigureRow
      label="Pause between two rooms"
      value={draft.pauseSeconds}
      unit="seconds to leave or stay"
      most={120}
      least={3}
      onValue={(pauseSeconds) => set({ pauseSeconds })}
    />
  </div>
)

/** How a heist goes: its words, how long a crew gathers, and how long it pauses between two rooms. */
export function HeistPart({ draft, put }: { draft: SettingsOf['heist']; put: (patch: never) => void }) {
  const set = put as (patch: object) => void
  return (
    <div className="flex flex-col gap-5">
      <div className="flex flex-wrap gap-4">
        <WordFields label="Command and aliases" word={draft.word} setWord={(word) => set({ word })} />
        <WordFields label="To leave between rooms" word={draft.out} setWord={(out) => set({ out })} />
      </div>
      <FaultsAt name="mostCrew">
        <HeistFigures draft={draft} set={set} />
      </FaultsAt>
      <Checkbox on={draft.notice} onTick={(notice) => set({ notice })}>
        Tell chat when the cooldown is over and the next heist can start
      </Checkbox>
    </div>
  )
}
