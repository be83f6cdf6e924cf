import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { digits } from '#core/currency'
import type { TallyRow } from '#core/tallies'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { PageTitle } from '../../parts/page/PageTitle.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { commandsQuery } from '../commands/view.ts'
import { CorrectTally } from './CorrectTally.tsx'
import { TallyDialog } from './TallyDialog.tsx'

/** Counts per viewer that are only ever awarded. */
export function TalliesPage() {
  const view = useQuery(commandsQuery)
  const [dialog, setDialog] = useState<TallyRow | 'new'>()
  const tallies = view.data?.tallies ?? []
  return (
    <div className="flex flex-col gap-4">
      <div className="flex items-center gap-3">
        <PageTitle>Tallies</PageTitle>
        <Button look="main" className="ml-auto" onClick={() => setDialog('new')}>
          Add a tally
        </Button>
      </div>
      {view.isPending && <Loading what="the tallies" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      <UnsavedList
        kind="tally"
        nameOf={(id) => (id === 'new' ? 'New tally' : tallies.find((one) => String(one.id) === id)?.name)}
        open={(id) => setDialog(id === 'new' ? 'new' : tallies.find((one) => String(one.id) === id))}
      />
      {view.data && tallies.length === 0 && (
        <Empty action={<Button onClick={() => setDialog('new')}>Add the first one</Button>}>
          No tallies yet. A tally counts what viewers collect, such as stamps on a card or times first. Only steps and
          you change it; watching and chatting do not.
        </Empty>
      )}
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

function TallyPanel({ tally, change }: { tally: TallyRow; change: () => void }) {
  const [correcting, setCorrecting] = useState(false)
  const counts = useQuery({
    queryKey: ['tally', tally.id],
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
        <table className="tabular w-full">
          <thead className="text-left text-sm text-muted">
            <tr>
              <th scope="col" className="font-medium">
                Who has most
              </th>
              <th scope="col" className="text-right font-medium">
                In all
              </th>
              <th scope="col" className="text-right font-medium">
                This show
              </th>
            </tr>
          </thead>
          <tbody>
            {counts.data.counts.slice(0, SHOWN).map(({ viewer, name, total, show }) => (
              <tr key={viewer} className="border-t border-line">
                <td className="truncate py-1">{name}</td>
                <td className="py-1 text-right">{digits(total)}</td>
                <td className="py-1 text-right text-muted">{show === 0 ? '–' : digits(show)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className="text-sm text-muted">
        In texts: <code>{`{{ viewer.tally.${tally.key}.has }}`}</code>
      </p>
      <div className="flex gap-2">
        <Button onClick={() => setCorrecting(true)}>Adjust somebody’s</Button>
        <Button onClick={change}>Change</Button>
      </div>
      {correcting && <CorrectTally tally={tally} close={() => setCorrecting(false)} />}
    </Panel>
  )
}
