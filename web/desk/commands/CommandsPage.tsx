import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import { type Currency, inWords } from '#core/currency'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Ready, SharedFaults, saidAbove } from '../../parts/feedback/Ready.tsx'
import { TextInput } from '../../parts/form/inputs.tsx'
import { Switch } from '../../parts/form/Switch.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { CommandPanel } from '../panels.tsx'
import { NothingYet } from '../starter/NothingYet.tsx'
import { useStatus } from '../status.ts'
import { grouped } from './grouped.ts'
import { type CommandShown, commandsQuery } from './view.ts'

const NoCommands = ({ add }: { readonly add: () => void }) => (
  <NothingYet add={add}>
    No commands of your own yet. A command is a word in chat and what happens when somebody types it.
  </NothingYet>
)

/** The channel's own commands, by group, each with whether it works now. */
export function CommandsPage() {
  const view = useQuery(commandsQuery)
  const [search] = useSearchParams()
  const asks = search.get('open')
  const [open, setOpen] = useState<number | 'new' | undefined>(asks === null ? undefined : Number(asks))
  const [asked, setAsked] = useState('')
  const find = { value: asked, onValue: setAsked }
  const wanted = asked.trim().toLowerCase().replace(/^!/, '')
  const shown = (view.data?.commands ?? []).filter(({ settings }) =>
    [settings.word, ...settings.aliases, settings.description].some((text) => text.toLowerCase().includes(wanted)),
  )
  const chosen = view.data?.commands.find(({ id }) => id === open)
  return (
    <div className="flex flex-col gap-4">
      <PageActions>
        <TextInput aria-label="Find a command" placeholder="Find a word" {...find} most={60} className="w-44" />
        <Button needs="change" look="main" onClick={() => setOpen('new')}>
          Add a command
        </Button>
      </PageActions>
      {view.isPending && <Loading what="the commands" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      <UnsavedList
        kind="command"
        nameOf={(id) => draftName(id, view.data?.commands.find((one) => String(one.id) === id)?.settings.word)}
        open={(id) => setOpen(id === 'new' ? 'new' : Number(id))}
      />
      {view.data && view.data.commands.length === 0 && <NoCommands add={() => setOpen('new')} />}
      {view.data && view.data.commands.length > 0 && shown.length === 0 && (
        <p className="text-muted">No command matches “{asked}”.</p>
      )}
      {view.data && shown.length > 0 && <CommandTable commands={shown} open={setOpen} />}
      {view.data && (open === 'new' || chosen) && (
        <CommandPanel key={open} view={view.data} command={chosen} close={() => setOpen(undefined)} />
      )}
    </div>
  )
}

const draftName = (id: string, word: string | undefined) => (id === 'new' ? 'New command' : word && `!${word}`)

interface CommandTableProps {
  readonly commands: readonly CommandShown[]
  readonly open: (id: number) => void
}

function CommandTable({ commands, open }: CommandTableProps) {
  const { currency } = useStatus()
  const all = commands.map(({ ready }) => ready)
  const said = saidAbove(all).join('\n')
  const columns = useMemo(() => columnsOf(open, currency, said.split('\n')), [open, currency, said])
  return (
    <>
      <SharedFaults all={all} many="commands" />
      <DataTable
        label="Commands"
        rows={grouped(commands).flatMap(([, rows]) => rows)}
        columns={columns}
        keyOf={({ id }) => id}
        groupOf={({ settings }) => settings.group}
      />
    </>
  )
}

const TurnOn = ({ id, settings }: CommandShown) => (
  <Switch
    turn={(on) => api.POST('/desk/commands/{id}/switch', { params: { path: { id } }, body: { on } })}
    on={settings.on}
    label={`!${settings.word}`}
  />
)

const columnsOf = (open: (id: number) => void, currency: Currency, said: readonly string[]): Column<CommandShown>[] => [
  {
    id: 'on',
    head: 'On',
    width: 'w-18',
    card: 'aside',
    cell: (command) => <TurnOn {...command} />,
  },
  {
    id: 'command',
    head: 'Command',
    width: 'w-1/4',
    card: 'title',
    sortBy: ({ settings }) => settings.word,
    cell: ({ id, settings }) => (
      <>
        <button type="button" onClick={() => open(id)} className="text-left font-semibold break-all hover:underline">
          !{settings.word}
        </button>
        {settings.description !== '' && <span className="block text-sm text-muted">{settings.description}</span>}
      </>
    ),
  },
  { id: 'who', head: 'Who', width: 'w-1/5', card: 'figure', cell: ({ who }) => who },
  {
    id: 'price',
    head: 'Price',
    width: 'w-36',
    end: true,
    card: 'figure',
    sortBy: ({ settings }) => settings.cost,
    cell: ({ settings }) => (settings.cost === 0 ? '–' : inWords(settings.cost, currency)),
  },
  { id: 'ready', head: 'Will it work?', cell: ({ ready }) => <Ready ready={ready} said={said} /> },
]
