import { useQuery } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { type FormEvent, useState } from 'react'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { Button, ButtonLink } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { ageText } from '../../parts/time.ts'
import { useCopy } from '../../parts/useCopy.ts'
import { type OverlayShown, screenQuery } from '../library/library.ts'
import { useStatus } from '../status.ts'
import { useScreenAction } from './useScreenAction.ts'

/** The overlays: whether the streaming program has them open, their addresses, a test; and the alerts' queue. */
export function OverlaysPage() {
  const screen = useQuery(screenQuery)
  const { data } = screen
  return (
    <div className="flex max-w-4xl flex-col gap-4">
      <Head paused={data?.paused ?? false} />
      <p className="text-muted">
        An overlay is a transparent page that your streaming program shows over the picture. Add its address there as a
        browser source, of the size that stands beside it. Anyone who has the address can see it, so keep it secret.
      </p>
      {screen.isPending && <Loading what="the overlays" />}
      {screen.isError && <Problem error={screen.error} retry={() => void screen.refetch()} />}
      {data && (
        <Panel title="Overlays" aside={`${data.overlays.length}`}>
          {data.overlays.length === 0 && <Empty>No overlays yet. Name the first one.</Empty>}
          <ul>
            {data.overlays.map((overlay) => (
              <OverlayRow key={overlay.id} overlay={overlay} />
            ))}
          </ul>
          <NewOverlay />
        </Panel>
      )}
    </div>
  )
}

const Paused = () => (
  <p role="status" className="text-brass-text">
    Alerts are paused: they wait.
  </p>
)

function Head({ paused }: { paused: boolean }) {
  const act = useScreenAction()
  const control = (what: Body<'/desk/screen/control'>['what'], said: string) =>
    act.mutate({ send: () => api.POST('/desk/screen/control', { body: { what } }), said })
  return (
    <PageActions note={paused && <Paused />}>
      <Button needs="act" onClick={() => control('skip', 'Skipped to the next alert.')}>
        Skip the alert
      </Button>
      <Button needs="act" onClick={() => control('clear', 'All playing and waiting alerts are cleared.')}>
        Clear all
      </Button>
      <Button
        needs="act"
        onClick={() =>
          paused
            ? control('resume', 'Alerts play again.')
            : control('pause', 'Alerts are paused. New ones wait and play afterwards.')
        }
      >
        {paused ? 'Resume alerts' : 'Pause alerts'}
      </Button>
      <Button
        needs="act"
        look="main"
        onClick={() =>
          act.mutate({
            send: () => api.POST('/desk/screen/test', { body: { alert: null } }),
            said: 'A test alert plays on every overlay that is open.',
          })
        }
        disabled={act.isPending}
      >
        Play a test alert
      </Button>
    </PageActions>
  )
}

function OverlayRow({ overlay }: { overlay: OverlayShown }) {
  const { now } = useStatus()
  const [asking, setAsking] = useState<Asked>()
  const { name, width, height, connected, seenAt } = overlay
  const seen =
    seenAt === null ? 'never opened' : `last seen ${ageText(now - seenAt)} ago`.replace('just now ago', 'just now')
  return (
    <li className="flex flex-wrap items-center gap-3 border-b border-line px-4 py-3 last:border-b-0">
      <span
        aria-hidden="true"
        className={clsx('size-2.5', connected ? 'rounded-full bg-moss' : 'rotate-45 bg-brick')}
      />
      <div className="min-w-4/5 flex-1">
        <p className="font-semibold break-words">{name}</p>
        <p className="text-sm text-muted">
          {width} × {height} · {overlay.pieces.length} {overlay.pieces.length === 1 ? 'piece' : 'pieces'} ·{' '}
          {connected ? 'open in a streaming program or browser' : `not open anywhere, ${seen}`}
        </p>
      </div>
      {asking === undefined ? (
        <OverlayButtons overlay={overlay} ask={setAsking} />
      ) : (
        <Asking overlay={overlay} asking={asking} stop={() => setAsking(undefined)} />
      )}
    </li>
  )
}

type Asked = 'renew' | 'remove'

function OverlayButtons({ overlay: { id, name, secret }, ask }: { overlay: OverlayShown; ask: (what: Asked) => void }) {
  const copy = useCopy()
  const address = `${window.location.origin}/overlay/${secret}`
  return (
    <>
      <ButtonLink to={`/screen/overlays/${id}`}>Arrange</ButtonLink>
      <Button
        onClick={() =>
          copy(address, `The address of ${name} is copied.`, 'Open the overlay and copy its address there.')
        }
      >
        Copy the address
      </Button>
      <ButtonLink to={address} target="_blank" rel="noreferrer" reloadDocument>
        Open it
      </ButtonLink>
      <Button look="quiet" onClick={() => ask('renew')}>
        Replace the address
      </Button>
      <Button look="quiet" onClick={() => ask('remove')}>
        Delete
      </Button>
    </>
  )
}

interface AskingProps {
  readonly overlay: OverlayShown
  readonly asking: Asked
  readonly stop: () => void
}

function Asking({ overlay: { id, name }, asking, stop }: AskingProps) {
  const act = useScreenAction()
  const renew = asking === 'renew'
  const said = renew
    ? `${name} has a new address. Put it into your streaming program; the old one no longer works.`
    : `${name} is deleted; its address no longer works.`
  return (
    <>
      <p className="text-note">
        {renew
          ? 'For when the address has leaked: the old one stops working at once.'
          : 'Its pieces are deleted with it.'}
      </p>
      <Button
        look="danger"
        ref={(button) => button?.focus()}
        disabled={act.isPending}
        onClick={() =>
          act.mutate(
            { send: () => api.POST(`/desk/overlays/{overlay}/${asking}`, { params: { path: { overlay: id } } }), said },
            { onSuccess: stop },
          )
        }
      >
        {renew ? 'Replace the address' : `Delete ${name}`}
      </Button>
      <Button onClick={stop}>Keep it</Button>
    </>
  )
}

function NewOverlay() {
  const act = useScreenAction()
  const [name, setName] = useState('')
  const submit = (event: FormEvent) => {
    event.preventDefault()
    act.mutate(
      {
        send: () => api.POST('/desk/overlays', { body: { name: name.trim() } }),
        said: `${name.trim()} is ready. Copy its address into your streaming program.`,
      },
      { onSuccess: () => setName('') },
    )
  }
  return (
    <form onSubmit={submit} className="flex items-center gap-3 border-t border-line px-4 py-3">
      <label className="flex min-w-0 flex-1 items-center gap-3">
        <span className="shrink-0">New overlay</span>
        <input
          required
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
          placeholder="where it is shown"
          className="min-w-0 flex-1 rounded-md border border-line bg-surface px-3 py-1.5"
        />
      </label>
      <Button type="submit" disabled={act.isPending}>
        Add the overlay
      </Button>
    </form>
  )
}
