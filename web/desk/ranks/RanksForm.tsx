import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { promotionText, type RankPlan } from '#core/ranks'
import { change } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/Notice.tsx'
import { Panel } from '../../parts/Panel.tsx'
import { same } from '../../parts/same.ts'
import { useToast } from '../../parts/toasts.tsx'
import { useUnsaved } from '../../parts/unsaved.tsx'
import { type Moves, MovesShown } from './MovesShown.tsx'
import { RankTable } from './RankTable.tsx'
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
  useUnsaved(changed)
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
