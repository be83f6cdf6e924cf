import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { playing } from '#core/screen'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Ready, SharedFaults, saidAbove } from '../../parts/feedback/Ready.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { isVideo, mediaAddress, mediaBase, smallAddress } from '../../parts/media.ts'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { type AlertShown, type ScreenView, screenQuery } from '../library/library.ts'
import { useStatus } from '../status.ts'
import { AlertPanel, alertReady } from './AlertPanel.tsx'
import { useScreenAction } from './useScreenAction.ts'

/** The alerts that rewards and steps choose from: what each shows, who uses it, whether it would be seen; played by a press. */
export function AlertsPage() {
  const screen = useQuery(screenQuery)
  const [open, setOpen] = useState<number | 'new'>()
  const { data } = screen
  const chosen = data?.alerts.find(({ id }) => id === open)
  const make = (
    <Button needs="change" look="main" onClick={() => setOpen('new')}>
      Add an alert
    </Button>
  )
  return (
    <div className="flex flex-col gap-4">
      <PageActions>{data && data.alerts.length > 0 && make}</PageActions>
      <p className="text-muted">
        An alert is a picture or video, up to two lines of text and a sound. Rewards and steps choose from this list.
      </p>
      {screen.isPending && <Loading what="the alerts" />}
      {screen.isError && <Problem error={screen.error} retry={() => void screen.refetch()} />}
      <UnsavedList
        kind="alert"
        nameOf={(id) => (id === 'new' ? 'New alert' : data?.alerts.find((one) => String(one.id) === id)?.settings.name)}
        open={(id) => setOpen(id === 'new' ? 'new' : Number(id))}
      />
      {data && data.alerts.length === 0 && (
        <Empty action={make}>No alerts yet. Add one, then choose it where a reward says what it shows.</Empty>
      )}
      {data && data.alerts.length > 0 && <AlertTable view={data} open={setOpen} />}
      {data && (open === 'new' || chosen) && (
        <AlertPanel key={String(open)} view={data} alert={chosen} close={() => setOpen(undefined)} />
      )}
    </div>
  )
}

interface AlertTableProps {
  readonly view: ScreenView
  readonly open: (id: number) => void
}

function AlertTable({ view, open }: AlertTableProps) {
  const all = view.alerts.map(({ id }) => alertReady(playing(view.overlays, id)))
  const columns = useMemo(() => columnsOf(view, open), [view, open])
  return (
    <>
      <SharedFaults all={all} many="alerts" />
      <DataTable label="Alerts" rows={view.alerts} columns={columns} keyOf={({ id }) => id} />
    </>
  )
}

function columnsOf(view: ScreenView, open: (id: number) => void): Column<AlertShown>[] {
  const ready = ({ id }: AlertShown) => alertReady(playing(view.overlays, id))
  const said = saidAbove(view.alerts.map(ready))
  return [
    {
      id: 'picture',
      head: 'Picture',
      headHidden: true,
      width: 'w-16',
      card: 'none',
      cell: ({ settings }) => settings.picture !== null && <Thumb file={settings.picture} />,
    },
    {
      id: 'alert',
      head: 'Alert',
      width: 'w-7/25',
      card: 'title',
      sortBy: ({ settings }) => settings.name,
      cell: (alert) => <Named alert={alert} open={open} />,
    },
    {
      id: 'uses',
      head: 'Shown by',
      width: 'w-6/25',
      cell: ({ uses }) => (
        <span className="text-muted">{uses.length === 0 ? 'nothing' : new Intl.ListFormat('en').format(uses)}</span>
      ),
    },
    { id: 'ready', head: 'Will it be seen?', cell: (alert) => <Ready ready={ready(alert)} said={said} /> },
    {
      id: 'play',
      head: 'Play it',
      headHidden: true,
      width: 'w-28',
      end: true,
      card: 'aside',
      cell: (alert) => <PlayButton alert={alert} />,
    },
  ]
}

function Named({ alert: { id, settings }, open }: { alert: AlertShown; open: (id: number) => void }) {
  return (
    <>
      <button type="button" onClick={() => open(id)} className="text-left font-semibold break-words hover:underline">
        {settings.name}
      </button>
      <span className="block text-sm break-words text-muted">{settings.title || settings.line}</span>
    </>
  )
}

function PlayButton({ alert: { id, settings } }: { alert: AlertShown }) {
  const act = useScreenAction()
  const test = () =>
    act.mutate({
      send: () => api.POST('/desk/screen/test', { body: { alert: id } }),
      said: `“${settings.name}” plays on every overlay that is open.`,
    })
  return (
    <Button onClick={test} disabled={act.isPending} aria-label={`Play it: ${settings.name}`}>
      Play it
    </Button>
  )
}

function Thumb({ file }: { file: string }) {
  const base = mediaBase(useStatus().channel.slug)
  return isVideo(file) ? (
    <video src={mediaAddress(file, base)} muted preload="metadata" className="size-9 object-contain" />
  ) : (
    <img src={smallAddress(file, base)} alt="" className="size-9 object-contain" />
  )
}
