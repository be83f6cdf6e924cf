import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { keyOf } from '../../parts/queryKey.ts'

/** Shows where an order is sent, once it is asked for: an address must not stand on a screen that may be on stream. */
export function AddressButton({ order }: { order: number }) {
  const [open, setOpen] = useState(false)
  const toast = useToast()
  const address = useQuery({
    queryKey: keyOf('address', order),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/orders/{order}/address', { params: { path: { order } }, signal })),
    enabled: open,
    gcTime: 0,
  })
  if (!open)
    return (
      <Button className="mt-1.5" onClick={() => setOpen(true)}>
        Show the address
      </Button>
    )
  const copy = () =>
    void navigator.clipboard.writeText(address.data?.address ?? '').then(
      () => toast({ text: 'The address is copied.' }),
      () => {},
    )
  return (
    <div className="mt-1.5 rounded-md bg-surface px-2.5 py-1.5">
      {address.error && <Problem error={address.error} />}
      {address.data && (
        <address className="break-words whitespace-pre-line not-italic">
          {address.data.address ?? 'The address was erased.'}
        </address>
      )}
      <span className="mt-1 flex gap-2">
        <Button look="quiet" className="px-1!" onClick={copy} disabled={!address.data?.address}>
          Copy
        </Button>
        <Button look="quiet" className="px-1!" onClick={() => setOpen(false)}>
          Hide
        </Button>
      </span>
    </div>
  )
}
