import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Ready, SharedFaults, saidAbove } from '../../parts/feedback/Ready.tsx'
import { Switch } from '../../parts/form/Switch.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { grouped } from '../commands/grouped.ts'
import { type CommandsView, commandsQuery } from '../commands/view.ts'
import { TriggerPanel } from '../panels.tsx'
import { NothingYet } from '../starter/NothingYet.tsx'
import { sourceInWords } from './sources.ts'

/** What sets steps going besides a word in chat. */
export function TriggersPage() {
  const view = useQuery(commandsQuery)
  const [open, setOpen] = useState<number | 'new'>()
  const chosen = view.data?.triggers.find(({ id }) => id === open)
  return (
    <div className="flex flex-col gap-4">
      <PageActions>
        <Button needs="change" look="main" onClick={() => setOpen('new')}>
          Add a trigger
        </Button>
      </PageActions>
      {view.isPending && <Loading what="the triggers" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      <UnsavedList
        kind="trigger"
        nameOf={(id) =>
          id === 'new' ? 'New trigger' : view.data?.triggers.find((one) => String(one.id) === id)?.settings.name
        }
        open={(id) => setOpen(id === 'new' ? 'new' : Number(id))}
      />
      {view.data && view.data.triggers.length === 0 && (
        <NothingYet add={() => setOpen('new')}>
          There are no triggers yet. A trigger runs its steps when something happens: a follow, a raid, platform points
          spent, somebody’s first message, or simply every twenty minutes.
        </NothingYet>
      )}
      {view.data && view.data.triggers.length > 0 && <TriggerTable view={view.data} open={setOpen} />}
      {view.data && (open === 'new' || chosen) && (
        <TriggerPanel key={open} view={view.data} trigger={chosen} close={() => setOpen(undefined)} />
      )}
    </div>
  )
}

function TriggerTable({ view, open }: { view: CommandsView; open: (id: number) => void }) {
  const all = view.triggers.map(({ ready }) => ready)
  const columns = useMemo(() => columnsOf(view, open), [view, open])
  return (
    <>
      <SharedFaults all={all} many="triggers" />
      <DataTable
        label="Triggers"
        rows={grouped(view.triggers).flatMap(([, rows]) => rows)}
        columns={columns}
        keyOf={({ id }) => id}
        groupOf={({ settings }) => settings.group}
      />
    </>
  )
}

type TriggerShown = CommandsView['triggers'][number]

const TurnOn = ({ id, settings }: TriggerShown) => (
  <Switch
    turn={(on) => api.POST('/desk/triggers/{id}/switch', { params: { path: { id } }, body: { on } })}
    on={settings.on}
    label={settings.name}
  />
)

function columnsOf(view: CommandsView, open: (id: number) => void): Column<TriggerShown>[] {
  const said = saidAbove(view.triggers.map(({ ready }) => ready))
  return [
    {
      id: 'on',
      head: 'On',
      width: 'w-18',
      card: 'aside',
      cell: (trigger) => <TurnOn {...trigger} />,
    },
    {
      id: 'name',
      head: 'Name',
      width: 'w-6/25',
      card: 'title',
      sortBy: ({ settings }) => settings.name,
      cell: ({ id, settings }) => (
        <button type="button" onClick={() => open(id)} className="text-left font-semibold hover:underline">
          {settings.name}
        </button>
      ),
    },
    {
      id: 'source',
      head: 'Set off by',
      width: 'w-3/10',
      cell: ({ settings, who }) => (
        <>
          {sourceInWords(settings.source, view)}
          {who !== 'everyone' && <span className="block text-sm text-muted">{who}</span>}
        </>
      ),
    },
    { id: 'ready', head: 'Will it work?', cell: ({ ready }) => <Ready ready={ready} said={said} /> },
  ]
}
