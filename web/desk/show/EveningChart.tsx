import { useQuery } from '@tanstack/react-query'
import { max } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { digits, durationInWords } from '#core/currency'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { Panel } from '../../parts/Panel.tsx'
import { timeText } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { type Bar, barsOf, eveningQuery } from './evening.ts'

const WIDTH = 720
const HEIGHT = 132
const FOOT = 18
const GAP = 0.22
/** Fewer bars than this do not spread over the whole width. */
const LEAST_SLOTS = 18
const LABEL_PX = 34

/** The evening as a line of what was paid (above) and spent (below). */
export function EveningChart() {
  const { currency, show } = useStatus()
  const evening = useQuery(eveningQuery)
  const { width, bars } = barsOf(evening.data ?? { show: null, minutes: [] })
  const over = show?.status !== 'on'
  return (
    <Panel
      title={over ? 'The last show' : 'The evening so far'}
      aside={`${currency.many} paid above, spent below, per ${durationInWords(width)}`}
      bodyClassName="px-4 py-3"
    >
      {evening.isPending && (
        <div style={{ aspectRatio: WIDTH / HEIGHT }}>
          <Loading what="the evening" />
        </div>
      )}
      {evening.isError && <Problem error={evening.error} retry={() => void evening.refetch()} />}
      {evening.data?.show === null && <p className="text-muted">After your first show, its evening is drawn here.</p>}
      {bars.length > 0 && <Bars bars={bars} unit={currency.many} />}
    </Panel>
  )
}

function Bars({ bars, unit }: { bars: readonly Bar[]; unit: string }) {
  const paidMost = max(bars, ({ paid }) => paid) ?? 0
  const spentMost = max(bars, ({ spent }) => spent) ?? 0
  const total = Math.max(1, paidMost + spentMost)
  const height = scaleLinear([0, total], [0, HEIGHT - FOOT - 26])
  const zero = 12 + height(paidMost)
  const slot = WIDTH / Math.max(LEAST_SLOTS, bars.length)
  const every = Math.max(1, Math.ceil(bars.length / 6))
  const sum = (of: (bar: Bar) => number) => digits(bars.reduce((all, bar) => all + of(bar), 0))
  const label = `${sum((bar) => bar.paid)} ${unit} paid and ${sum((bar) => bar.spent)} spent, from ${timeText(bars[0]?.from ?? 0)} on`
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label} className="block w-full">
      <text
        x={0}
        y={9}
        className="fill-muted text-[10px]"
      >{`most paid ${digits(paidMost)}, most spent ${digits(spentMost)}`}</text>
      {bars.map((bar, i) => (
        <g key={bar.from} transform={`translate(${i * slot} 0)`}>
          <title>{`${timeText(bar.from)}: ${digits(bar.paid)} paid, ${digits(bar.spent)} spent`}</title>
          <rect
            x={slot * GAP}
            width={slot * (1 - GAP)}
            y={zero - height(bar.paid) + 2}
            height={height(bar.paid)}
            className="fill-moss"
          />
          <rect
            x={slot * GAP}
            width={slot * (1 - GAP)}
            y={zero + 3}
            height={height(Math.max(0, bar.spent))}
            className="fill-brick"
          />
          {i % every === 0 && i * slot < WIDTH - LABEL_PX && (
            <text x={slot * GAP} y={HEIGHT - 3} className="fill-muted text-[11px]">
              {timeText(bar.from)}
            </text>
          )}
        </g>
      ))}
      <line x1={0} x2={WIDTH} y1={zero + 2.5} y2={zero + 2.5} className="stroke-line" />
    </svg>
  )
}
