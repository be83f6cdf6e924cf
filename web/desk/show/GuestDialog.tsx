import { useState } from 'react'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import type { useGuest } from './useGuest.ts'

interface GuestDialogProps {
  readonly put: ReturnType<typeof useGuest>
  readonly close: () => void
}

/** Asks whose channel is shown, and what that means for earning. */
export function GuestDialog({ put, close }: GuestDialogProps) {
  const [guest, setGuest] = useState('')
  const [earning, setEarning] = useState<'going' | 'paused'>('going')
  return (
    <DialogForm
      title="Show somebody else’s channel"
      close={close}
      does="Show it"
      go={() => put.mutate({ guest: guest.trim(), earning })}
      off={guest.trim() === ''}
      change={put}
    >
      <Field label="Whose channel is it?">
        <TextInput data-autofocus required value={guest} most={60} onValue={setGuest} />
      </Field>
      <Radios
        legend="Meanwhile"
        value={earning}
        choices={[
          { value: 'going', name: 'watching goes on being paid' },
          { value: 'paused', name: 'nothing is paid, and the time does not count' },
        ]}
        onChoose={setEarning}
      />
    </DialogForm>
  )
}
