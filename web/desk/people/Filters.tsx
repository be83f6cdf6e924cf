import { Button } from '../../parts/Button.tsx'
import { INITIAL_VIEW, type PeopleView, type RanksKnown } from './people.ts'

const FIELD = 'rounded-md border border-line bg-panel px-2.5 py-1.5'

interface FiltersProps {
  readonly view: PeopleView
  readonly setView: (view: PeopleView) => void
  readonly ranks: RanksKnown
}

const STANDINGS = [
  { value: 'follower', name: 'followers' },
  { value: 'subscriber', name: 'subscribers' },
  { value: 'tier1', name: 'subscribers, tier 1' },
  { value: 'tier2', name: 'subscribers, tier 2' },
  { value: 'tier3', name: 'subscribers, tier 3' },
  { value: 'moderator', name: 'moderators' },
  { value: 'none', name: 'without any standing' },
]

const SEEN = [
  { value: '7', name: 'within a week' },
  { value: '30', name: 'within 30 days' },
  { value: '-30', name: 'not for 30 days' },
  { value: '-90', name: 'not for 90 days' },
  { value: '-365', name: 'not for a year' },
]

/** What holds people back from the list, beyond their name. */
export function Filters({ view, setView, ranks }: FiltersProps) {
  const put = (patch: Partial<PeopleView>) => setView({ ...view, ...patch })
  const figure = (name: 'balanceFrom' | 'balanceTo' | 'hoursFrom' | 'earnedFrom', label: string) => (
    <label className="flex items-center gap-2">
      {label}
      <input
        value={view[name]}
        inputMode="numeric"
        onChange={(event) => put({ [name]: event.target.value.replace(/\D/g, '') })}
        className={`tabular w-20 text-right ${FIELD}`}
      />
    </label>
  )
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-md border border-line p-3">
      <select
        aria-label="Standing"
        value={view.standing}
        onChange={(event) => put({ standing: event.target.value })}
        className={FIELD}
      >
        <option value="">any standing</option>
        {STANDINGS.map(({ value, name }) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
        {ranks.circles.map(({ id, name }) => (
          <option key={id} value={`circle:${id}`}>
            circle "{name}"
          </option>
        ))}
      </select>
      <select
        aria-label="Rank"
        value={view.rank}
        onChange={(event) => put({ rank: event.target.value })}
        className={FIELD}
      >
        <option value="">any rank</option>
        {ranks.plan.ranks.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      <select
        aria-label="Last seen"
        value={view.seen}
        onChange={(event) => put({ seen: event.target.value })}
        className={FIELD}
      >
        <option value="">seen at any time</option>
        {SEEN.map(({ value, name }) => (
          <option key={value} value={value}>
            seen {name}
          </option>
        ))}
      </select>
      <select
        aria-label="Which people"
        value={view.shown}
        onChange={(event) => put({ shown: event.target.value as PeopleView['shown'] })}
        className={FIELD}
      >
        <option value="listed">listed</option>
        <option value="archived">archived</option>
        <option value="ignored">ignored</option>
        <option value="all">everybody</option>
      </select>
      {figure('balanceFrom', 'Balance from')}
      {figure('balanceTo', 'to')}
      {figure('earnedFrom', 'Earned from')}
      {figure('hoursFrom', 'Hours from')}
      <Button
        look="quiet"
        className="ml-auto"
        onClick={() => setView({ ...INITIAL_VIEW, name: view.name, sort: view.sort, down: view.down })}
      >
        No filters
      </Button>
    </div>
  )
}
