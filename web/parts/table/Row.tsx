import { clsx } from 'clsx'
import type { Column, RowProps } from './column.ts'

/** A row of a table or of a list, as it stands where nothing else draws it. */
export function PlainRow<R>({ as: Tag, className, children }: RowProps<R>) {
  return <Tag className={className}>{children}</Tag>
}

/** The cells of a row. */
export function Cells<R>({ row, columns }: { row: R; columns: readonly Column<R>[] }) {
  return columns.map(({ id, end, cut, cell }) => (
    <td key={id} className={clsx('px-3 py-2', cut ? 'truncate' : 'break-words', end && 'tabular text-right')}>
      {cell(row)}
    </td>
  ))
}
