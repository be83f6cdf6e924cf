import { scaleLinear } from 'd3-scale'
import { durationInWords } from '#core/currency'
import { dayText } from '../../parts/time.ts'
import type { ShowAttended } from './panel.ts'

const CELL = 15
const WEEK = 7 * 86_400
const WEEKDAYS = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su']
const LEFT = 22
const month = new Intl.DateTimeFormat('en-GB', { month: 'short' })

/** The weekday of a time here (0 Monday), and the Monday before it (seconds). */
function placeOf(at: number): { day: number; monday: number } {
  const date = new Date(at * 1000)
  const day = (date.getDay() + 6) % 7
  return {
    day,
    monday: Math.floor(new Date(date.getFullYear(), date.getMonth(), date.getDate() - day).getTime() / 1000),
  }
}

/** @param full - How opaque it is, 0 to 1. */
function Square({ show, column, full }: { show: ShowAttended; column: number; full: number }) {
  const { startedAt, seconds, title } = show
  return (
    <rect
      x={LEFT + column * CELL}
      y={14 + placeOf(startedAt).day * CELL}
      width={CELL - 3}
      height={CELL - 3}
      rx={2}
      className={seconds > 0 ? 'fill-brass stroke-brass' : 'fill-none stroke-line'}
      fillOpacity={full}
    >
      <title>
        {dayText(startedAt)}, {title}: {seconds > 0 ? durationInWords(seconds - (seconds % 60)) : 'absent'}
      </title>
    </rect>
  )
}

/** A small calendar of half a year: a square for each show, the fuller the longer somebody watched; empty: missed. */
export function ShowCalendar({ shows }: { shows: readonly ShowAttended[] }) {
  const [first] = shows
  const last = shows.at(-1)
  if (first === undefined || last === undefined) return <p className="text-muted">No shows in the last half year.</p>
  const begin = placeOf(first.startedAt).monday
  const column = (at: number) => Math.round((placeOf(at).monday - begin) / WEEK)
  const columns = column(last.startedAt) + 1
  const most = Math.max(...shows.map(({ seconds }) => seconds), 1)
  const fill = scaleLinear().domain([0, most]).range([0.25, 1])
  const months = monthsOf(begin, columns)
  const there = shows.filter(({ attended }) => attended).length
  return (
    <svg
      role="img"
      aria-label={`Attended ${there} of ${shows.length} shows of the last half year`}
      viewBox={`0 0 ${LEFT + columns * CELL} ${7 * CELL + 14}`}
      className="w-full"
      style={{ maxWidth: LEFT + columns * CELL }}
    >
      {WEEKDAYS.map((name, day) => (
        <text key={name} x={0} y={14 + day * CELL + 10} className="fill-muted text-chart">
          {name}
        </text>
      ))}
      {months.map(({ x, name }) => (
        <text key={x} x={LEFT + x * CELL} y={9} className="fill-muted text-chart">
          {name}
        </text>
      ))}
      {shows.map((show) => (
        <Square key={show.startedAt} show={show} column={column(show.startedAt)} full={fill(show.seconds)} />
      ))}
    </svg>
  )
}

/** Where each month begins, by column. */
function monthsOf(begin: number, columns: number): { x: number; name: string }[] {
  const names = Array.from({ length: columns }, (_, x) => ({ x, name: month.format((begin + x * WEEK) * 1000) }))
  return names.filter(({ name, x }) => x > 0 && names[x - 1]?.name !== name)
}
