import { useQuery } from '@tanstack/react-query'
import { PanelRightClose, PanelRightOpen } from 'lucide-react'
import { useState } from 'react'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { useTab } from '../../parts/page/PageTitle.tsx'
import { ageText, useNow } from '../../parts/time.ts'
import { Running } from '../later.tsx'
import { InArea, useMay } from '../rights.tsx'
import { useStatus } from '../status.ts'
import { Redemptions, redemptionsQuery } from '../triggers/Redemptions.tsx'
import { ArrivalButton } from './ArrivalButton.tsx'
import { type DeskOrder, ordersQuery } from './orders.ts'
import { Waiting } from './Waiting.tsx'

const OPEN_KEY = 'ricompensa-bench-open'

/** What waits to be done, and how much of it; the tab says so, too. */
export function useWaiting() {
  const enabled = useMay()('waiting', 'look')
  const orders = useQuery({ ...ordersQuery, enabled })
  const redemptions = useQuery({ ...redemptionsQuery, enabled }).data?.redemptions ?? []
  const waiting = orders.data?.orders ?? []
  const count = waiting.length + redemptions.length
  useTab({ waiting: count })
  return { orders, waiting, count }
}

/** Beside every page: what is running, and what waits to be done. */
export function SideRail() {
  const [open, setOpen] = useState(() => localStorage.getItem(OPEN_KEY) !== 'no')
  const { count } = useWaiting()
  const turn = () => {
    localStorage.setItem(OPEN_KEY, open ? 'no' : 'yes')
    setOpen(!open)
  }
  if (!open) return <FoldedRail waiting={count} onOpen={turn} />
  return (
    <aside aria-label="Running and waiting" className="flex w-76 shrink-0 flex-col border-l border-line bg-panel">
      <div className="min-h-0 flex-1 overflow-y-auto">
        <Running />
        <WaitingPart onClose={turn} />
      </div>
    </aside>
  )
}

/** What waits to be done. @param onClose - Folds it away, where it stands beside the page; a sheet has the title itself. */
export function WaitingPart({ onClose }: { onClose?: (() => void) | undefined }) {
  const { orders, waiting, count } = useWaiting()
  if (!useMay()('waiting', 'look')) return <RailEnd onClose={onClose} />
  return (
    <InArea area="waiting">
      <WaitingHead waiting={waiting} onClose={onClose} />
      {orders.isPending && <Loading what="orders" />}
      {orders.isError && <Problem error={orders.error} retry={() => void orders.refetch()} />}
      {orders.data && count === 0 && (
        <p className="px-4 py-3 text-muted">Nothing is waiting. A new order rings and stays here until it is done.</p>
      )}
      <Waiting orders={waiting} />
      <Redemptions />
    </InArea>
  )
}

/** For who does not see what waits: the rail can still be folded away. */
const RailEnd = ({ onClose }: { onClose: (() => void) | undefined }) => (
  <div className="flex items-center gap-2 px-4 py-3 text-muted">
    <p className="mr-auto">What is running stands here.</p>
    {onClose && <Collapse onClose={onClose} />}
  </div>
)

const Collapse = ({ onClose }: { onClose: () => void }) => (
  <button type="button" onClick={onClose} aria-label="Collapse" className="rounded p-1 text-muted hover:text-text">
    <PanelRightClose aria-hidden="true" className="size-4" />
  </button>
)

function WaitingHead({ waiting, onClose }: { waiting: readonly DeskOrder[]; onClose: (() => void) | undefined }) {
  const { ahead } = useStatus()
  const now = useNow(ahead)
  const oldest = waiting[0]
  return (
    <div className="flex items-baseline gap-2 px-4 pt-4 pb-2">
      {onClose && <h2 className="text-lg">Waiting</h2>}
      {oldest && (
        <p className="ml-auto text-sm text-muted">
          {waiting.length} · oldest {ageText(now - oldest.placedAt)}
        </p>
      )}
      <span className={`flex self-center ${oldest ? '' : 'ml-auto'}`}>
        <ArrivalButton />
        {onClose && <Collapse onClose={onClose} />}
      </span>
    </div>
  )
}

function FoldedRail({ waiting, onOpen }: { waiting: number; onOpen: () => void }) {
  return (
    <aside
      aria-label="Running and waiting"
      className="flex w-16 shrink-0 flex-col items-center gap-4 border-l border-line bg-panel py-4"
    >
      <button
        type="button"
        onClick={onOpen}
        aria-label="Show running and waiting"
        className="rounded p-1 text-muted hover:text-text"
      >
        <PanelRightOpen aria-hidden="true" className="size-5" />
      </button>
      <p className="text-center text-sm text-muted">
        <span className="tabular block font-display text-xl font-semibold text-brass-text">{waiting}</span>
        waiting
      </p>
    </aside>
  )
}
