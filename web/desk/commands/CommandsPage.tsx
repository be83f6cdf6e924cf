import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { inWords } from '#core/currency'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { PageTitle } from '../../parts/PageTitle.tsx'
import { Empty } from '../../parts/Panel.tsx'
import { WideTable } from '../../parts/WideTable.tsx'
import { useStatus } from '../status.ts'
import { CommandPanel } from './CommandPanel.tsx'
import { grouped } from './grouped.ts'
import { INPUT } from './inputs.tsx'
import { Ready, SharedFaults, saidAbove } from './Ready.tsx'
import { Switch } from './Switch.tsx'
import { type CommandShown, type CommandsView, commandsQuery } from './view.ts'

/** The channel's own commands, by group, each with whether it works now. */
export function CommandsPage() {
  const view = useQuery(commandsQuery)
  const [search] = useSearchParams()
  const asks = search.get('open')
  const [open, setOpen] = useState<number | 'new' | undefined>(asks === null ? undefined : Number(asks))
  const [asked, setAsked] = useState('')
  const wanted = asked.trim().toLowerCase().replace(/^!/, '')
  const shown = (view.data?.commands ?? []).filter(({ settings }) =>
    [settings.word, ...settings.aliases, settings.description].some((text) => text.toLowerCase().includes(wanted)),
  )
  const chosen = view.data?.commands.find(({ id }) => id === open)
  return (
    <div className="flex flex-col gap-4">
      <div className="flex flex-wrap items-center gap-3">
        <PageTitle>Commands</PageTitle>
        <input
          aria-label="Find a command"
          placeholder="Find a word"
          value={asked}
          onChange={(event) => setAsked(event.target.value)}
          className={`ml-auto w-44 ${INPUT} placeholder:text-muted`}
        />
        <Button look="main" onClick={() => setOpen('new')}>
          Add a command
        </Button>
      </div>
      {view.isPending && <Loading what="the commands" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      <UnsavedList
        kind="command"
        nameOf={(id) => draftName(id, view.data?.commands.find((one) => String(one.id) === id)?.settings.word)}
        open={(id) => setOpen(id === 'new' ? 'new' : Number(id))}
      />
      {view.data && view.data.commands.length === 0 && (
        <Empty action={<Button onClick={() => setOpen('new')}>Add the first one</Button>}>
          No commands of your own yet. A command is a word in chat and what happens when somebody types it.
        </Empty>
      )}
      {view.data && view.data.commands.length > 0 && shown.length === 0 && (
        <p className="text-muted">No command matches “{asked}” in its words.</p>
      )}
      {view.data && shown.length > 0 && <CommandTable commands={shown} open={setOpen} />}
      {view.data && open === 'new' && (
        <CommandPanel key="new" view={view.data} command={undefined} close={() => setOpen(undefined)} />
      )}
      {view.data && chosen && (
        <CommandPanel key={chosen.id} view={view.data} command={chosen} close={() => setOpen(undefined)} />
      )}
    </div>
  )
}

const draftName = (id: string, word: string | undefined) => (id === 'new' ? 'New command' : word && `!${word}`)

function CommandTable({ commands, open }: { commands: CommandsView['commands']; open: (id: number) => void }) {
  const all = commands.map(({ ready }) => ready)
  const said = saidAbove(all)
  return (
    <>
      <SharedFaults all={all} many="commands" />
      <WideTable>
        <table className="w-full table-fixed rounded-md border border-line bg-panel">
          <thead className="text-left text-sm text-muted">
            <tr className="border-b border-line">
              <th scope="col" className="w-18 px-3 py-2 font-medium">
                On
              </th>
              <th scope="col" className="w-[25%] px-2 py-2 font-medium">
                Command
              </th>
              <th scope="col" className="w-[20%] px-2 py-2 font-medium">
                Who
              </th>
              <th scope="col" className="w-36 px-2 py-2 text-right font-medium">
                Price
              </th>
              <th scope="col" className="px-3 py-2 font-medium">
                Will it work?
              </th>
            </tr>
          </thead>
          {grouped(commands).map(([group, rows]) => (
            <tbody key={group} className="border-b border-line last:border-0">
              {group !== '' && (
                <tr>
                  <th colSpan={5} scope="rowgroup" className="px-3 pt-3 pb-1 text-left text-sm font-medium text-muted">
                    {group}
                  </th>
                </tr>
              )}
              {rows.map((command) => (
                <Row key={command.id} command={command} open={open} said={said} />
              ))}
            </tbody>
          ))}
        </table>
      </WideTable>
    </>
  )
}

interface RowProps {
  readonly command: CommandShown
  readonly open: (id: number) => void
  /** What is said above the list. */
  readonly said: readonly string[]
}

function Row({ command, open, said }: RowProps) {
  const { currency } = useStatus()
  const { id, settings, who, ready } = command
  return (
    <tr className="align-top hover:bg-raised">
      <td className="px-3 py-2">
        <Switch
          turn={(on) => api.POST('/desk/commands/{id}/switch', { params: { path: { id } }, body: { on } })}
          on={settings.on}
          label={`!${settings.word}`}
        />
      </td>
      <td className="px-2 py-2">
        <button type="button" onClick={() => open(id)} className="text-left font-semibold break-all hover:underline">
          !{settings.word}
        </button>
        {settings.description !== '' && <span className="block text-sm text-muted">{settings.description}</span>}
      </td>
      <td className="px-2 py-2 break-words">{who}</td>
      <td className="tabular px-2 py-2 text-right">{settings.cost === 0 ? '–' : inWords(settings.cost, currency)}</td>
      <td className="px-3 py-2">
        <Ready ready={ready} said={said} />
      </td>
    </tr>
  )
}
