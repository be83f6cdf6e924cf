import { useState } from 'react'
import type { ShowRow } from '#core/show'
import { Button } from '../../parts/Button.tsx'
import { GuestDialog } from '../later.tsx'
import { useGuest } from './useGuest.ts'

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
      {open && <GuestDialog put={put} close={() => setOpen(false)} />}
    </>
  )
}
