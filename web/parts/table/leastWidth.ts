import type { Column } from './column.ts'

/** A step of the widths in class names (pixels): `w-20` is 80. */
const STEP = 4
/** What a column of no width of its own needs at least, to be read and not spelt (pixels). */
const LEAST = 110
/** About so wide is a digit, and so much stands around a cell (pixels). */
const DIGIT = 9
const AROUND = 24

function widthOf({ width, letters }: Pick<Column<never>, 'width' | 'letters'>): number {
  if (letters !== undefined) return letters * DIGIT + AROUND
  const steps = /^w-(\d+(?:\.\d+)?)$/.exec(width ?? '')?.[1]
  return steps === undefined ? LEAST : Number(steps) * STEP
}

/** The width below which a table of such columns is no table any more (pixels): it is shown as cards then. */
export const leastWidth = (columns: readonly Pick<Column<never>, 'width' | 'letters'>[]): number =>
  columns.reduce((sum, column) => sum + widthOf(column), 0)
