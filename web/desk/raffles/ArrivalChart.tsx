import { max } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { area as areaOf, curveStepAfter } from 'd3-shape'
import { digits } from '#core/currency'
import { Chart } from '../../parts/chart/Chart.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { dayText, timeText } from '../../parts/time.ts'
import type { RaffleView } from './view.ts'

const HEIGHT = 96
const FOOT = 18
const HEAD = 14

/** How people came in, from the opening on: the step goes up with everybody who is in. */
export function ArrivalChart({ view: { raffle, arrivals, now } }: { view: RaffleView }) {
  const from = raffle.openedAt ?? now
  const last = arrivals.at(-1)
  const until = Math.max(from + 1, raffle.closedAt ?? raffle.endedAt ?? now, last?.at ?? 0)
  if (last === undefined) return null
  const points = [{ at: from, people: 0 }, ...arrivals, { at: until, people: last.people }]
  const time = until - from > 86_400 ? dayText : timeText
  const label = `${digits(last.people)} people came in from ${time(from)} to ${time(until)}`
  return (
    <Panel title="How they came in" aside={`${digits(last.people)} people`} bodyClassName="px-4 py-3">
      <Chart
        label={label}
        columns={['Time', 'People']}
        points={points.map(({ at, people }) => ({ name: time(at), figures: [digits(people)] }))}
        height={HEIGHT}
        at={(i, width) => scaleLinear([from, until], [0, width])(points[i]?.at ?? from)}
      >
        {(width) => <Steps points={points} width={width} from={time(from)} until={time(until)} />}
      </Chart>
    </Panel>
  )
}

interface StepsProps {
  readonly points: readonly { readonly at: number; readonly people: number }[]
  readonly width: number
  /** The first time and the last, in words. */
  readonly from: string
  readonly until: string
}

function Steps({ points, width, from, until }: StepsProps) {
  const x = scaleLinear([points[0]?.at ?? 0, points.at(-1)?.at ?? 1], [0, width])
  const y = scaleLinear([0, Math.max(1, max(points, ({ people }) => people) ?? 0)], [HEIGHT - FOOT, HEAD])
  const shape = areaOf<(typeof points)[number]>()
    .x((point) => x(point.at))
    .y0(HEIGHT - FOOT)
    .y1((point) => y(point.people))
    .curve(curveStepAfter)([...points])
  return (
    <>
      <path d={shape ?? ''} className="fill-steel/40 stroke-steel" strokeWidth={1.5} />
      <line x1={0} x2={width} y1={HEIGHT - FOOT} y2={HEIGHT - FOOT} className="stroke-line" />
      <text x={0} y={HEIGHT - 4} className="fill-muted text-xs">
        {from}
      </text>
      <text x={width} y={HEIGHT - 4} textAnchor="end" className="fill-muted text-xs">
        {until}
      </text>
    </>
  )
}
