import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import type { ShowRow } from '#core/show'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'

/** Marks the show as showing somebody else's channel, with earning going on or paused. */
export function GuestControl({ show }: { show: ShowRow }) {
  const [open, setOpen] = useState(false)
  const put = useGuest(() => setOpen(false))
  if (show.guest !== null) {
    return (
      <div className="flex items-center gap-3">
        <p className="text-brass-text">
          Showing {show.guest}; earning {show.pausedAt === null ? 'goes on' : 'is paused'}
        </p>
        <Button onClick={() => put.mutate({ guest: null, earning: 'going' })} disabled={put.isPending}>
          Back to our own show
        </Button>
      </div>
    )
  }
  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        Show somebody else’s channel …
      </Button>
      {open && (
        <FormDialog title="Show somebody else’s channel" close={() => setOpen(false)}>
          <GuestForm put={put} close={() => setOpen(false)} />
        </FormDialog>
      )}
    </>
  )
}

interface Guest {
  readonly guest: string | null
  readonly earning: 'going' | 'paused'
}

function useGuest(done: () => void) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (body: Guest) => answerOf(api.PUT('/desk/show/guest', { body })),
    onSuccess: async () => {
      done()
      await client.invalidateQueries({ queryKey: ['status'] })
    },
  })
}

function GuestForm({ put, close }: { put: ReturnType<typeof useGuest>; close: () => void }) {
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
