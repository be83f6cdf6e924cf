import { durationInWords } from '#core/currency'
import { RankProgress } from '../../parts/RankProgress.tsx'
import { useStatus } from '../status.ts'
import type { PanelAnswer } from './panel.ts'
import { ShowCalendar } from './ShowCalendar.tsx'

const whole = (seconds: number): string => (seconds < 60 ? '–' : durationInWords(seconds - (seconds % 60)))

/** Rank and the way to the next; hours of this show, of 30 days, in all; and the shows of half a year. */
export function RankAndHours({ panel }: { panel: PanelAnswer }) {
  const { currency } = useStatus()
  const { hours, attended, viewer, shows } = panel
  return (
    <>
      <RankProgress rank={panel.rank} currency={currency} />
      <dl className="grid grid-cols-3 gap-3">
        {[
          ['This show', hours.show === null ? '–' : whole(hours.show)],
          ['30 days', whole(hours.days)],
          ['In all', whole(viewer.watchedSeconds)],
        ].map(([name, value]) => (
          <div key={name}>
            <dt className="text-sm text-muted">{name}</dt>
            <dd className="tabular text-lg font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      <div>
        <p className="mb-1.5 text-note text-muted">
          Attended {attended.count} of the last {attended.of} shows
        </p>
        <ShowCalendar shows={shows} />
      </div>
    </>
  )
}
