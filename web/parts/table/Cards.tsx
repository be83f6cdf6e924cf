import { clsx } from 'clsx'
import type { CardPlace, Column, DataTableProps } from './column.ts'
import { groupsOf } from './groupsOf.ts'
import { PlainRow } from './Row.tsx'

export const CARD = 'flex flex-col gap-1.5 rounded-md border border-line bg-panel px-3 py-2.5'

/** The rows as cards for a narrow window: a title, the figures that matter with their names, and the rest below. */
export function Cards<R>({ label, rows, columns, keyOf, groupOf, groupAside, inPanel, rowAs }: DataTableProps<R>) {
  const Row = rowAs ?? PlainRow
  return (
    <div className={clsx('flex flex-col gap-3', inPanel && 'p-3')}>
      {groupsOf(rows, groupOf).map(([group, members]) => (
        <section key={group} aria-label={group === '' ? label : group} className="flex flex-col gap-2">
          {group !== '' && (
            <div className="flex items-center justify-between gap-3 text-sm text-muted">
              <h2 className="font-medium">{group}</h2>
              {groupAside?.(group, members)}
            </div>
          )}
          <ul aria-label={group === '' ? label : group} className="flex flex-col gap-2">
            {members.map((row) => (
              <Row key={keyOf(row)} row={row} as="li" className={CARD}>
                <Card row={row} columns={columns} />
              </Row>
            ))}
          </ul>
        </section>
      ))}
    </div>
  )
}

/** What a row says on a card. */
export function Card<R>({ row, columns }: { row: R; columns: readonly Column<R>[] }) {
  const at = (place: CardPlace) => columns.filter(({ card = 'line' }) => card === place)
  return (
    <>
      <div className="flex items-start justify-between gap-3">
        <div className="min-w-0 break-words">{at('title').map((column) => column.cell(row))}</div>
        <div className="flex shrink-0 items-center gap-2">
          {at('aside').map(({ id, cell }) => (
            <span key={id}>{cell(row)}</span>
          ))}
        </div>
      </div>
      {at('figure').length > 0 && (
        <dl className="grid grid-cols-2 gap-x-4">
          {at('figure').map(({ id, head, cell }) => (
            <div key={id}>
              <dt className="text-sm text-muted">{head}</dt>
              <dd className="tabular break-words">{cell(row)}</dd>
            </div>
          ))}
        </dl>
      )}
      {at('line').map(({ id, cell }) => (
        <div key={id} className="break-words">
          {cell(row)}
        </div>
      ))}
    </>
  )
}
