import { clsx } from 'clsx'
import { ArrowDown, ArrowUp, ArrowUpDown } from 'lucide-react'
import type { Column, SortedThere } from './column.ts'

interface HeadProps<R> {
  readonly columns: readonly Column<R>[]
  readonly canSort: (column: Column<R>) => boolean
  readonly sorted: Pick<SortedThere, 'by' | 'down'> | undefined
  readonly press: (column: string) => void
}

/** The head of a table, which stays in view; a column that can be sorted has its head pressed. */
export function Head<R>({ columns, canSort, sorted, press }: HeadProps<R>) {
  return (
    <thead className="sticky top-0 z-10 bg-panel text-left text-sm text-muted">
      <tr className="border-b border-line">
        {columns.map((column) => {
          const down = sorted?.by === column.id ? sorted.down : undefined
          return (
            <th
              key={column.id}
              scope="col"
              aria-sort={down === undefined ? undefined : down ? 'descending' : 'ascending'}
              style={column.letters === undefined ? undefined : { width: `calc(${column.letters}ch + 2rem)` }}
              className={clsx('px-3 py-2 font-medium', column.width, column.end && 'text-right')}
            >
              {canSort(column) ? (
                <SortButton name={column.head} down={down} press={() => press(column.id)} />
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
  readonly down: boolean | undefined
  readonly press: () => void
}

function SortButton({ name, down, press }: SortButtonProps) {
  const Icon = down === undefined ? ArrowUpDown : down ? ArrowDown : ArrowUp
  return (
    <button
      type="button"
      onClick={press}
      title={`Sort by ${name.toLowerCase()}`}
      className="inline-flex items-center gap-1 hover:text-text"
    >
      {name}
      <Icon aria-hidden="true" className={clsx('size-3.5', down === undefined ? 'opacity-40' : 'text-brass-text')} />
    </button>
  )
}
