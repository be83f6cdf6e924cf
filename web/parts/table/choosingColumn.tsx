import type { Column } from './column.ts'

interface Choosing<R> {
  readonly chosen: (row: R) => boolean
  readonly toggle: (row: R) => void
  readonly nameOf: (row: R) => string
}

/** A column of boxes: rows are marked one by one, for something to be done with all that are. */
export const choosingColumn = <R,>({ chosen, toggle, nameOf }: Choosing<R>): Column<R> => ({
  id: 'choose',
  head: 'Choose',
  headHidden: true,
  width: 'w-11',
  card: 'aside',
  cell: (row) => (
    <input
      type="checkbox"
      checked={chosen(row)}
      onChange={() => toggle(row)}
      aria-label={`Choose ${nameOf(row)}`}
      className="size-4 align-middle accent-brass pointer-coarse:size-6"
    />
  ),
})
