import { useState } from 'react'
import {
  AREA_NAMES,
  AREAS,
  type Area,
  LEVELS,
  type Level,
  levelInWords,
  READY_SETS,
  type Rights,
  readySetOf,
} from '#core/team'
import { Checkbox, NumberInput, Select } from '../../parts/form/inputs.tsx'
import { Radios } from '../../parts/form/Radios.tsx'

interface RightsFieldsProps {
  readonly rights: Rights
  readonly setRights: (rights: Rights) => void
}

const OWN = 'own'

const CHOICES = [
  ...READY_SETS.map(({ name, tells }) => ({
    value: name,
    name: (
      <span>
        <strong>{name}</strong> <span className="text-muted">{tells}</span>
      </span>
    ),
  })),
  { value: OWN, name: <span>A mix of my own</span> },
]

/** What somebody may do: one of the ready sets, or area by area. */
export function RightsFields({ rights, setRights }: RightsFieldsProps) {
  const [mixing, setMixing] = useState(readySetOf(rights) === undefined)
  const ready = mixing ? OWN : (readySetOf(rights)?.name ?? OWN)
  const choose = (name: string) => {
    const found = READY_SETS.find((one) => one.name === name)
    // A mix begins with what was chosen before.
    setMixing(found === undefined)
    if (found !== undefined) setRights(found.rights)
  }
  return (
    <div className="flex flex-col gap-4">
      <Radios legend="What they may do" value={ready} choices={CHOICES} onChoose={choose} />
      <fieldset disabled={ready !== OWN} hidden={ready !== OWN} className="rounded-md border border-line px-3 py-2">
        <legend className="px-1">Area by area</legend>
        <div className="grid cols-rights items-center gap-x-3 gap-y-1.5">
          {AREAS.map((area) => (
            <AreaRow
              key={area}
              area={area}
              level={rights.areas[area]}
              choose={(level) => setRights({ ...rights, areas: { ...rights.areas, [area]: level } })}
            />
          ))}
        </div>
        <MostAdjusted most={rights.mostAdjusted} setMost={(mostAdjusted) => setRights({ ...rights, mostAdjusted })} />
      </fieldset>
    </div>
  )
}

const LEVEL_CHOICES = LEVELS.map((value) => ({ value, name: levelInWords(value) }))

interface AreaRowProps {
  readonly area: Area
  readonly level: Level
  readonly choose: (level: Level) => void
}

function AreaRow({ area, level, choose }: AreaRowProps) {
  const { name, act, change } = AREA_NAMES[area]
  return (
    <>
      <span>{name}</span>
      <Select label={`Rights in: ${name}`} value={level} choices={LEVEL_CHOICES} onChoose={choose} />
      <span className="text-note text-muted max-sm:col-span-2">
        act: {act}
        {change !== 'the same' && `; change: ${change}`}
      </span>
    </>
  )
}

interface MostAdjustedProps {
  readonly most: number | null
  readonly setMost: (most: number | null) => void
}

/** How much one adjustment may give or take. */
const MostAdjusted = ({ most, setMost }: MostAdjustedProps) => (
  <div className="mt-3 flex flex-wrap items-center gap-3 border-t border-line pt-3">
    <Checkbox on={most === null} onTick={(on) => setMost(on ? null : 1000)}>
      Adjusts balances by any amount
    </Checkbox>
    {most !== null && (
      <span className="flex items-center gap-2">
        or by at most
        <NumberInput label="Most per adjustment and person" value={most} onValue={setMost} className="w-28" />
        per person and adjustment
      </span>
    )}
  </div>
)
