import { useVirtualizer } from '@tanstack/react-virtual'
import { clsx } from 'clsx'
import { type RefObject, useEffect, useRef } from 'react'
import { CARD, Card } from './Cards.tsx'
import type { Column, DataTableProps, SortedThere } from './column.ts'
import { Head } from './Head.tsx'
import { Cells } from './Row.tsx'
import { useFits } from './useFits.ts'

interface VirtualTableProps<R> extends Pick<DataTableProps<R>, 'label' | 'rows' | 'columns' | 'keyOf'> {
  /** How many there are, loaded or not. */
  readonly total: number
  readonly sorted: SortedThere
  readonly canSort: (column: Column<R>) => boolean
  readonly marked: (row: R) => boolean
  /** Asks for the next part, where there is one. */
  readonly more: (() => void) | undefined
}

const ROW_PX = 40
const CARD_PX = 140
/** Parts are asked for while so many rows are still below. */
const AHEAD = 20

/**
 * A long list, of which only what is in view is drawn. As a table it scrolls within itself; as cards it goes with the page,
 * so that one thumb moves everything.
 */
export function VirtualTable<R>(props: VirtualTableProps<R>) {
  const { rows, more } = props
  const scroller = useRef<HTMLElement>(null)
  const [box, fits] = useFits(props.columns)
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => (fits ? scroller.current : (scroller.current?.closest('main') ?? null)),
    estimateSize: () => (fits ? ROW_PX : CARD_PX),
    scrollMargin: fits ? 0 : (scroller.current?.offsetTop ?? 0),
    overscan: 12,
  })
  const last = virtual.getVirtualItems().at(-1)?.index ?? 0
  useEffect(() => {
    if (last >= rows.length - AHEAD) more?.()
  }, [last, rows.length, more])
  const Shown = fits ? Table : VirtualCards
  return (
    <div ref={box} className="flex min-h-0 min-w-0 flex-1 flex-col">
      <Shown {...props} virtual={virtual} scroller={scroller} />
    </div>
  )
}

interface DrawnProps<R> extends VirtualTableProps<R> {
  readonly virtual: ReturnType<typeof useVirtualizer<HTMLElement, Element>>
  readonly scroller: RefObject<HTMLElement | null>
}

function Table<R>({ virtual, scroller, label, rows, columns, keyOf, total, sorted, canSort, marked }: DrawnProps<R>) {
  const drawn = virtual.getVirtualItems()
  const below = virtual.getTotalSize() - (drawn.at(-1)?.end ?? 0)
  return (
    <section
      ref={scroller}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard
      tabIndex={0}
      aria-label={label}
      className="min-h-0 flex-1 overflow-auto rounded-md border border-line bg-panel"
    >
      <table className="w-full table-fixed" aria-rowcount={total + 1}>
        <Head columns={columns} canSort={canSort} sorted={sorted} press={sorted.press} />
        <tbody>
          <Gap height={drawn[0]?.start ?? 0} columns={columns.length} />
          {drawn.map(({ index }) => {
            const row = rows[index] as R
            return (
              <tr
                key={keyOf(row)}
                aria-rowindex={index + 2}
                style={{ height: ROW_PX }}
                className={clsx('border-b border-line', marked(row) && 'bg-brass-wash')}
              >
                <Cells row={row} columns={columns} />
              </tr>
            )
          })}
          <Gap height={below} columns={columns.length} />
        </tbody>
      </table>
    </section>
  )
}

/** Stands for the rows that are out of view. */
const Gap = ({ height, columns }: { height: number; columns: number }) =>
  height > 0 && (
    <tr>
      <td colSpan={columns} style={{ height }} />
    </tr>
  )

function VirtualCards<R>({ virtual, scroller, label, rows, columns, keyOf, marked }: DrawnProps<R>) {
  const drawn = virtual.getVirtualItems()
  const { scrollMargin } = virtual.options
  const above = Math.max(0, (drawn[0]?.start ?? scrollMargin) - scrollMargin)
  const below = Math.max(0, virtual.getTotalSize() - ((drawn.at(-1)?.end ?? scrollMargin) - scrollMargin))
  return (
    <section ref={scroller} aria-label={label}>
      <ul style={{ paddingTop: above, paddingBottom: below }}>
        {drawn.map(({ index }) => {
          const row = rows[index] as R
          return (
            <li key={keyOf(row)} ref={virtual.measureElement} data-index={index} className="pb-2">
              <div className={clsx(CARD, marked(row) && 'bg-brass-wash')}>
                <Card row={row} columns={columns} />
              </div>
            </li>
          )
        })}
      </ul>
    </section>
  )
}
