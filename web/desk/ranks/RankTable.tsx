import { ArrowDown, ArrowUp, X } from 'lucide-react'
import { digits } from '#core/currency'
import { BADGES, type RankPlan } from '#core/ranks'
import { Badge } from '../../parts/Badge.tsx'
import { Button } from '../../parts/Button.tsx'
import { type RankLine, spreadInWords } from './rankDraft.ts'
import type { Ranks } from './ranks.ts'

const INPUT = 'rounded-md border border-line bg-surface px-2.5 py-1'

interface RankTableProps {
  readonly lines: readonly RankLine[]
  readonly edit: (lines: readonly RankLine[]) => void
  readonly measure: RankPlan['measure']
  readonly ranks: Ranks
}

/** The ranks in order, each on a line that can be changed, moved and removed. */
export function RankTable({ lines, edit, measure, ranks }: RankTableProps) {
  if (lines.length === 0) return <p className="text-muted">No ranks yet. Add the first: a name and a threshold.</p>
  const move = (i: number, by: number) => {
    const next = [...lines]
    next.splice(i + by, 0, ...next.splice(i, 1))
    edit(next)
  }
  return (
    <table className="w-full">
      <RankHead from={measure === 'hours' ? 'from hours' : `from ${ranks.currency.many}`} />
      <tbody>
        {lines.map((line, i) => (
          <tr key={line.id} className="border-t border-line">
            <RankFields
              line={line}
              number={i + 1}
              circles={ranks.circles}
              put={(patch) => edit(lines.map((one, j) => (i === j ? { ...one, ...patch } : one)))}
            />
            <Holders id={line.id} ranks={ranks} measure={measure} />
            <RankButtons
              name={line.name}
              up={i === 0 ? undefined : () => move(i, -1)}
              down={i === lines.length - 1 ? undefined : () => move(i, 1)}
              remove={() => edit(lines.filter((_, j) => j !== i))}
            />
          </tr>
        ))}
      </tbody>
    </table>
  )
}

interface HoldersProps {
  readonly id: number
  readonly ranks: Ranks
  readonly measure: RankPlan['measure']
}

/** How many hold a rank; and what they have, while ranks are being based on something else. */
function Holders({ id, ranks, measure }: HoldersProps) {
  const held = ranks.counts.ranks.find((one) => one.id === id)
  return (
    <td className="tabular py-1.5 text-right text-muted">
      {digits(held?.count ?? 0)}
      {held !== undefined && measure !== ranks.plan.measure && (
        <span className="block text-sm">{spreadInWords(held, measure)}</span>
      )}
    </td>
  )
}

const RankHead = ({ from }: { from: string }) => (
  <thead className="text-left text-sm text-muted">
    <tr>
      <th scope="col" className="w-32 pb-1 font-medium">
        Badge
      </th>
      <th scope="col" className="pb-1 pl-2 font-medium">
        Name
      </th>
      <th scope="col" className="w-36 pb-1 text-right font-medium">
        {from}
      </th>
      <th scope="col" className="w-44 pb-1 pl-3 font-medium">
        only for
      </th>
      <th scope="col" className="w-20 pb-1 text-right font-medium">
        holders
      </th>
      <th scope="col" className="w-24 pb-1">
        <span className="sr-only">Move or remove</span>
      </th>
    </tr>
  </thead>
)

interface RankFieldsProps {
  readonly line: RankLine
  readonly number: number
  readonly circles: Ranks['circles']
  readonly put: (patch: Partial<RankLine>) => void
}

function RankFields({ line, number, circles, put }: RankFieldsProps) {
  const called = line.name || `Rank ${number}`
  return (
    <>
      <td className="py-1.5">
        <BadgeField label={`Badge of rank ${number}`} badge={line.badge} choose={(badge) => put({ badge })} />
      </td>
      <td className="py-1.5 pl-2">
        <input
          aria-label={`Name of rank ${number}`}
          value={line.name}
          maxLength={40}
          onChange={(event) => put({ name: event.target.value })}
          className={`w-full ${INPUT}`}
        />
      </td>
      <td className="py-1.5 text-right">
        <input
          aria-label={`${called} begins at`}
          value={line.from}
          inputMode="decimal"
          onChange={(event) => put({ from: event.target.value })}
          className={`tabular w-24 text-right ${INPUT}`}
        />
      </td>
      <td className="py-1.5 pl-3">
        <NeedsField label={`${called} is only for`} line={line} circles={circles} put={put} />
      </td>
    </>
  )
}

interface BadgeFieldProps {
  readonly label: string
  readonly badge: RankLine['badge']
  readonly choose: (badge: RankLine['badge']) => void
}

const BadgeField = ({ label, badge, choose }: BadgeFieldProps) => (
  <span className="flex items-center gap-1.5">
    <Badge badge={badge} />
    <select
      aria-label={label}
      value={badge}
      onChange={(event) => choose(event.target.value as RankLine['badge'])}
      className={`w-22 text-sm ${INPUT}`}
    >
      {BADGES.map((one) => (
        <option key={one}>{one}</option>
      ))}
    </select>
  </span>
)

function NeedsField({ label, line, circles, put }: Omit<RankFieldsProps, 'number'> & { label: string }) {
  return (
    <select
      aria-label={label}
      value={line.needs}
      onChange={(event) => put({ needs: event.target.value })}
      className={`w-full ${INPUT}`}
    >
      <option value="">everybody</option>
      <option value="follower">followers</option>
      <option value="subscriber">subscribers</option>
      <option value="moderator">moderators</option>
      {circles.map(({ id, name }) => (
        <option key={id} value={`circle:${id}`}>
          circle "{name}"
        </option>
      ))}
    </select>
  )
}

interface RankButtonsProps {
  readonly name: string
  readonly up: (() => void) | undefined
  readonly down: (() => void) | undefined
  readonly remove: () => void
}

function RankButtons({ name, up, down, remove }: RankButtonsProps) {
  const quiet = { look: 'quiet', className: 'px-1.5!' } as const
  return (
    <td className="py-1.5 text-right whitespace-nowrap">
      <Button {...quiet} disabled={up === undefined} aria-label={`Move ${name} up`} onClick={up}>
        <ArrowUp aria-hidden="true" className="size-4" />
      </Button>
      <Button {...quiet} disabled={down === undefined} aria-label={`Move ${name} down`} onClick={down}>
        <ArrowDown aria-hidden="true" className="size-4" />
      </Button>
      <Button {...quiet} aria-label={`Remove ${name || 'this rank'}`} onClick={remove}>
        <X aria-hidden="true" className="size-4" />
      </Button>
    </td>
  )
}
