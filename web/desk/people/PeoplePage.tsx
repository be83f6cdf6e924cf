import { useDeferredValue, useState } from 'react'
import { digits } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { CorrectDialog, type Whom } from './CorrectDialog.tsx'
import { PeopleTable } from './PeopleTable.tsx'
import { INITIAL_VIEW, type PeopleView, usePeople } from './people.ts'
import { ViewerPanel } from './ViewerPanel.tsx'

/** Everybody whom the channel knows: found, sorted, and corrected by hand. */
export function PeoplePage() {
  const [view, setView] = useState<PeopleView>(INITIAL_VIEW)
  const [chosen, setChosen] = useState<ReadonlyMap<number, string>>(new Map())
  const [whom, setWhom] = useState<Whom>()
  const [open, setOpen] = useState<number>()
  const people = usePeople(useDeferredValue(view))
  const total = people.data?.pages[0]?.total
  const toggle = (id: number, name: string) =>
    setChosen((before) => {
      const next = new Map(before)
      if (!next.delete(id)) next.set(id, name)
      return next
    })
  return (
    <div className="flex h-full max-w-5xl flex-col gap-3">
      <div className="flex items-center gap-4">
        <h1 className="text-[1.45rem] leading-tight">People</h1>
        <p className="text-muted" role="status">
          {total !== undefined && `${digits(total)} ${total === 1 ? 'person' : 'people'}`}
        </p>
        <Button className="ml-auto" onClick={() => setWhom({ viewers: 'present', words: 'everyone in the room' })}>
          Correct everyone present …
        </Button>
      </div>
      <div className="flex items-center gap-4">
        <input
          type="search"
          aria-label="Find somebody by a part of their name"
          placeholder="A part of the name"
          value={view.name}
          maxLength={60}
          onChange={(event) => setView({ ...view, name: event.target.value })}
          className="w-72 rounded-md border border-line bg-panel px-3 py-1.5"
        />
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={view.present}
            onChange={(event) => setView({ ...view, present: event.target.checked })}
            className="size-4 accent-brass"
          />
          In the room
        </label>
        {chosen.size > 0 && (
          <div className="ml-auto flex items-center gap-2">
            <Button
              look="main"
              onClick={() => setWhom({ viewers: [...chosen.keys()], words: wordsFor([...chosen.values()]) })}
            >
              Correct {chosen.size === 1 ? [...chosen.values()][0] : `${chosen.size} chosen`} …
            </Button>
            <Button look="quiet" onClick={() => setChosen(new Map())}>
              Choose nobody
            </Button>
          </div>
        )}
      </div>
      <PeopleTable people={people} view={view} setView={setView} chosen={chosen} toggle={toggle} open={setOpen} />
      {whom && <CorrectDialog whom={whom} close={() => setWhom(undefined)} done={() => setChosen(new Map())} />}
      {open !== undefined && <ViewerPanel id={open} close={() => setOpen(undefined)} />}
    </div>
  )
}

/** "pia, jo and 3 others". */
function wordsFor(names: readonly string[]): string {
  const [first, second, ...others] = names
  if (others.length === 0) return second === undefined ? (first ?? '') : `${first} and ${second}`
  return `${first}, ${second} and ${others.length} ${others.length === 1 ? 'other' : 'others'}`
}
