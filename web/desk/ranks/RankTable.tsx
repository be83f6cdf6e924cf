import { ArrowDown, ArrowUp, X } from 'lucide-react'
import { digits } from '#core/currency'
import { BADGES, type RankPlan } from '#core/ranks'
import { Badge } from '../../parts/Badge.tsx'
import { Button } from '../../parts/Button.tsx'
import { Select, TextInput } from '../../parts/form/inputs.tsx'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { OrStarter } from '../starter/OrStarter.tsx'
import { isUnreadable, type RankLine, spreadInWords } from './rankDraft.ts'
import type { Ranks } from './ranks.ts'

interface RankTableProps {
  readonly lines: readonly RankLine[]
  readonly edit: (lines: readonly RankLine[]) => void
  readonly measure: RankPlan['measure']
  readonly ranks: Ranks
}

/** The ranks in order, each on a line that can be changed, moved and removed. */
export function RankTable(props: RankTableProps) {
  const { lines } = props
  if (lines.length === 0)
    return (
      <p className="text-muted">
        No ranks yet. Add the first, a name and a threshold, <OrStarter />
      </p>
    )
  return <DataTable label="Ranks" rows={lines} columns={columnsOf(props)} keyOf={({ id }) => id} inPanel />
}

function columnsOf({ lines, edit, measure, ranks }: RankTableProps): readonly Column<RankLine>[] {
  const put = (line: RankLine, patch: Partial<RankLine>) =>
    edit(lines.map((one) => (one === line ? { ...one, ...patch } : one)))
  const number = (line: RankLine) => lines.indexOf(line) + 1
  return [
    ...nameColumns(number, put),
    ...thresholdColumns(measure, ranks, number, put),
    {
      id: 'holders',
      head: 'holders',
      width: 'w-26',
      end: true,
      card: 'figure',
      cell: ({ id }) => <Holders id={id} ranks={ranks} measure={measure} />,
    },
    {
      id: 'buttons',
      head: 'Move or remove',
      headHidden: true,
      width: 'w-28',
      end: true,
      card: 'aside',
      cell: (line) => <RankButtons line={line} lines={lines} edit={edit} />,
    },
  ]
}

type Put = (line: RankLine, patch: Partial<RankLine>) => void

/** How a rank looks and is called. */
const nameColumns = (number: (line: RankLine) => number, put: Put): readonly Column<RankLine>[] => [
  {
    id: 'badge',
    head: 'Badge',
    width: 'w-38',
    card: 'figure',
    cell: (line) => (
      <BadgeField label={`Badge of rank ${number(line)}`} badge={line.badge} choose={(badge) => put(line, { badge })} />
    ),
  },
  {
    id: 'name',
    head: 'Name',
    card: 'title',
    cell: (line) => (
      <TextInput
        aria-label={`Name of rank ${number(line)}`}
        value={line.name}
        most={40}
        onValue={(name) => put(line, { name })}
        className="w-full"
      />
    ),
  },
]

/** Where a rank begins, and for whom it is. */
const thresholdColumns = (
  measure: RankPlan['measure'],
  ranks: Ranks,
  number: (line: RankLine) => number,
  put: Put,
): readonly Column<RankLine>[] => [
  {
    id: 'from',
    head: measure === 'hours' ? 'from hours' : `from ${ranks.currency.many}`,
    width: 'w-34',
    end: true,
    card: 'figure',
    cell: (line) => (
      <TextInput
        aria-label={`${line.name || `Rank ${number(line)}`} begins at`}
        aria-invalid={isUnreadable(line, measure)}
        value={line.from}
        most={12}
        inputMode="decimal"
        onValue={(from) => put(line, { from })}
        className="tabular w-24 text-right"
      />
    ),
  },
  {
    id: 'needs',
    head: 'only for',
    width: 'w-40',
    card: 'figure',
    cell: (line) => (
      <Select
        label={`${line.name || `Rank ${number(line)}`} is only for`}
        value={line.needs}
        choices={needsOf(ranks)}
        onChoose={(needs) => put(line, { needs })}
        className="w-full"
      />
    ),
  },
]

const NEEDS = [
  { value: '', name: 'everybody' },
  { value: 'follower', name: 'followers' },
  { value: 'subscriber', name: 'subscribers' },
  { value: 'moderator', name: 'moderators' },
  { value: 'linked', name: 'viewers with a linked account' },
]

const needsOf = ({ circles }: Ranks) => [
  ...NEEDS,
  ...circles.map(({ id, name }) => ({ value: `circle:${id}`, name: `circle "${name}"` })),
]

interface HoldersProps {
  readonly id: number
  readonly ranks: Ranks
  readonly measure: RankPlan['measure']
}

/** How many hold a rank; and what they have, while ranks are being based on something else. */
function Holders({ id, ranks, measure }: HoldersProps) {
  const held = ranks.counts.ranks.find((one) => one.id === id)
  return (
    <span className="block py-1.5 text-muted">
      {digits(held?.count ?? 0)}
      {held !== undefined && measure !== ranks.plan.measure && (
        <span className="block text-sm">{spreadInWords(held, measure)}</span>
      )}
    </span>
  )
}

interface BadgeFieldProps {
  readonly label: string
  readonly badge: RankLine['badge']
  readonly choose: (badge: RankLine['badge']) => void
}

const SHAPES = BADGES.map((value) => ({ value, name: value }))

const BadgeField = ({ label, badge, choose }: BadgeFieldProps) => (
  <span className="flex items-center gap-1.5">
    <Badge badge={badge} />
    <Select label={label} value={badge} choices={SHAPES} onChoose={choose} className="w-22 text-sm" />
  </span>
)

interface RankButtonsProps extends Pick<RankTableProps, 'lines' | 'edit'> {
  readonly line: RankLine
}

function RankButtons({ line, lines, edit }: RankButtonsProps) {
  const at = lines.indexOf(line)
  const move = (by: number) => {
    const next = [...lines]
    next.splice(at + by, 0, ...next.splice(at, 1))
    edit(next)
  }
  const quiet = { look: 'quiet', className: 'px-1.5!' } as const
  return (
    <span className="whitespace-nowrap">
      <Button {...quiet} disabled={at === 0} aria-label={`Move ${line.name} up`} onClick={() => move(-1)}>
        <ArrowUp aria-hidden="true" className="size-4" />
      </Button>
      <Button
        {...quiet}
        disabled={at === lines.length - 1}
        aria-label={`Move ${line.name} down`}
        onClick={() => move(1)}
      >
        <ArrowDown aria-hidden="true" className="size-4" />
      </Button>
      <Button
        {...quiet}
        aria-label={`Remove ${line.name || 'this rank'}`}
        onClick={() => edit(lines.filter((one) => one !== line))}
      >
        <X aria-hidden="true" className="size-4" />
      </Button>
    </span>
  )
}
