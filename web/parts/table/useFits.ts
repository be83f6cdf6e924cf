import type { RefCallback } from 'react'
import { useBoxWidth } from '../useBoxWidth.ts'
import { useWide } from '../useWide.ts'
import type { Column } from './column.ts'
import { leastWidth } from './leastWidth.ts'

/** Whether a table of such columns fits where it stands. @returns the ref of the box around it, and whether. */
export function useFits(
  columns: readonly Pick<Column<never>, 'width' | 'letters'>[],
): [RefCallback<HTMLElement>, boolean] {
  const [box, width] = useBoxWidth()
  // Not measured yet, it is drawn as if it fitted.
  const fits = useWide() && (width === 0 || width >= leastWidth(columns))
  return [box, fits]
}
