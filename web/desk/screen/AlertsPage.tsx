import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { playing } from '#core/screen'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { isVideo, mediaAddress, mediaBase, smallAddress } from '../../parts/media.ts'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { PageTitle } from '../../parts/PageTitle.tsx'
import { Empty } from '../../parts/Panel.tsx'
import { Ready, SharedFaults, saidAbove } from '../commands/Ready.tsx'
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
    <Button look="main" onClick={() => setOpen('new')}>
      Add an alert
    </Button>
  )
  return (
    <div className="flex flex-col gap-4">
      <div className="flex items-center justify-between gap-3">
        <PageTitle>Alerts</PageTitle>
        {data && data.alerts.length > 0 && make}
      </div>
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
  const said = saidAbove(all)
  return (
    <>
      <SharedFaults all={all} many="alerts" />
      <table className="w-full table-fixed rounded-md border border-line bg-panel">
        <thead className="text-left text-sm text-muted">
          <tr className="border-b border-line">
            <th scope="col" className="w-16 px-3 py-2 font-medium">
              <span className="sr-only">Picture</span>
            </th>
            <th scope="col" className="w-[28%] px-2 py-2 font-medium">
              Alert
            </th>
            <th scope="col" className="w-[24%] px-2 py-2 font-medium">
              Shown by
            </th>
            <th scope="col" className="px-2 py-2 font-medium">
              Will it be seen?
            </th>
            <th scope="col" className="w-28 px-3 py-2">
              <span className="sr-only">Play it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {view.alerts.map((alert) => (
            <Row key={alert.id} alert={alert} view={view} open={open} said={said} />
          ))}
        </tbody>
      </table>
    </>
  )
}

function Row({ alert, view, open, said }: AlertTableProps & { alert: AlertShown; said: readonly string[] }) {
  const base = mediaBase(useStatus().channel.slug)
  const act = useScreenAction()
  const { id, settings, uses } = alert
  const plays = playing(view.overlays, id)
  const test = () =>
    act.mutate({
      send: () => api.POST('/desk/screen/test', { body: { alert: id } }),
      said: `“${settings.name}” plays on every overlay that is open.`,
    })
  return (
    <tr className="border-t border-line align-top hover:bg-raised">
      <td className="px-3 py-2">{settings.picture !== null && <Thumb file={settings.picture} base={base} />}</td>
      <td className="px-2 py-2">
        <button type="button" onClick={() => open(id)} className="text-left font-semibold break-words hover:underline">
          {settings.name}
        </button>
        <span className="block text-sm break-words text-muted">{settings.title || settings.line}</span>
      </td>
      <td className="px-2 py-2 break-words text-muted">{uses.length === 0 ? 'nothing' : uses.join(', ')}</td>
      <td className="px-2 py-2">
        <Ready ready={alertReady(plays)} said={said} />
      </td>
      <td className="px-3 py-2 text-right">
        <Button onClick={test} disabled={act.isPending} aria-label={`Play it: ${settings.name}`}>
          Play it
        </Button>
      </td>
    </tr>
  )
}

const Thumb = ({ file, base }: { file: string; base: string }) =>
  isVideo(file) ? (
    <video src={mediaAddress(file, base)} muted preload="metadata" className="size-9 object-contain" />
  ) : (
    <img src={smallAddress(file, base)} alt="" className="size-9 object-contain" />
  )
