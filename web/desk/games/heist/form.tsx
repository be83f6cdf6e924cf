import { NumberInput, Select } from '../../../parts/form/inputs.tsx'
import type { GameForm, WayProps } from '../form.ts'
import { HeistPart } from './HeistPart.tsx'
import { SitesPart } from './SitesPart.tsx'

function HeistWay({ draft, way, setWay }: WayProps<'heist'>) {
  const rooms = Math.max(...draft.sites.map((site) => site.rooms.length))
  return (
    <>
      . They go in a crew of{' '}
      <NumberInput
        label="Crew"
        value={way.crew}
        most={100_000}
        className="w-16"
        onValue={(crew) => setWay({ ...way, crew: Math.max(1, crew) })}
      />
      and leave after room
      <Select
        label="They leave after room"
        value={String(Math.min(way.leaveAfter, rooms))}
        choices={Array.from({ length: rooms }, (_, i) => ({ value: String(i + 1), name: String(i + 1) }))}
        onChoose={(room) => setWay({ ...way, leaveAfter: Number(room) })}
      />
    </>
  )
}

export const heistForm: GameForm<'heist'> = {
  parts: [
    { name: 'How it goes', Part: HeistPart },
    { name: 'Sites', Part: SitesPart },
  ],
  Way: HeistWay,
}
