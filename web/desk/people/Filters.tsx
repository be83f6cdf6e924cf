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
  { value: 'linked', name: 'with a linked account' },
  { value: 'none', name: 'without any role' },
]

const SEEN = [
  { value: '7', name: 'within a week' },
  { value: '30', name: 'within 30 days' },
  { value: '-30', name: 'not for 30 days' },
  { value: '-90', name: 'not for 90 days' },
  { value: '-365', name: 'not for a year' },
]

const SHOWN: readonly { readonly value: PeopleView['shown']; readonly name: string }[] = [
  { value: 'listed', name: 'listed' },
  { value: 'archived', name: 'archived' },
  { value: 'ignored', name: 'ignored' },
  { value: 'all', name: 'everybody' },
]

interface FigureFilterProps {
  readonly name: 'balanceFrom' | 'balanceTo' | 'hoursFrom' | 'earnedFrom'
  readonly label: string
  readonly view: PeopleView
  readonly put: (patch: Partial<PeopleView>) => void
}

const FigureFilter = ({ name, label, view, put }: FigureFilterProps) => (
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

/** What holds people back from the list, beyond their name. */
export function Filters({ view, setView, ranks }: FiltersProps) {
  const put = (patch: Partial<PeopleView>) => setView({ ...view, ...patch })
  const figures = { view, put }
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-md border border-line p-3">
      <Pick label="Role" value={view.standing} pick={(standing) => put({ standing })} none="any role">
        {[...STANDINGS, ...ranks.circles.map(({ id, name }) => ({ value: `circle:${id}`, name: `circle "${name}"` }))]}
      </Pick>
      <Pick label="Rank" value={view.rank} pick={(rank) => put({ rank })} none="any rank">
        {ranks.plan.ranks.map(({ id, name }) => ({ value: String(id), name }))}
      </Pick>
      <Pick label="Last seen" value={view.seen} pick={(seen) => put({ seen })} none="seen at any time">
        {SEEN.map(({ value, name }) => ({ value, name: `seen ${name}` }))}
      </Pick>
      <Pick label="Which people" value={view.shown} pick={(shown) => put({ shown: shown as PeopleView['shown'] })}>
        {SHOWN}
      </Pick>
      <FigureFilter name="balanceFrom" label="Balance from" {...figures} />
      <FigureFilter name="balanceTo" label="to" {...figures} />
      <FigureFilter name="earnedFrom" label="Earned from" {...figures} />
      <FigureFilter name="hoursFrom" label="Hours from" {...figures} />
      <Button
        look="quiet"
        className="ml-auto"
        onClick={() => setView({ ...INITIAL_VIEW, name: view.name, sort: view.sort, down: view.down })}
      >
        Clear filters
      </Button>
    </div>
  )
}

interface PickProps {
  readonly label: string
  readonly value: string
  readonly pick: (value: string) => void
  /** What stands for choosing none of them; left out: one is always chosen. */
  readonly none?: string
  readonly children: readonly { readonly value: string; readonly name: string }[]
}

const Pick = ({ label, value, pick, none, children }: PickProps) => (
  <select aria-label={label} value={value} onChange={(event) => pick(event.target.value)} className={FIELD}>
    {none !== undefined && <option value="">{none}</option>}
    {children.map((one) => (
      <option key={one.value} value={one.value}>
        {one.name}
      </option>
    ))}
  </select>
)
