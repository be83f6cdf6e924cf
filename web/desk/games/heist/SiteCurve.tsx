import { scaleLinear } from 'd3-scale'
import { type HeistSite, heistOdds } from '#core/games'
import { Chart } from '../../../parts/chart/Chart.tsx'

/** Pixels. */
const HEIGHT = 170
const LEFT = 44
const FOOT = 22
const RIGHT = 54

const ratio = ({ top, bottom }: { top: bigint; bottom: bigint }): number => Number((top * 10_000n) / bottom) / 10_000
const percent = (part: number, places: number): string => `${(part * 100).toFixed(places)} %`

interface Odds {
  /** The chance to get so far, and what comes back of a stake by leaving there: 0 to 1. */
  readonly reaches: number
  readonly returns: number
  /** What leaving pays, of the stake. */
  readonly pays: string
}

const middleOf = (i: number, rooms: number, width: number): number =>
  LEFT + ((width - LEFT - RIGHT) / rooms) * (i + 0.5)

/** The curve of a site: the chance to get so far as columns, what each plan pays back as a line against 100 %. */
export function SiteCurve({ site, crew }: { site: HeistSite; crew: number }) {
  const odds = heistOdds(site, crew).map(({ reaches, returns }, i) => ({
    reaches: ratio(reaches),
    returns: ratio(returns),
    pays: `× ${((site.rooms[i]?.multiplier ?? 0) / 100).toFixed(2)}`,
  }))
  return (
    <Chart
      label={`Chances and payback of each plan with a crew of ${crew}`}
      columns={['Leave after', 'Chance to get there', 'Pays', 'Pays back on average']}
      points={odds.map(({ reaches, returns, pays }, i) => ({
        name: `Room ${i + 1}`,
        figures: [percent(reaches, 0), pays, percent(returns, 1)],
      }))}
      height={HEIGHT}
      at={(i, width) => middleOf(i, odds.length, width)}
    >
      {(width) => <Curve odds={odds} width={width} />}
    </Chart>
  )
}

function Curve({ odds, width }: { odds: readonly Odds[]; width: number }) {
  const returns = odds.map((one) => one.returns)
  const y = scaleLinear([Math.min(0.9, ...returns), Math.max(1.02, ...returns)], [HEIGHT - FOOT, 14])
  const x = (i: number) => middleOf(i, odds.length, width)
  const last = returns.at(-1) ?? 1
  return (
    <>
      <Reached odds={odds} width={width} />
      <line x1={LEFT} x2={width - RIGHT} y1={y(1)} y2={y(1)} className="stroke-brick" strokeDasharray="4 4" />
      <text x={LEFT - 6} y={y(1) + 4} textAnchor="end" className="fill-muted text-xs">
        100 %
      </text>
      <polyline
        points={returns.map((each, i) => `${x(i)},${y(each)}`).join(' ')}
        fill="none"
        className="stroke-brass"
        strokeWidth={2}
      />
      {returns.map((each, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: rooms are told apart by their place
        <circle key={i} cx={x(i)} cy={y(each)} r={4} className="fill-brass" />
      ))}
      <text x={width - RIGHT + 4} y={y(last) + 4} className="fill-brass-text text-xs">
        {percent(last, 1)}
      </text>
    </>
  )
}

function Reached({ odds, width }: { odds: readonly Odds[]; width: number }) {
  const height = scaleLinear([0, 1], [0, HEIGHT - FOOT - 14])
  const column = ((width - LEFT - RIGHT) / odds.length) * 0.56
  return odds.map(({ reaches, pays }, i) => {
    const x = middleOf(i, odds.length, width)
    return (
      // biome-ignore lint/suspicious/noArrayIndexKey: rooms are told apart by their place
      <g key={i}>
        <rect
          x={x - column / 2}
          width={column}
          y={HEIGHT - FOOT - height(reaches)}
          height={height(reaches)}
          className="fill-raised"
        />
        <text x={x} y={HEIGHT - FOOT - 5} textAnchor="middle" className="fill-muted text-xs">
          {percent(reaches, 0)}
        </text>
        <text x={x} y={HEIGHT - 6} textAnchor="middle" className="fill-muted text-xs">
          {pays}
        </text>
      </g>
    )
  })
}
