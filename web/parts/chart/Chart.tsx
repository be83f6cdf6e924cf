import { type ReactNode, useId, useState } from 'react'
import { useBoxWidth } from '../useBoxWidth.ts'

/** One place of a chart that can be asked for its figures. */
export interface ChartPoint {
  /** What it is: a time, a play, a room. */
  readonly name: string
  /** Its figures, in the order of the chart's columns. */
  readonly figures: readonly string[]
}

interface ChartProps {
  /** What the chart shows, in a sentence. */
  readonly label: string
  /** What a point is, then what its figures are: Time, Paid, Spent. */
  readonly columns: readonly string[]
  readonly points: readonly ChartPoint[]
  /** Pixels. */
  readonly height: number
  /** Where a point stands, in pixels from the left. */
  readonly at: (index: number, width: number) => number
  /** Draws it, `width` pixels wide. */
  readonly children: (width: number) => ReactNode
}

interface ByKeysProps extends Pick<ChartProps, 'label' | 'columns' | 'points'> {
  readonly asked: number | undefined
  readonly setAsked: (asked: number | undefined) => void
}

/** A point told by the arrow keys. */
const ByKeys = ({ label, columns, points, asked = 0, setAsked }: ByKeysProps) => (
  <input
    type="range"
    aria-label={`Figures of: ${label}`}
    min={0}
    max={Math.max(0, points.length - 1)}
    value={asked}
    aria-valuetext={inWords(columns, points[asked])}
    onChange={(event) => setAsked(Number(event.target.value))}
    onFocus={() => setAsked(asked)}
    onBlur={() => setAsked(undefined)}
    className="absolute inset-0 h-full w-full cursor-crosshair opacity-0"
  />
)

/**
 * A chart in pixels of the box it stands in, so that its words are as large at every width. A point tells its figures by mouse,
 * touch and arrow keys; whoever cannot see it has them as a table.
 */
export function Chart({ label, columns, points, height, at, children }: ChartProps) {
  const [box, width] = useBoxWidth()
  const [asked, setAsked] = useState<number>()
  const nearest = (x: number) =>
    points.reduce((best, _, i) => (Math.abs(at(i, width) - x) < Math.abs(at(best, width) - x) ? i : best), 0)
  const point = (event: { clientX: number; currentTarget: Element }) =>
    setAsked(nearest(event.clientX - event.currentTarget.getBoundingClientRect().left))
  const shown = asked === undefined ? undefined : points[asked]
  return (
    <figure aria-label={label} className="relative">
      <div
        ref={box}
        style={{ height }}
        onPointerMove={point}
        onPointerDown={point}
        onPointerLeave={() => setAsked(undefined)}
      >
        {width > 0 && (
          <svg width={width} height={height} aria-hidden="true" className="block">
            {children(width)}
            {shown && asked !== undefined && (
              <line x1={at(asked, width)} x2={at(asked, width)} y1={0} y2={height} className="stroke-text/40" />
            )}
          </svg>
        )}
        <ByKeys {...{ label, columns, points, asked, setAsked }} />
      </div>
      {shown && (
        <p className="tabular pointer-events-none absolute top-0 right-0 rounded-md border border-line bg-raised px-2 py-0.5 text-sm">
          {inWords(columns, shown)}
        </p>
      )}
      <FigureTable label={label} columns={columns} points={points} />
    </figure>
  )
}

/** "19:05: paid 120, spent 30". */
function inWords(columns: readonly string[], point: ChartPoint | undefined): string {
  if (point === undefined) return ''
  const figures = point.figures.map((figure, i) => `${(columns[i + 1] ?? '').toLowerCase()} ${figure}`)
  return `${point.name}: ${figures.join(', ')}`
}

function FigureTable({ label, columns, points }: Pick<ChartProps, 'label' | 'columns' | 'points'>) {
  const id = useId()
  return (
    <table className="sr-only">
      <caption>{label}</caption>
      <thead>
        <tr>
          {columns.map((name) => (
            <th key={name} scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {points.map(({ name, figures }, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two points can bear one name
          <tr key={`${id}${i}`}>
            <th scope="row">{name}</th>
            {figures.map((figure, k) => (
              <td key={columns[k + 1]}>{figure}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
