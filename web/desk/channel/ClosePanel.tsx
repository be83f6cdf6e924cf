import { useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { useChange } from '../../parts/useChange.ts'
import type { ChannelView } from './view.ts'

/** Closes the channel for good, thirty days from then. */
export function ClosePanel({ channel: { address, name } }: { readonly channel: ChannelView }) {
  const [closing, setClosing] = useState(false)
  return (
    <Panel title="Close the channel" bodyClassName="flex flex-col items-start gap-3 p-4">
      <p>
        The channel’s pages close at once. For 30 days an owner can take it back as it was; then it is deleted with all
        that is its.
      </p>
      <Button look="danger" onClick={() => setClosing(true)}>
        Close the channel …
      </Button>
      {closing && <CloseDialog address={address} name={name} close={() => setClosing(false)} />}
    </Panel>
  )
}

interface CloseDialogProps {
  readonly address: string
  readonly name: string
  readonly close: () => void
}

function CloseDialog({ address, name, close }: CloseDialogProps) {
  const [typed, setTyped] = useState('')
  const shut = useChange({
    ask: () => answerOf(api.POST('/desk/channel/close', { body: { address: typed } })),
    invalidates: [],
    inPlace: true,
    onDone: () => window.location.reload(),
  })
  return (
    <DialogForm
      title={`Close ${name}?`}
      close={close}
      does="Close it"
      danger
      go={() => shut.mutate()}
      off={typed !== address}
      change={shut}
      leave="Keep it"
    >
      <p>
        A show on air ends. Games and raffles are called off, and every stake and ticket is refunded. Take everything
        along as a file first.
      </p>
      <Field label={`To close it, type its address: ${address}`}>
        <TextInput most={40} value={typed} onValue={setTyped} autoComplete="off" />
      </Field>
    </DialogForm>
  )
}
