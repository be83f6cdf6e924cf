import {
  type ColumnDef,
  type Row as DataRow,
  getCoreRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table'
import { clsx } from 'clsx'
import { type ReactNode, useMemo, useState } from 'react'
import { Cards } from './Cards.tsx'
import type { Column, DataTableProps } from './column.ts'
import { groupsOf } from './groupsOf.ts'
import { Head } from './Head.tsx'
import { Cells, PlainRow } from './Row.tsx'
import { useFits } from './useFits.ts'

/**
 * Rows as a table, sorted by a press on a head; where the window is narrow, as cards with what matters of each. One sort, one
 * look and one way to read it aloud for every list of the desk.
 */
export function DataTable<R>(props: DataTableProps<R>) {
  const [box, fits] = useFits(props.columns)
  return (
    <div ref={box} className="min-w-0">
      <Shown {...props} fits={fits} />
    </div>
  )
}

function Shown<R>({ fits, ...props }: DataTableProps<R> & { readonly fits: boolean }) {
  const { columns } = props
  const { sorted, sorting, setSorting } = useSorted(props)
  // Groups stand in an order of their own: sorted rows are one list.
  const groupOf = sorting === undefined ? props.groupOf : undefined
  if (!fits) return <Cards {...props} rows={sorted} groupOf={groupOf} />
  const Row = props.rowAs ?? PlainRow
  return (
    <table
      aria-label={props.label}
      className={clsx('w-full table-fixed bg-panel', !props.inPanel && 'rounded-md border border-line')}
    >
      <Head
        columns={columns}
        canSort={({ sortBy }) => sortBy !== undefined}
        sorted={sorting && { by: sorting.id, down: sorting.desc }}
        press={setSorting}
      />
      {groupsOf(sorted, groupOf).map(([group, members]) => (
        <tbody key={group} className="border-b border-line last:border-0">
          {group !== '' && (
            <GroupHead name={group} columns={columns.length} aside={props.groupAside?.(group, members)} />
          )}
          {members.map((row) => (
            <Row key={props.keyOf(row)} row={row} as="tr" className="border-t border-line align-top hover:bg-raised">
              <Cells row={row} columns={columns} />
            </Row>
          ))}
        </tbody>
      ))}
    </table>
  )
}

function GroupHead({ name, columns, aside }: { name: string; columns: number; aside: ReactNode }) {
  return (
    <tr>
      <th colSpan={columns} scope="rowgroup" className="px-3 pt-3 pb-1 text-left text-sm font-medium text-muted">
        <span className="flex items-center justify-between gap-3">
          {name}
          {aside}
        </span>
      </th>
    </tr>
  )
}

/** The rows as they are sorted here, and by what: a column is sorted up, down, and not at all. */
function useSorted<R>({ rows, columns, keyOf }: DataTableProps<R>) {
  const [state, setState] = useState<SortingState>([])
  const definitions = useMemo(() => columns.map(definitionOf), [columns])
  const table = useReactTable({
    data: rows as R[],
    columns: definitions,
    state: { sorting: state },
    onSortingChange: setState,
    getRowId: (row) => String(keyOf(row)),
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  })
  return {
    sorted: table.getRowModel().rows.map(({ original }: DataRow<R>) => original),
    sorting: state[0],
    setSorting: (id: string) => table.getColumn(id)?.toggleSorting(),
  }
}

const definitionOf = <R,>({ id, sortBy }: Column<R>): ColumnDef<R> => ({
  id,
  accessorFn: (row) => sortBy?.(row),
  enableSorting: sortBy !== undefined,
  sortUndefined: 'last',
})
