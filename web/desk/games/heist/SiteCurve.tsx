import { scaleLinear } from 'd3-scale'
import { type HeistSite, heistOdds } from '#core/games'

const WIDTH = 620
const HEIGHT = 170
const LEFT = 44
const FOOT = 22
const RIGHT = 54

const ratio = ({ top, bottom }: { top: bigint; bottom: bigint }): number => Number((top * 10_000n) / bottom) / 10_000

/** The curve of a site: the chance to get so far as columns, what each plan gives back as a line against 100 %. */
export function SiteCurve({ site, crew }: { site: HeistSite; crew: number }) {
  const odds = heistOdds(site, crew).map(({ reaches, returns }) => ({
    reaches: ratio(reaches),
    returns: ratio(returns),
  }))
  const lowest = Math.min(0.9, ...odds.map(({ returns }) => returns))
  const highest = Math.max(1.02, ...odds.map(({ returns }) => returns))
  const height = scaleLinear([0, 1], [0, HEIGHT - FOOT - 14])
  const y = scaleLinear([lowest, highest], [HEIGHT - FOOT, 14])
  const slot = (WIDTH - LEFT - RIGHT) / odds.length
  const middle = (i: number) => LEFT + slot * (i + 0.5)
  const told = odds.map(
    ({ reaches, returns }, i) =>
      `after room ${i + 1}: ${Math.round(reaches * 100)} % get so far, ${(returns * 100).toFixed(1)} % come back`,
  )
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={told.join('; ')} className="my-2 block w-full">
      {odds.map(({ reaches }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: rooms are told apart by their place
        <g key={i}>
          <rect
            x={middle(i) - slot * 0.28}
            width={slot * 0.56}
            y={HEIGHT - FOOT - height(reaches)}
            height={height(reaches)}
            className="fill-raised"
          />
          <text x={middle(i)} y={HEIGHT - FOOT - 5} textAnchor="middle" className="fill-muted text-[11px]">
            {Math.round(reaches * 100)} %
          </text>
          <text x={middle(i)} y={HEIGHT - 6} textAnchor="middle" className="fill-muted text-[11px]">
            × {((site.rooms[i]?.multiplier ?? 0) / 100).toFixed(2)}
          </text>
        </g>
      ))}
      <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(1)} y2={y(1)} className="stroke-brick" strokeDasharray="4 4" />
      <text x={LEFT - 6} y={y(1) + 4} textAnchor="end" className="fill-muted text-[11px]">
        100 %
      </text>
      <polyline
        points={odds.map(({ returns }, i) => `${middle(i)},${y(returns)}`).join(' ')}
        fill="none"
        className="stroke-brass"
        strokeWidth={2}
      />
      {odds.map(({ returns }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: rooms are told apart by their place
        <circle key={i} cx={middle(i)} cy={y(returns)} r={4} className="fill-brass" />
      ))}
      <text x={WIDTH - RIGHT + 4} y={y(odds.at(-1)?.returns ?? 1) + 4} className="fill-brass-text text-[11px]">
        {((odds.at(-1)?.returns ?? 0) * 100).toFixed(1)} %
      </text>
    </svg>
  )
}
