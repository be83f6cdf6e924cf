import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { digits } from '#core/currency'
import type { Spread } from '#core/games'

const WIDTH = 640
const HEIGHT = 250
const LEFT = 56
const FOOT = 22
const RIGHT = 8

/** What is left after each play: nine of ten evenings lie in the pale band, half of them in the dark one, the middle is the line. */
export function Fan({ spread, balance, unit }: { spread: Spread; balance: number; unit: string }) {
  const [low = [], quarter = [], middle = [], upper = [], high = []] = spread.bands
  const plays = middle.length - 1
  const most = Math.max(balance, ...high)
  const x = scaleLinear([0, plays], [LEFT, WIDTH - RIGHT])
  const y = scaleLinear([0, most], [HEIGHT - FOOT, 10]).nice(4)
  const band = (from: readonly number[], to: readonly number[]) =>
    area<number>()
      .x((i) => x(i))
      .y0((i) => y(from[i] ?? 0))
      .y1((i) => y(to[i] ?? 0))([...middle.keys()]) ?? ''
  const path =
    line<number>()
      .x((i) => x(i))
      .y((i) => y(middle[i] ?? 0))([...middle.keys()]) ?? ''
  const label = `After ${plays} plays half of the evenings have ${digits(middle.at(-1) ?? 0)} ${unit} or less, nine of ten between ${digits(low.at(-1) ?? 0)} and ${digits(high.at(-1) ?? 0)}`
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label} className="block w-full">
      {y.ticks(4).map((tick) => (
        <g key={tick}>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(tick)} y2={y(tick)} className="stroke-line" />
          <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" className="tabular fill-muted text-[11px]">
            {digits(tick)}
          </text>
        </g>
      ))}
      <path d={band(low, high)} className="fill-steel" opacity={0.22} />
      <path d={band(quarter, upper)} className="fill-steel" opacity={0.4} />
      <line
        x1={LEFT}
        x2={WIDTH - RIGHT}
        y1={y(balance)}
        y2={y(balance)}
        className="stroke-muted"
        strokeDasharray="3 4"
      />
      <path d={path} fill="none" className="stroke-brass" strokeWidth={2.5} />
      {x.ticks(6).map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - 6} textAnchor="middle" className="tabular fill-muted text-[11px]">
          {tick === 0 ? 'begin' : tick}
        </text>
      ))}
    </svg>
  )
}
