import { useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'

/** Makes somebody known before they ever come. */
export function AddDialog({ close }: { close: () => void }) {
  const [account, setAccount] = useState('')
  const add = useChange({
    ask: () => answerOf(api.POST('/desk/people/add', { body: { account: account.trim().replace(/^@/, '') } })),
    invalidates: ['people'],
    said: () => `${account.trim()} was added.`,
    onDone: close,
    inPlace: true,
  })
  return (
    <DialogForm
      title="Add somebody"
      close={close}
      does="Add"
      go={() => add.mutate()}
      off={account.trim() === ''}
      change={add}
    >
      <Field label="The name of their account on the platform" hint="Anything you give them waits until they come.">
        <TextInput data-autofocus required value={account} most={100} pattern="@?[^\s]+" onValue={setAccount} />
      </Field>
    </DialogForm>
  )
}
