import { useState } from 'react'
import { Checkbox, NumberInput } from '../../../parts/form/inputs.tsx'
import { WhoFields } from '../../commands/WhoFields.tsx'
import { FIGURES, FigureRow } from '../../games/PlayPart.tsx'
import { WordFields } from '../../games/WordFields.tsx'
import type { PartProps } from './part.ts'

/** How one gets in, until when, and how many people at most. */
export function EntryPart({ draft, put, fixed }: PartProps) {
  return (
    <div className="flex flex-col gap-3">
      <fieldset disabled={fixed} className="contents">
        <WordFields label="Command and aliases" word={draft.word} setWord={(word) => put({ word })} />
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
  const seen = (patch: Partial<typeof draft.seen>) => put({ seen: { ...draft.seen, ...patch } })
  return (
    <fieldset disabled={fixed} className="flex flex-col gap-4">
      <legend className="sr-only">Who may enter</legend>
      <WhoFields
        who={draft.who}
        view={commands}
        setWho={(who) => put({ who })}
        named={named}
        setNamed={setNamed}
        may="may enter"
      />
      <div className="grid grid-cols-[auto_minmax(0,1fr)] items-center gap-x-2 gap-y-2">
        <NumberInput
          label="Hours watched at least"
          value={draft.hours}
          none="–"
          most={100_000}
          className="w-20"
          onValue={(hours) => put({ hours })}
        />
        <span>hours watched or more</span>
        <NumberInput
          label="Days a follower at least"
          value={draft.followDays}
          none="–"
          most={3650}
          className="w-20"
          onValue={(followDays) => put({ followDays })}
        />
        <span>days a follower or more</span>
        <NumberInput
          label="Shows attended at least"
          value={draft.seen.least}
          none="–"
          most={50}
          className="w-20"
          onValue={(least) => seen({ least, of: Math.max(draft.seen.of, least) })}
        />
        <span className="flex items-center gap-2">
          of the last
          <NumberInput
            label="Of how many of the last shows"
            value={draft.seen.of}
            none="–"
            most={50}
            className="w-16"
            onValue={(of) => seen({ of })}
          />
          shows attended
        </span>
        <NumberInput
          label="Days a winner waits"
          value={draft.winnerDays}
          none="–"
          most={3650}
          className="w-20"
          onValue={(winnerDays) => put({ winnerDays })}
        />
        <span>days must have passed since one won</span>
      </div>
    </fieldset>
  )
}
