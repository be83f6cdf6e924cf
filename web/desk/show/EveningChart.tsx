import { useQuery } from '@tanstack/react-query'
import { max } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { type Currency, digits, durationInWords, inWords } from '#core/currency'
import { Chart } from '../../parts/chart/Chart.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { timeText } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { type Bar, barsOf, type Evening, eveningQuery } from './evening.ts'

/** Pixels. */
const HEIGHT = 140
const FOOT = 18
const HEAD = 16
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
        <div style={{ height: HEIGHT }}>
          <Loading what="the evening" />
        </div>
      )}
      {evening.isError && <Problem error={evening.error} retry={() => void evening.refetch()} />}
      {evening.data?.show === null && <p className="text-muted">After your first show, its evening is drawn here.</p>}
      {bars.length > 0 && <Bars bars={bars} unit={currency.many} />}
      {!over && evening.data?.before && <Before before={evening.data.before} currency={currency} />}
    </Panel>
  )
}

/** What tonight can be held against, which says something from the first minute on. */
function Before({ before, currency }: { before: NonNullable<Evening['before']>; currency: Currency }) {
  const { paid, spent, people, seconds, byThen } = before
  return (
    <p className="tabular pt-2 text-note text-muted">
      Last show by this time: {inWords(byThen.paid, currency)} paid, {digits(byThen.spent)} spent. At its end, after{' '}
      {durationInWords(seconds - (seconds % 60))}: {digits(paid)} paid, {digits(spent)} spent, {digits(people)}{' '}
      {people === 1 ? 'person' : 'people'}.
    </p>
  )
}

const MIDDLE = GAP + (1 - GAP) / 2
const slotOf = (bars: number, width: number): number => width / Math.max(LEAST_SLOTS, bars)

function Bars({ bars, unit }: { bars: readonly Bar[]; unit: string }) {
  const sum = (of: (bar: Bar) => number) => digits(bars.reduce((all, bar) => all + of(bar), 0))
  const most = `most paid ${digits(max(bars, ({ paid }) => paid) ?? 0)}, most spent ${digits(max(bars, ({ spent }) => spent) ?? 0)}`
  return (
    <Chart
      label={`${sum((bar) => bar.paid)} ${unit} paid and ${sum((bar) => bar.spent)} spent, from ${timeText(bars[0]?.from ?? 0)} on`}
      columns={['Time', 'Paid', 'Spent']}
      points={bars.map(({ from, paid, spent }) => ({ name: timeText(from), figures: [digits(paid), digits(spent)] }))}
      height={HEIGHT}
      at={(i, width) => slotOf(bars.length, width) * (i + MIDDLE)}
    >
      {(width) => (
        <>
          <text x={0} y={11} className="fill-muted text-xs">
            {most}
          </text>
          <Columns bars={bars} width={width} />
        </>
      )}
    </Chart>
  )
}

function Columns({ bars, width }: { bars: readonly Bar[]; width: number }) {
  const paidMost = max(bars, ({ paid }) => paid) ?? 0
  const spentMost = max(bars, ({ spent }) => spent) ?? 0
  const height = scaleLinear([0, Math.max(1, paidMost + spentMost)], [0, HEIGHT - FOOT - HEAD - 12])
  const zero = HEAD + height(paidMost)
  const slot = slotOf(bars.length, width)
  const column = { x: slot * GAP, width: slot * (1 - GAP) }
  const every = Math.max(1, Math.ceil((LABEL_PX * 1.5) / slot))
  return (
    <>
      {bars.map((bar, i) => (
        <g key={bar.from} transform={`translate(${i * slot} 0)`}>
          <rect {...column} y={zero - height(bar.paid) + 2} height={height(bar.paid)} className="fill-moss" />
          <rect {...column} y={zero + 3} height={height(Math.max(0, bar.spent))} className="fill-brick" />
          {i % every === 0 && i * slot < width - LABEL_PX && (
            <text x={slot * GAP} y={HEIGHT - 3} className="fill-muted text-xs">
              {timeText(bar.from)}
            </text>
          )}
        </g>
      ))}
      <line x1={0} x2={width} y1={zero + 2.5} y2={zero + 2.5} className="stroke-line" />
    </>
  )
}
