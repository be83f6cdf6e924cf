import { useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { useChange } from '../../parts/useChange.ts'
import { useCopy } from '../../parts/useCopy.ts'
import type { ChannelView } from './view.ts'

/** Where the channel is found, and moving it. */
export function AddressPanel({ channel }: { readonly channel: ChannelView }) {
  const [moving, setMoving] = useState(false)
  const copy = useCopy()
  const { viewerPage, former, address } = channel
  return (
    <Panel title="Address" bodyClassName="flex flex-col gap-3 p-4">
      <div className="flex flex-wrap items-center gap-2">
        <code className="min-w-0 flex-1 rounded-md max-sm:basis-full border border-line bg-surface px-3 py-1.5 break-all">
          {viewerPage}
        </code>
        <Button onClick={() => copy(viewerPage, 'The address is copied.', 'Select the address and copy it yourself.')}>
          Copy
        </Button>
        <Button onClick={() => setMoving(true)}>Change it</Button>
      </div>
      {former.length > 0 && (
        <p className="text-muted">
          {former.length === 1
            ? 'The address it had before leads here, too: '
            : 'The addresses it had before lead here, too: '}
          {former.map((one) => `/c/${one}`).join(', ')}
        </p>
      )}
      {moving && <MoveDialog address={address} close={() => setMoving(false)} />}
    </Panel>
  )
}

const FITS = /^[a-z0-9][a-z0-9-]{1,39}$/

function MoveDialog({ address, close }: { readonly address: string; readonly close: () => void }) {
  const [typed, setTyped] = useState(address)
  const fits = FITS.test(typed)
  const move = useChange({
    ask: () => answerOf(api.POST('/desk/channel/address', { body: { address: typed } })),
    invalidates: [],
    inPlace: true,
    onDone: () => window.location.assign(`/desk/${typed}/channel`),
  })
  return (
    <DialogForm
      title="Change the address"
      close={close}
      does="Move it there"
      go={() => move.mutate()}
      off={!fits || typed === address}
      change={move}
    >
      <Field
        label="Short name in the address"
        hint={`${window.location.origin}/c/${typed || '…'}`}
        error={fits ? undefined : 'Use 2 to 40 lower-case letters, digits and dashes; begin with a letter or digit.'}
      >
        <TextInput data-autofocus most={40} value={typed} onValue={setTyped} />
      </Field>
      <p className="text-muted">
        The address it has now goes on leading here: links, bookmarks and services that report events keep working.
      </p>
    </DialogForm>
  )
}
