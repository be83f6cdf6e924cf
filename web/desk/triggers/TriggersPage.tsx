import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { PageTitle } from '../../parts/PageTitle.tsx'
import { Empty } from '../../parts/Panel.tsx'
import { grouped } from '../commands/grouped.ts'
import { Ready, SharedFaults, saidAbove } from '../commands/Ready.tsx'
import { Switch } from '../commands/Switch.tsx'
import { type CommandsView, commandsQuery } from '../commands/view.ts'
import { sourceInWords } from './sources.ts'
import { TriggerPanel } from './TriggerPanel.tsx'

/** What sets steps going besides a word in chat. */
export function TriggersPage() {
  const view = useQuery(commandsQuery)
  const [open, setOpen] = useState<number | 'new'>()
  const chosen = view.data?.triggers.find(({ id }) => id === open)
  return (
    <div className="flex flex-col gap-4">
      <div className="flex items-center gap-3">
        <PageTitle>Triggers</PageTitle>
        <Button look="main" className="ml-auto" onClick={() => setOpen('new')}>
          Add a trigger
        </Button>
      </div>
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
        <Empty action={<Button onClick={() => setOpen('new')}>Add the first one</Button>}>
          There are no triggers yet. A trigger runs its steps when something happens: a follow, a raid, platform points
          spent, somebody’s first message, or simply every twenty minutes.
        </Empty>
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
  const said = saidAbove(all)
  return (
    <>
      <SharedFaults all={all} many="triggers" />
      <table className="w-full table-fixed rounded-md border border-line bg-panel">
        <thead className="text-left text-sm text-muted">
          <tr className="border-b border-line">
            <th scope="col" className="w-18 px-3 py-2 font-medium">
              On
            </th>
            <th scope="col" className="w-[24%] px-2 py-2 font-medium">
              Name
            </th>
            <th scope="col" className="w-[30%] px-2 py-2 font-medium">
              Set off by
            </th>
            <th scope="col" className="px-3 py-2 font-medium">
              Will it work?
            </th>
          </tr>
        </thead>
        {grouped(view.triggers).map(([group, rows]) => (
          <tbody key={group} className="border-b border-line last:border-0">
            {group !== '' && (
              <tr>
                <th colSpan={4} scope="rowgroup" className="px-3 pt-3 pb-1 text-left text-sm font-medium text-muted">
                  {group}
                </th>
              </tr>
            )}
            {rows.map(({ id, settings, who, ready }) => (
              <tr key={id} className="align-top hover:bg-raised">
                <td className="px-3 py-2">
                  <Switch
                    turn={(on) => api.POST('/desk/triggers/{id}/switch', { params: { path: { id } }, body: { on } })}
                    on={settings.on}
                    label={settings.name}
                  />
                </td>
                <td className="px-2 py-2">
                  <button type="button" onClick={() => open(id)} className="text-left font-semibold hover:underline">
                    {settings.name}
                  </button>
                </td>
                <td className="px-2 py-2">
                  {sourceInWords(settings.source, view)}
                  {who !== 'everyone' && <span className="block text-sm text-muted">{who}</span>}
                </td>
                <td className="px-3 py-2">
                  <Ready ready={ready} said={said} />
                </td>
              </tr>
            ))}
          </tbody>
        ))}
      </table>
    </>
  )
}
