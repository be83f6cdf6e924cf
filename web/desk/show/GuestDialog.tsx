import { type FormEvent, useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import type { useGuest } from './useGuest.ts'

interface GuestDialogProps {
  readonly put: ReturnType<typeof useGuest>
  readonly close: () => void
}

/** Asks whose channel is shown, and what that means for earning. */
export function GuestDialog({ put, close }: GuestDialogProps) {
  return (
    <FormDialog title="Show somebody else’s channel" close={close}>
      <GuestForm put={put} close={close} />
    </FormDialog>
  )
}

function GuestForm({ put, close }: GuestDialogProps) {
  const [guest, setGuest] = useState('')
  const [earning, setEarning] = useState<'going' | 'paused'>('going')
  const submit = (event: FormEvent) => {
    event.preventDefault()
    put.mutate({ guest: guest.trim(), earning })
  }
  return (
    <form onSubmit={submit} className="flex flex-col gap-4">
      <label className="flex flex-col gap-1">
        Whose channel is it?
        <input
          data-autofocus
          required
          value={guest}
          maxLength={60}
          onChange={(event) => setGuest(event.target.value)}
          className="rounded-md border border-line bg-surface px-3 py-2"
        />
      </label>
      <fieldset className="flex flex-col gap-1.5">
        <legend className="mb-1">Meanwhile</legend>
        {(['going', 'paused'] as const).map((one) => (
          <label key={one} className="flex items-center gap-2">
            <input
              type="radio"
              name="earning"
              checked={earning === one}
              onChange={() => setEarning(one)}
              className="size-4 accent-brass"
            />
            {one === 'going' ? 'watching goes on being paid' : 'nothing is paid, and the time does not count'}
          </label>
        ))}
      </fieldset>
      {put.error && <Problem error={put.error} />}
      <div className="flex justify-end gap-2">
        <Button onClick={close}>Not now</Button>
        <Button look="main" type="submit" disabled={guest.trim() === '' || put.isPending}>
          Show it
        </Button>
      </div>
    </form>
  )
}
