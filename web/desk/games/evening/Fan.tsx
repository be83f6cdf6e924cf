import { type ScaleLinear, scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { digits } from '#core/currency'
import type { Spread } from '#core/games'
import { Chart } from '../../../parts/chart/Chart.tsx'

/** Pixels. */
const HEIGHT = 250
const LEFT = 56
const FOOT = 22
const RIGHT = 8

interface FanProps {
  readonly spread: Spread
  readonly balance: number
  readonly unit: string
}

const bandsOf = ({ bands: [low = [], quarter = [], middle = [], upper = [], high = []] }: Spread) => ({
  low,
  quarter,
  middle,
  upper,
  high,
})

const scaleX = (plays: number, width: number) => scaleLinear([0, plays], [LEFT, width - RIGHT])

/** What is left after each play: nine of ten evenings lie in the pale band, half of them in the dark one, the middle is the line. */
export function Fan({ spread, balance, unit }: FanProps) {
  const { low, middle, high } = bandsOf(spread)
  const plays = middle.length - 1
  const at = (list: readonly number[], i: number) => digits(list[i] ?? 0)
  return (
    <Chart
      label={`After ${plays} plays half of the evenings have ${at(middle, plays)} ${unit} or less, nine of ten between ${at(low, plays)} and ${at(high, plays)}`}
      columns={['Play', 'Half have at most', 'Nine of ten from', 'To']}
      points={middle.map((_, i) => ({
        name: i === 0 ? 'Start' : `Play ${i}`,
        figures: [at(middle, i), at(low, i), at(high, i)],
      }))}
      height={HEIGHT}
      at={(i, width) => scaleX(plays, width)(i)}
    >
      {(width) => <Bands spread={spread} balance={balance} width={width} />}
    </Chart>
  )
}

const Rungs = ({ y, width }: { readonly y: ScaleLinear<number, number>; readonly width: number }) =>
  y.ticks(4).map((tick) => (
    <g key={tick}>
      <line x1={LEFT} x2={width - RIGHT} y1={y(tick)} y2={y(tick)} className="stroke-line" />
      <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" className="tabular fill-muted text-xs">
        {digits(tick)}
      </text>
    </g>
  ))

function Bands({ spread, balance, width }: { spread: Spread; balance: number; width: number }) {
  const { low, quarter, middle, upper, high } = bandsOf(spread)
  const x = scaleX(middle.length - 1, width)
  const y = scaleLinear([0, Math.max(balance, ...high)], [HEIGHT - FOOT, 10]).nice(4)
  const plays = [...middle.keys()]
  const band = (from: readonly number[], to: readonly number[]) =>
    area<number>(
      (i) => x(i),
      (i) => y(from[i] ?? 0),
      (i) => y(to[i] ?? 0),
    )(plays) ?? ''
  const along = (values: readonly number[]) =>
    line<number>(
      (i) => x(i),
      (i) => y(values[i] ?? 0),
    )(plays) ?? ''
  return (
    <>
      <Rungs y={y} width={width} />
      <path d={band(low, high)} className="fill-steel" opacity={0.22} />
      <path d={band(quarter, upper)} className="fill-steel" opacity={0.4} />
      <line
        x1={LEFT}
        x2={width - RIGHT}
        y1={y(balance)}
        y2={y(balance)}
        className="stroke-muted"
        strokeDasharray="3 4"
      />
      <path d={along(middle)} fill="none" className="stroke-brass" strokeWidth={2.5} />
      {x.ticks(Math.max(2, Math.floor(width / 100))).map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - 6} textAnchor="middle" className="tabular fill-muted text-xs">
          {tick === 0 ? 'start' : tick}
        </text>
      ))}
    </>
  )
}
