import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { digits } from '#core/currency'
import type { TallyRow } from '#core/tallies'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { commandsQuery } from '../commands/view.ts'
import { CorrectTally } from './CorrectTally.tsx'
import { TallyDialog } from './TallyDialog.tsx'

function NothingYet({ add }: { readonly add: () => void }) {
  const button = (
    <Button needs="change" onClick={add}>
      Add the first one
    </Button>
  )
  return (
    <Empty action={button}>
      No tallies yet. A tally counts what viewers collect, such as stamps on a card or times first. Only steps and you
      change it; watching and chatting do not.
    </Empty>
  )
}

/** Counts per viewer that are only ever awarded. */
export function TalliesPage() {
  const view = useQuery(commandsQuery)
  const [dialog, setDialog] = useState<TallyRow | 'new'>()
  const tallies = view.data?.tallies ?? []
  return (
    <div className="flex flex-col gap-4">
      <PageActions>
        <Button needs="change" look="main" onClick={() => setDialog('new')}>
          Add a tally
        </Button>
      </PageActions>
      {view.isPending && <Loading what="the tallies" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      <UnsavedList
        kind="tally"
        nameOf={(id) => (id === 'new' ? 'New tally' : tallies.find((one) => String(one.id) === id)?.name)}
        open={(id) => setDialog(id === 'new' ? 'new' : tallies.find((one) => String(one.id) === id))}
      />
      {view.data && tallies.length === 0 && <NothingYet add={() => setDialog('new')} />}
      <div className="grid items-start gap-4 lg:grid-cols-2">
        {tallies.map((tally) => (
          <TallyPanel key={tally.id} tally={tally} change={() => setDialog(tally)} />
        ))}
      </div>
      {view.data && dialog !== undefined && (
        <TallyDialog view={view.data} tally={dialog === 'new' ? null : dialog} close={() => setDialog(undefined)} />
      )}
    </div>
  )
}

const SHOWN = 10

type Count = Answer<'/desk/tallies/{tally}/counts'>['counts'][number]

const COLUMNS: readonly Column<Count>[] = [
  { id: 'who', head: 'Who has most', cut: true, card: 'title', cell: ({ name }) => name },
  { id: 'all', head: 'In all', width: 'w-24', end: true, card: 'figure', cell: ({ total }) => digits(total) },
  {
    id: 'show',
    head: 'This show',
    width: 'w-28',
    end: true,
    card: 'figure',
    cell: ({ show }) => <span className="text-muted">{show === 0 ? '–' : digits(show)}</span>,
  },
]

function TallyPanel({ tally, change }: { tally: TallyRow; change: () => void }) {
  const [correcting, setCorrecting] = useState(false)
  const counts = useQuery({
    queryKey: keyOf('tally', tally.id),
    queryFn: ({ signal }) =>
      answerOf(api.GET('/desk/tallies/{tally}/counts', { params: { path: { tally: tally.id } }, signal })),
  })
  const rules = [
    tally.ceiling === null ? 'no maximum' : `at most ${digits(tally.ceiling)}`,
    tally.passing ? 'can be given away' : 'cannot be given away',
  ]
  return (
    <Panel title={tally.name} aside={rules.join(' · ')} bodyClassName="flex flex-col gap-3 p-4">
      {counts.isPending && <Loading what="who has how many" />}
      {counts.isError && <Problem error={counts.error} retry={() => void counts.refetch()} />}
      {counts.data && counts.data.counts.length === 0 && <p className="text-muted">Nobody has any {tally.many} yet.</p>}
      {counts.data && counts.data.counts.length > 0 && (
        <DataTable
          label={`Who has most ${tally.many}`}
          rows={counts.data.counts.slice(0, SHOWN)}
          columns={COLUMNS}
          keyOf={({ viewer }) => viewer}
          inPanel
        />
      )}
      <p className="text-sm text-muted">
        In texts: <code>{`{{ viewer.tally.${tally.key}.has }}`}</code>
      </p>
      <div className="flex gap-2">
        <Button onClick={() => setCorrecting(true)}>Adjust somebody’s</Button>
        <Button needs="change" onClick={change}>
          Change
        </Button>
      </div>
      {correcting && <CorrectTally tally={tally} close={() => setCorrecting(false)} />}
    </Panel>
  )
}
