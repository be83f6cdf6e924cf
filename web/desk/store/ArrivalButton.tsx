import { BellRing } from 'lucide-react'
import { useState } from 'react'
import { ArrivalMenu } from '../later.tsx'

/** Opens how new orders are told. The menu itself is loaded when somebody points at it: few ever do. */
export function ArrivalButton() {
  const [wanted, setWanted] = useState(false)
  if (wanted) return <ArrivalMenu />
  return (
    <button
      type="button"
      aria-label="Notifications of new orders"
      aria-haspopup="dialog"
      onPointerEnter={() => void ArrivalMenu.load().catch(() => {})}
      onClick={() => setWanted(true)}
      className="rounded p-1 text-muted hover:text-text"
    >
      <BellRing aria-hidden="true" className="size-4" />
    </button>
  )
}
