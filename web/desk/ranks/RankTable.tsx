import { ArrowDown, ArrowUp, X } from 'lucide-react'
import { digits } from '#core/currency'
import { BADGES, type RankPlan } from '#core/ranks'
import { Badge } from '../../parts/Badge.tsx'
import { Button } from '../../parts/Button.tsx'
import type { RankLine } from './rankDraft.ts'
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
  if (lines.length === 0)
    return <p className="text-muted">There are no ranks yet. Add the first: a name, and from when on.</p>
  const put = (i: number, patch: Partial<RankLine>) =>
    edit(lines.map((line, j) => (i === j ? { ...line, ...patch } : line)))
  const move = (i: number, by: number) => {
    const next = [...lines]
    next.splice(i + by, 0, ...next.splice(i, 1))
    edit(next)
  }
  return (
    <table className="w-full">
      <thead className="text-left text-sm text-muted">
        <tr>
          <th className="w-32 pb-1 font-medium">Badge</th>
          <th className="pb-1 font-medium">Name</th>
          <th className="w-36 pb-1 text-right font-medium">
            {measure === 'hours' ? 'from hours' : `from ${ranks.currency.many}`}
          </th>
          <th className="w-44 pb-1 pl-3 font-medium">only for</th>
          <th className="w-20 pb-1 text-right font-medium">hold it</th>
          <th className="w-24 pb-1">
            <span className="sr-only">Move or remove</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line, i) => (
          <tr key={line.id} className="border-t border-line">
            <td className="py-1.5">
              <span className="flex items-center gap-1.5">
                <Badge badge={line.badge} />
                <select
                  aria-label={`Badge of rank ${i + 1}`}
                  value={line.badge}
                  onChange={(event) => put(i, { badge: event.target.value as RankLine['badge'] })}
                  className={`w-[5.6rem] text-sm ${INPUT}`}
                >
                  {BADGES.map((badge) => (
                    <option key={badge}>{badge}</option>
                  ))}
                </select>
              </span>
            </td>
            <td className="py-1.5 pl-2">
              <input
                aria-label={`Name of rank ${i + 1}`}
                value={line.name}
                maxLength={40}
                onChange={(event) => put(i, { name: event.target.value })}
                className={`w-full ${INPUT}`}
              />
            </td>
            <td className="py-1.5 text-right">
              <input
                aria-label={`${line.name || `Rank ${i + 1}`} begins at`}
                value={line.from}
                inputMode="decimal"
                onChange={(event) => put(i, { from: event.target.value })}
                className={`tabular w-24 text-right ${INPUT}`}
              />
            </td>
            <td className="py-1.5 pl-3">
              <select
                aria-label={`${line.name || `Rank ${i + 1}`} is only for`}
                value={line.needs}
                onChange={(event) => put(i, { needs: event.target.value })}
                className={`w-full ${INPUT}`}
              >
                <option value="">everybody</option>
                <option value="follower">followers</option>
                <option value="subscriber">subscribers</option>
                <option value="moderator">moderators</option>
                {ranks.circles.map(({ id, name }) => (
                  <option key={id} value={`circle:${id}`}>
                    circle "{name}"
                  </option>
                ))}
              </select>
            </td>
            <td className="tabular py-1.5 text-right text-muted">
              {digits(ranks.counts.ranks.find(({ id }) => id === line.id)?.count ?? 0)}
            </td>
            <td className="py-1.5 text-right whitespace-nowrap">
              <Button
                look="quiet"
                className="px-1.5!"
                disabled={i === 0}
                aria-label={`Move ${line.name} up`}
                onClick={() => move(i, -1)}
              >
                <ArrowUp aria-hidden="true" className="size-4" />
              </Button>
              <Button
                look="quiet"
                className="px-1.5!"
                disabled={i === lines.length - 1}
                aria-label={`Move ${line.name} down`}
                onClick={() => move(i, 1)}
              >
                <ArrowDown aria-hidden="true" className="size-4" />
              </Button>
              <Button
                look="quiet"
                className="px-1.5!"
                aria-label={`Remove ${line.name || 'this rank'}`}
                onClick={() => edit(lines.filter((_, j) => j !== i))}
              >
                <X aria-hidden="true" className="size-4" />
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
