import { useState } from 'react'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { Checkbox } from '../../parts/form/inputs.tsx'
import { WhoFields } from '../commands/WhoFields.tsx'
import { FIGURES, FigureRow } from '../games/FigureRows.tsx'
import { useStatus } from '../status.ts'
import type { PartProps } from './part.ts'

/** The smallest and the largest part, whether it can be taken back, and who may. */
export function RulesPart({ draft, put, commands, goal }: PartProps) {
  const [named, setNamed] = useState<Readonly<Record<number, string>>>({})
  const fixed = (goal?.people ?? 0) > 0
  return (
    <div className="flex flex-col gap-4">
      <Bounds draft={draft} put={put} />
      <fieldset disabled={fixed} className="contents">
        <Checkbox on={draft.withdraw} onTick={(withdraw) => put({ withdraw })}>
          One can take one’s own part back while it is open
        </Checkbox>
      </fieldset>
      <Checkbox on={draft.onAir} onTick={(onAir) => put({ onAir })}>
        Only while the show is on air
      </Checkbox>
      {commands !== undefined && (
        <FaultsAt name="who">
          <WhoFields
            who={draft.who}
            view={commands}
            setWho={(who) => put({ who })}
            named={named}
            setNamed={setNamed}
            may="may chip in"
          />
        </FaultsAt>
      )}
    </div>
  )
}

function Bounds({ draft, put }: Pick<PartProps, 'draft' | 'put'>) {
  const { currency } = useStatus()
  return (
    <FaultsAt name="smallest">
      <FaultsAt name="largest">
        <div className={FIGURES}>
          <FigureRow
            label="Smallest part"
            value={draft.smallest}
            unit={currency.many}
            least={1}
            onValue={(smallest) => put({ smallest })}
          />
          <FigureRow
            label="Most from one person"
            value={draft.largest}
            unit={currency.many}
            none="–"
            onValue={(largest) => put({ largest })}
          />
        </div>
      </FaultsAt>
    </FaultsAt>
  )
}
