import type { Header } from '@tanstack/react-table'
import { ArrowDown, ArrowUp, ArrowUpDown } from 'lucide-react'
import type { Column } from './column.ts'

interface HeadProps<R> {
  readonly columns: readonly Column<R>[]
  readonly headers: readonly Header<R, unknown>[]
}

const SORTED = { asc: 'ascending', desc: 'descending' } as const

/** The head of a table, which stays in view; a column that can be sorted has its head pressed. */
export function Head<R>({ columns, headers }: HeadProps<R>) {
  return (
    <thead className="sticky top-0 z-10 bg-panel text-left text-sm text-muted">
      <tr className="border-b border-line">
        {columns.map((column) => {
          const header = headers.find(({ id }) => id === column.id)
          const sorted = header?.column.getIsSorted() || undefined
          return (
            <th
              key={column.id}
              scope="col"
              aria-sort={sorted && SORTED[sorted]}
              className={`px-3 py-2 font-medium ${column.width ?? ''} ${column.end ? 'text-right' : ''}`}
            >
              {column.sortBy && header ? (
                <SortButton name={column.head} sorted={sorted} press={header.column.getToggleSortingHandler()} />
              ) : (
                <span className={column.headHidden ? 'sr-only' : ''}>{column.head}</span>
              )}
            </th>
          )
        })}
      </tr>
    </thead>
  )
}

interface SortButtonProps {
  readonly name: string
  readonly sorted: 'asc' | 'desc' | undefined
  readonly press: ((event: unknown) => void) | undefined
}

function SortButton({ name, sorted, press }: SortButtonProps) {
  const Icon = sorted === undefined ? ArrowUpDown : sorted === 'asc' ? ArrowUp : ArrowDown
  return (
    <button
      type="button"
      onClick={press}
      title={`Sort by ${name.toLowerCase()}`}
      className="inline-flex items-center gap-1 hover:text-text"
    >
      {name}
      <Icon aria-hidden="true" className={`size-3.5 ${sorted === undefined ? 'opacity-40' : 'text-brass-text'}`} />
    </button>
  )
}
