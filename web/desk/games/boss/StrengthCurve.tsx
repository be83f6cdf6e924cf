import { scaleLinear, scaleSqrt } from 'd3-scale'
import { digits } from '#core/currency'
import { Chart } from '../../../parts/chart/Chart.tsx'

interface Size {
  readonly crew: number
  /** The chance to win and what comes back of a stake: 0 to 1, and more. */
  readonly wins: number
  readonly returns: number
}

/** Pixels. */
const HEIGHT = 200
const LEFT = 48
const RIGHT = 12
const TOP = 14
const FOOT = 24

const percent = (part: number): string => `${(part * 100).toFixed(1)} %`

/** The chance to win and the return over the size of the crew, against what is staked. */
export function StrengthCurve({ sizes }: { sizes: readonly Size[] }) {
  const across = (width: number) =>
    scaleSqrt([sizes[0]?.crew ?? 1, Math.max(2, sizes.at(-1)?.crew ?? 2)], [LEFT, width - RIGHT])
  return (
    <>
      <p className="flex gap-4 text-note">
        <span className="text-brass-text">• pays back on average</span>
        <span className="text-muted">• chance to win</span>
      </p>
      <Chart
        label="Chance to win and return by the number of people"
        columns={['People', 'Chance to win', 'Pays back on average']}
        points={sizes.map(({ crew, wins, returns }) => ({
          name: digits(crew),
          figures: [percent(wins), percent(returns)],
        }))}
        height={HEIGHT}
        at={(i, width) => across(width)(sizes[i]?.crew ?? 1)}
      >
        {(width) => <Lines sizes={sizes} x={across(width)} width={width} />}
      </Chart>
    </>
  )
}

interface LinesProps {
  readonly sizes: readonly Size[]
  readonly x: (crew: number) => number
  readonly width: number
}

function Lines({ sizes, x, width }: LinesProps) {
  const top = Math.max(1.05, ...sizes.map(({ returns }) => returns))
  const y = scaleLinear([0, top], [HEIGHT - FOOT, TOP])
  const ends = [...new Set([sizes[0]?.crew ?? 1, sizes.at(-1)?.crew ?? 1])]
  return (
    <>
      <line x1={LEFT} x2={width - RIGHT} y1={y(1)} y2={y(1)} className="stroke-brick" strokeDasharray="4 4" />
      {[0, 0.5, 1].map((part) => (
        <text key={part} x={LEFT - 6} y={y(part) + 4} textAnchor="end" className="fill-muted text-xs">
          {part * 100} %
        </text>
      ))}
      {sizes.map(({ crew, wins, returns }) => (
        <g key={crew}>
          <circle cx={x(crew)} cy={y(wins)} r={1.7} className="fill-muted" />
          <circle cx={x(crew)} cy={y(returns)} r={1.7} className="fill-brass" />
        </g>
      ))}
      {ends.map((crew, i) => (
        <text
          key={crew}
          x={x(crew)}
          y={HEIGHT - 6}
          textAnchor={i === 0 ? 'start' : 'end'}
          className="fill-muted text-xs"
        >
          {digits(crew)} {i === 0 ? '' : 'people'}
        </text>
      ))}
    </>
  )
}
