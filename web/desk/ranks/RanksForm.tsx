import { useMutation, useQueryClient } from '@tanstack/react-query'
import { ArrowDown, ArrowUp, X } from 'lucide-react'
import { type FormEvent, useState } from 'react'
import { digits } from '#core/currency'
import { BADGES, promotionText, type RankPlan } from '#core/ranks'
import { change } from '../../parts/api.ts'
import { Badge } from '../../parts/Badge.tsx'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/Notice.tsx'
import { Panel } from '../../parts/Panel.tsx'
import { same } from '../../parts/same.ts'
import { useToast } from '../../parts/toasts.tsx'
import { type Moves, MovesShown } from './MovesShown.tsx'
import { linesOf, newLine, type RankLine, readLines } from './rankDraft.ts'
import type { Ranks } from './ranks.ts'

const INPUT = 'rounded-md border border-line bg-surface px-2.5 py-1'
const MEASURES = [
  { measure: 'hours', name: 'hours watched' },
  { measure: 'earned', name: 'earned in all' },
] as const

/** The ranks as a draft: before it goes live one sees who would rise and who would fall. */
export function RanksForm({ ranks }: { ranks: Ranks }) {
  const [measure, setMeasure] = useState(ranks.plan.measure)
  const [lines, setLines] = useState(() => linesOf(ranks.plan))
  const [announce, setAnnounce] = useState(ranks.plan.announce)
  const read = readLines(lines, measure)
  const plan: RankPlan | undefined = typeof read === 'string' ? undefined : { measure, ranks: read, announce }
  const changed = plan === undefined || !same(plan, ranks.plan)
  const { preview, apply } = useRankChange()
  const edit = (next: readonly RankLine[]) => {
    setLines([...next])
    preview.reset()
  }
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (plan === undefined) return
    if (preview.data === undefined) preview.mutate(plan)
    else apply.mutate(plan)
  }
  return (
    <form onSubmit={submit}>
      <Panel
        title="Ranks"
        aside={changed ? <span className="text-brass-text">not live yet</span> : 'live'}
        bodyClassName="flex flex-col gap-4 p-4"
      >
        <fieldset className="flex items-center gap-4">
          <legend className="float-left mr-4">They go by</legend>
          {MEASURES.map(({ measure: one, name }) => (
            <label key={one} className="flex items-center gap-2">
              <input
                type="radio"
                name="measure"
                checked={measure === one}
                onChange={() => {
                  setMeasure(one)
                  preview.reset()
                }}
                className="size-4 accent-brass"
              />
              {name}
            </label>
          ))}
          <span className="text-[0.93rem] text-muted">Never by what somebody holds: spending does not demote.</span>
        </fieldset>
        <RankTable lines={lines} edit={edit} measure={measure} ranks={ranks} />
        <div className="flex items-center gap-3">
          <Button onClick={() => edit([...lines, newLine(lines)])}>Add a rank</Button>
          {typeof read === 'string' && <p className="text-brick-text">{read}</p>}
        </div>
        <label className="flex flex-col gap-1">
          Said in chat on a promotion
          <input
            value={announce}
            maxLength={300}
            onChange={(event) => setAnnounce(event.target.value)}
            placeholder="nothing"
            className={`${INPUT} placeholder:text-muted`}
          />
          <span className="text-[0.93rem] text-muted">
            {announce.trim() === ''
              ? 'Nothing is said.'
              : `Reads: ${promotionText(announce, 'valve_vera', lines.at(-1)?.name || 'Fitter')}`}{' '}
            · Can be used: {'{{ viewer.name }}'}, {'{{ viewer.rank }}'}
          </span>
        </label>
        {preview.data && <MovesShown moves={preview.data} />}
        {(preview.error ?? apply.error) && <Problem error={(preview.error ?? apply.error) as Error} />}
        <div className="flex gap-2 border-t border-line pt-3">
          <Button
            look={changed ? 'main' : 'plain'}
            type="submit"
            disabled={!changed || plan === undefined || preview.isPending || apply.isPending}
          >
            {!changed ? 'Applied' : preview.data ? 'Apply now' : 'See who would rise and fall'}
          </Button>
          {changed && (
            <Button
              onClick={() => {
                setMeasure(ranks.plan.measure)
                edit(linesOf(ranks.plan))
                setAnnounce(ranks.plan.announce)
              }}
            >
              Back to what is live
            </Button>
          )}
        </div>
      </Panel>
    </form>
  )
}

function useRankChange() {
  const client = useQueryClient()
  const toast = useToast()
  const preview = useMutation({ mutationFn: (plan: RankPlan) => change<Moves>('POST', '/desk/ranks/preview', plan) })
  const apply = useMutation({
    mutationFn: (plan: RankPlan) => change('PUT', '/desk/ranks', plan),
    onSuccess: async () => {
      toast({ text: 'The ranks are live, and everybody has theirs.' })
      await client.invalidateQueries()
    },
  })
  return { preview, apply }
}

interface RankTableProps {
  readonly lines: readonly RankLine[]
  readonly edit: (lines: readonly RankLine[]) => void
  readonly measure: RankPlan['measure']
  readonly ranks: Ranks
}

function RankTable({ lines, edit, measure, ranks }: RankTableProps) {
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
          <th className="w-28 pb-1 font-medium">Badge</th>
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
                  className={`w-[4.6rem] text-sm ${INPUT}`}
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
