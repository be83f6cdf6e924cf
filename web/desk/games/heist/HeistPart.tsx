import type { SettingsOf } from '#core/games'
import { Checkbox } from '../../../parts/form/inputs.tsx'
import { GatheringFields } from '../GatheringFields.tsx'
import { WordFields } from '../WordFields.tsx'

const WORDS = {
  gathers: 'The crew gathers for',
  fewest: 'Smallest crew',
  most: 'Largest crew',
  full: 'then it sets off at once',
  pause: 'Pause between two rooms',
  paused: 'seconds to leave or stay',
}

const BOUNDS = { most: 100_000, pause: [3, 120] } as const

/** How a heist goes: its words, how long a crew gathers, and how long it pauses between two rooms. */
export function HeistPart({ draft, put }: { draft: SettingsOf['heist']; put: (patch: never) => void }) {
  const set = put as (patch: object) => void
  return (
    <div className="flex flex-col gap-5">
      <div className="flex flex-wrap gap-4">
        <WordFields label="Command and aliases" word={draft.word} setWord={(word) => set({ word })} />
        <WordFields label="To leave between rooms" word={draft.out} setWord={(out) => set({ out })} />
      </div>
      <GatheringFields draft={draft} set={set} words={WORDS} bounds={BOUNDS} />
      <Checkbox on={draft.notice} onTick={(notice) => set({ notice })}>
        Tell chat when the cooldown is over and the next heist can start
      </Checkbox>
    </div>
  )
}
