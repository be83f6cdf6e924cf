import {
  type ColumnDef,
  type Row as DataRow,
  getCoreRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table'
import { clsx } from 'clsx'
import { useMemo, useState } from 'react'
import { useWide } from '../useWide.ts'
import { Cards } from './Cards.tsx'
import type { Column, DataTableProps } from './column.ts'
import { groupsOf } from './groupsOf.ts'
import { Head } from './Head.tsx'

/**
 * Rows as a table, sorted by a press on a head; where the window is narrow, as cards with what matters of each. One sort, one
 * look and one way to read it aloud for every list of the desk.
 */
export function DataTable<R>(props: DataTableProps<R>) {
  const { rows, columns, keyOf } = props
  const wide = useWide()
  const [sorting, setSorting] = useState<SortingState>([])
  const definitions = useMemo(() => columns.map(definitionOf), [columns])
  const table = useReactTable({
    data: rows as R[],
    columns: definitions,
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: (row) => String(keyOf(row)),
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  })
  const sorted = table.getRowModel().rows.map(({ original }: DataRow<R>) => original)
  // Groups stand in an order of their own: sorted rows are one list.
  const groupOf = sorting.length > 0 ? undefined : props.groupOf
  if (!wide) return <Cards {...props} rows={sorted} groupOf={groupOf} />
  return (
    <table
      aria-label={props.label}
      className={clsx('w-full table-fixed bg-panel', !props.inPanel && 'rounded-md border border-line')}
    >
      <Head columns={columns} headers={table.getFlatHeaders()} />
      {groupsOf(sorted, groupOf).map(([group, members]) => (
        <tbody key={group} className="border-b border-line last:border-0">
          {group !== '' && (
            <tr>
              <th
                colSpan={columns.length}
                scope="rowgroup"
                className="px-3 pt-3 pb-1 text-left text-sm font-medium text-muted"
              >
                {group}
              </th>
            </tr>
          )}
          {members.map((row) => (
            <tr key={keyOf(row)} className="border-t border-line align-top hover:bg-raised">
              {columns.map((column) => (
                <Cell key={column.id} column={column} row={row} />
              ))}
            </tr>
          ))}
        </tbody>
      ))}
    </table>
  )
}

function Cell<R>({ column, row }: { column: Column<R>; row: R }) {
  return <td className={`px-3 py-2 break-words ${column.end ? 'tabular text-right' : ''}`}>{column.cell(row)}</td>
}

const definitionOf = <R,>({ id, sortBy }: Column<R>): ColumnDef<R> => ({
  id,
  accessorFn: (row) => sortBy?.(row),
  enableSorting: sortBy !== undefined,
  sortUndefined: 'last',
})
