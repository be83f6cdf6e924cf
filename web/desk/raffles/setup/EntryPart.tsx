import { useState } from 'react'
import { FaultsAt } from '../../../parts/form/DraftField.tsx'
import { Checkbox, NumberInput } from '../../../parts/form/inputs.tsx'
import { WhoFields } from '../../commands/WhoFields.tsx'
import { FIGURES, FigureRow } from '../../games/FigureRows.tsx'
import { WordFields } from '../../games/WordFields.tsx'
import type { PartProps } from './part.ts'

/** How one gets in, until when, and how many people at most. */
export function EntryPart({ draft, put, fixed }: PartProps) {
  return (
    <div className="flex flex-col gap-3">
      <fieldset disabled={fixed} className="contents">
        <FaultsAt name="word">
          <WordFields label="Command and aliases" word={draft.word} setWord={(word) => put({ word })} />
        </FaultsAt>
      </fieldset>
      <Checkbox on={draft.byWord} onTick={(byWord) => put({ byWord })}>
        In chat, with this command
      </Checkbox>
      <Checkbox on={draft.byPage} onTick={(byPage) => put({ byPage })}>
        On the viewer page
      </Checkbox>
      <fieldset disabled={fixed} className="contents">
        <Checkbox on={draft.thisShow} onTick={(thisShow) => put({ thisShow })}>
          This show only: it closes when the show ends, at the latest. Otherwise it can run for days.
        </Checkbox>
      </fieldset>
      <div className={FIGURES}>
        <FigureRow
          label="Closes automatically after"
          value={Math.round(draft.closeSeconds / 60)}
          unit="minutes"
          none="–"
          most={43_200}
          onValue={(minutes) => put({ closeSeconds: minutes * 60 })}
        />
        <FigureRow
          label="Most people (it closes when full)"
          value={draft.mostPeople}
          unit="people"
          none="any"
          most={1_000_000}
          onValue={(mostPeople) => put({ mostPeople })}
        />
      </div>
    </div>
  )
}

/** Who may enter. */
export function WhoPart({ draft, put, commands, fixed }: PartProps) {
  const [named, setNamed] = useState<Readonly<Record<number, string>>>({})
  return (
    <fieldset disabled={fixed} className="flex flex-col gap-4">
      <legend className="sr-only">Who may enter</legend>
      <FaultsAt name="who">
        <WhoFields
          who={draft.who}
          view={commands}
          setWho={(who) => put({ who })}
          named={named}
          setNamed={setNamed}
          may="may enter"
          without={['hours', 'followDays']}
        />
      </FaultsAt>
      <FaultsAt name="seen">
        <Standing draft={draft} put={put} />
      </FaultsAt>
    </fieldset>
  )
}

/** What somebody must have been here for, in figures. */
function Standing({ draft, put }: Pick<PartProps, 'draft' | 'put'>) {
  const figure = (label: string, value: number, most: number, onValue: (value: number) => void) => (
    <NumberInput label={label} value={value} none="–" most={most} className="w-20" onValue={onValue} />
  )
  const { seen } = draft
  return (
    <div className="grid cols-mark items-center gap-x-2 gap-y-2">
      {figure('Hours watched at least', draft.hours, 100_000, (hours) => put({ hours }))}
      <span>hours watched or more</span>
      {figure('Days a follower at least', draft.followDays, 3650, (followDays) => put({ followDays }))}
      <span>days a follower or more</span>
      {figure('Shows attended at least', seen.least, 50, (least) =>
        put({ seen: { least, of: Math.max(seen.of, least) } }),
      )}
      <span className="flex items-center gap-2">
        of the last
        {figure('Of how many of the last shows', seen.of, 50, (of) => put({ seen: { ...seen, of } }))}
        shows attended
      </span>
      {figure('Days a winner waits', draft.winnerDays, 3650, (winnerDays) => put({ winnerDays }))}
      <span>days must have passed since one won</span>
    </div>
  )
}
