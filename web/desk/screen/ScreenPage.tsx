import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { type FormEvent, useState } from 'react'
import { change, read } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { Empty, Panel } from '../../parts/Panel.tsx'
import { useToast } from '../../parts/toasts.tsx'

interface Overlay {
  readonly id: number
  readonly name: string
  readonly secret: string
  readonly connected: boolean
}

/** The overlays: whether the streaming program has them open, their addresses, a test. */
export function ScreenPage() {
  const toast = useToast()
  const overlays = useQuery({
    queryKey: ['overlays'],
    queryFn: ({ signal }) => read<{ overlays: readonly Overlay[] }>('/desk/overlays', signal),
    refetchInterval: 5000,
  })
  const test = useMutation({
    mutationFn: () => change('POST', '/desk/overlays/test'),
    onSuccess: () => toast({ text: 'A test alert plays on every overlay that is open.' }),
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
  return (
    <div className="flex max-w-4xl flex-col gap-4">
      <div className="flex items-center justify-between">
        <h1 className="text-[1.45rem] leading-tight">Screen</h1>
        <Button look="main" onClick={() => test.mutate()} disabled={test.isPending}>
          Play a test alert
        </Button>
      </div>
      <p className="text-muted">
        An overlay is a transparent page that your streaming program shows over the picture. Add its address there as a
        browser source, 1920 wide and 1080 high. Who knows the address can see it, so show it to nobody.
      </p>
      {overlays.isPending && <Loading what="the overlays" />}
      {overlays.isError && <Problem error={overlays.error} retry={() => void overlays.refetch()} />}
      {overlays.data && (
        <Panel title="Overlays" aside={`${overlays.data.overlays.length}`}>
          {overlays.data.overlays.length === 0 && <Empty>There is no overlay yet. Name the first one.</Empty>}
          <ul>
            {overlays.data.overlays.map((overlay) => (
              <OverlayRow key={overlay.id} overlay={overlay} />
            ))}
          </ul>
          <NewOverlay />
        </Panel>
      )}
    </div>
  )
}

function OverlayRow({ overlay }: { overlay: Overlay }) {
  const client = useQueryClient()
  const toast = useToast()
  const [asking, setAsking] = useState(false)
  const address = `${window.location.origin}/overlay/${overlay.secret}`
  const renew = useMutation({
    mutationFn: () => change('POST', `/desk/overlays/${overlay.id}/renew`),
    onSuccess: () => {
      setAsking(false)
      toast({
        text: `${overlay.name} has a new address. Put it into your streaming program; the old one shows nothing any more.`,
      })
      return client.invalidateQueries({ queryKey: ['overlays'] })
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
  const copy = () =>
    void navigator.clipboard.writeText(address).then(
      () => toast({ text: `The address of ${overlay.name} is copied.` }),
      () =>
        toast({
          text: 'The browser does not let us copy. Open the overlay and copy its address from there.',
          look: 'problem',
        }),
    )
  return (
    <li className="flex flex-wrap items-center gap-3 border-b border-line px-4 py-3 last:border-b-0">
      <span
        aria-hidden="true"
        className={clsx('size-2.5', overlay.connected ? 'rounded-full bg-moss' : 'rotate-45 bg-brick')}
      />
      <div className="min-w-0 flex-1">
        <p className="font-semibold">{overlay.name}</p>
        <p className="text-sm text-muted">
          {overlay.connected ? 'Open in a streaming program or browser' : 'Not open anywhere'}
        </p>
      </div>
      {asking ? (
        <>
          <p className="text-[0.93rem]">For when the address has leaked: the old one stops at once.</p>
          <Button look="danger" onClick={() => renew.mutate()} disabled={renew.isPending}>
            Give it a new address
          </Button>
          <Button onClick={() => setAsking(false)}>Keep it</Button>
        </>
      ) : (
        <>
          <Button onClick={copy}>Copy the address</Button>
          <a
            href={address}
            target="_blank"
            rel="noreferrer"
            className="rounded-md border border-line px-3 py-1.5 font-medium hover:bg-raised"
          >
            Open it
          </a>
          <Button look="quiet" onClick={() => setAsking(true)}>
            New address
          </Button>
        </>
      )}
    </li>
  )
}

function NewOverlay() {
  const client = useQueryClient()
  const toast = useToast()
  const [name, setName] = useState('')
  const add = useMutation({
    mutationFn: () => change('POST', '/desk/overlays', { name: name.trim() }),
    onSuccess: () => {
      toast({ text: `${name.trim()} is there. Copy its address into your streaming program.` })
      setName('')
      return client.invalidateQueries({ queryKey: ['overlays'] })
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    add.mutate()
  }
  return (
    <form onSubmit={submit} className="flex items-center gap-3 border-t border-line px-4 py-3">
      <label className="flex min-w-0 flex-1 items-center gap-3">
        <span className="shrink-0">Another overlay called</span>
        <input
          required
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
          placeholder="where it is shown"
          className="min-w-0 flex-1 rounded-md border border-line bg-surface px-3 py-1.5"
        />
      </label>
      <Button type="submit" disabled={add.isPending}>
        Add it
      </Button>
    </form>
  )
}
