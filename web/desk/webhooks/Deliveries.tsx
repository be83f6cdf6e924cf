import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { dayText } from '../../parts/time.ts'
import type { WebhookDelivery } from './view.ts'

function outcome({ problem, again, tries }: WebhookDelivery): string {
  if (problem === null) return tries === 1 ? 'arrived' : `arrived at try ${tries}`
  return `${problem} ${again ? `Tried ${tries} ${tries === 1 ? 'time' : 'times'}, is sent again.` : `Given up after ${tries} tries.`}`
}

const COLUMNS: readonly Column<WebhookDelivery>[] = [
  { id: 'when', head: 'When', cell: ({ at }) => dayText(at), width: 'w-36', card: 'aside' },
  { id: 'what', head: 'What', cell: ({ kind }) => <code>{kind}</code>, width: 'w-44', card: 'title' },
  { id: 'outcome', head: 'Outcome', cell: outcome },
]

/** What a webhook was told last, and whether it arrived. */
export function Deliveries({ deliveries }: { readonly deliveries: readonly WebhookDelivery[] }) {
  if (deliveries.length === 0) return null
  return (
    <details className="border-t border-line">
      <summary className="cursor-pointer px-4 py-2.5 text-muted">
        The last {deliveries.length === 1 ? 'delivery' : `${deliveries.length} deliveries`}, kept for a week
      </summary>
      <DataTable label="Deliveries" inPanel rows={deliveries} columns={COLUMNS} keyOf={({ seq }) => seq} />
    </details>
  )
}
