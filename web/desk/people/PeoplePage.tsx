import { useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { useSearchParams } from 'react-router'
import { digits } from '#core/currency'
import { searchOf } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { IfMay } from '../../parts/page/areaRights.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { ChosenBar } from './ChosenBar.tsx'
import { CorrectDialog, type Whom } from './CorrectDialog.tsx'
import { Filters } from './Filters.tsx'
import { MoreMenu } from './MoreMenu.tsx'
import { PeopleTable } from './PeopleTable.tsx'
import { askedOf, filtersOf, INITIAL_VIEW, type PeopleView, usePeople, useRanks } from './people.ts'
import { RecentCorrections } from './RecentCorrections.tsx'
import { Supporters } from './Supporters.tsx'
import { ViewerPanel } from './ViewerPanel.tsx'

/** Who is ticked, with their names. */
function useChosen() {
  const [chosen, setChosen] = useState<ReadonlyMap<number, string>>(new Map())
  const toggle = (id: number, name: string) =>
    setChosen((before) => {
      const next = new Map(before)
      if (!next.delete(id)) next.set(id, name)
      return next
    })
  return { chosen, toggle, clear: () => setChosen(new Map()) }
}

/** Everybody whom the channel knows: found, sorted, and corrected by hand. */
export function PeoplePage() {
  const [search] = useSearchParams()
  const [view, setView] = useState<PeopleView>(() => ({ ...INITIAL_VIEW, standing: search.get('standing') ?? '' }))
  const [filtering, setFiltering] = useState(filtersOf(view) > 0)
  const { chosen, toggle, clear } = useChosen()
  const [whom, setWhom] = useState<Whom>()
  const [open, setOpen] = useState<number>()
  const client = useQueryClient()
  const ranks = useRanks()
  const people = usePeople(useDeferredValue(view))
  const done = () => {
    clear()
    void client.invalidateQueries({ queryKey: keyOf('people') })
  }
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-3">
      <Head total={people.data?.pages[0]?.total} view={view} correct={setWhom} />
      <Supporters />
      <RecentCorrections />
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <Search view={view} setView={setView} filtering={filtering} setFiltering={setFiltering} />
        {chosen.size > 0 && <ChosenBar {...{ chosen, view, ranks, clear, done }} correct={setWhom} />}
      </div>
      {filtering && <Filters view={view} setView={setView} ranks={ranks} />}
      <PeopleTable {...{ people, view, setView, chosen, toggle, ranks }} open={setOpen} />
      {whom && <CorrectDialog whom={whom} close={() => setWhom(undefined)} done={clear} />}
      {open !== undefined && <ViewerPanel id={open} close={() => setOpen(undefined)} />}
    </div>
  )
}

function Head({
  total,
  view,
  correct,
}: {
  total: number | undefined
  view: PeopleView
  correct: (whom: Whom) => void
}) {
  return (
    <PageActions
      note={<p role="status">{total !== undefined && `${digits(total)} ${total === 1 ? 'person' : 'people'}`}</p>}
    >
      <DownloadButton path={`/desk/people.csv?${searchOf(askedOf(view))}`}>Save as CSV</DownloadButton>
      <IfMay level="act">
        <MoreMenu />
      </IfMay>
      <Button needs="act" onClick={() => correct({ viewers: 'present', words: 'everyone in the room' })}>
        Adjust everyone present …
      </Button>
    </PageActions>
  )
}

interface SearchProps {
  readonly view: PeopleView
  readonly setView: (view: PeopleView) => void
  readonly filtering: boolean
  readonly setFiltering: (on: boolean) => void
}

function Search({ view, setView, filtering, setFiltering }: SearchProps) {
  const count = filtersOf(view)
  return (
    <>
      <input
        type="search"
        aria-label="Search by name, nickname, rank or circle"
        placeholder="Name, rank or circle"
        value={view.name}
        maxLength={60}
        onChange={(event) => setView({ ...view, name: event.target.value })}
        className="w-64 rounded-md border border-line bg-panel px-3 py-1.5"
      />
      <label className="flex shrink-0 items-center gap-2">
        <input
          type="checkbox"
          checked={view.present}
          onChange={(event) => setView({ ...view, present: event.target.checked })}
          className="size-4 accent-brass"
        />
        In the room
      </label>
      <Button look="quiet" aria-expanded={filtering} onClick={() => setFiltering(!filtering)}>
        Filters{count > 0 && ` (${count})`}
      </Button>
    </>
  )
}
