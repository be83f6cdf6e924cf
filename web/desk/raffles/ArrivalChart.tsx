import { max } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { area as areaOf, curveStepAfter } from 'd3-shape'
import { digits } from '#core/currency'
import { Panel } from '../../parts/Panel.tsx'
import { dayText, timeText } from '../../parts/time.ts'
import type { RaffleView } from './view.ts'

const WIDTH = 720
const HEIGHT = 96
const FOOT = 18
const HEAD = 14

/** How people came in, from the opening on: the step goes up with everybody who is in. */
export function ArrivalChart({ view: { raffle, arrivals, now } }: { view: RaffleView }) {
  const from = raffle.openedAt ?? now
  const last = arrivals.at(-1)
  const until = Math.max(from + 1, raffle.closedAt ?? raffle.endedAt ?? now, last?.at ?? 0)
  if (last === undefined) return null
  const most = max(arrivals, ({ people }) => people) ?? 0
  const x = scaleLinear([from, until], [0, WIDTH])
  const y = scaleLinear([0, Math.max(1, most)], [HEIGHT - FOOT, HEAD])
  const points = [{ at: from, people: 0 }, ...arrivals, { at: until, people: last.people }]
  const shape = areaOf<(typeof points)[number]>()
    .x((point) => x(point.at))
    .y0(HEIGHT - FOOT)
    .y1((point) => y(point.people))
    .curve(curveStepAfter)(points)
  const time = until - from > 86_400 ? dayText : timeText
  const label = `${digits(last.people)} people came in from ${time(from)} to ${time(until)}`
  return (
    <Panel title="How they came in" aside={`${digits(last.people)} people`} bodyClassName="px-4 py-3">
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label} className="block w-full">
        <path d={shape ?? ''} className="fill-steel/40 stroke-steel" strokeWidth={1.5} />
        <line x1={0} x2={WIDTH} y1={HEIGHT - FOOT} y2={HEIGHT - FOOT} className="stroke-line" />
        <text x={0} y={HEIGHT - 4} className="fill-muted text-[11px]">
          {time(from)}
        </text>
        <text x={WIDTH} y={HEIGHT - 4} textAnchor="end" className="fill-muted text-[11px]">
          {time(until)}
        </text>
      </svg>
    </Panel>
  )
}
