import type { FormEvent } from 'react'
import { promotionText, type RankPlan } from '#core/ranks'
import { SAMPLE_RANK } from '#core/texts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Wrong } from '../../parts/feedback/Wrong.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { same } from '../../parts/same.ts'
import { useChange } from '../../parts/useChange.ts'
import { useSampleNames } from '../people/sampleNames.ts'
import { MovesShown } from './MovesShown.tsx'
import { RankTable } from './RankTable.tsx'
import { linesFor, linesOf, newLine, type RankLine, readLines } from './rankDraft.ts'
import type { Ranks } from './ranks.ts'

const MEASURES = [
  { value: 'hours', name: 'hours watched' },
  { value: 'earned', name: 'earned in all' },
] as const

const typedOf = (plan: RankPlan) => ({ measure: plan.measure, lines: linesOf(plan), announce: plan.announce })

/** What is typed of the ranks, and the plan it comes to: undefined while a line cannot be read. */
function useRankDraft({ plan: live }: Ranks) {
  const { draft, put, discard, settle, conflict } = useDraft('ranks', typedOf(live))
  const read = readLines(draft.lines, draft.measure)
  const { measure, announce } = draft
  const plan: RankPlan | undefined = typeof read === 'string' ? undefined : { measure, ranks: read, announce }
  return {
    draft,
    plan,
    wrong: typeof read === 'string' ? read : undefined,
    put: (patch: Partial<typeof draft>) => put({ ...draft, ...patch }),
    discard,
    conflict,
    settle: () => settle(draft),
  }
}

/** The ranks as a draft: before it goes live one sees who would rise and who would fall. */
export function RanksForm({ ranks }: { ranks: Ranks }) {
  const { draft, plan, wrong, put, discard, settle, conflict } = useRankDraft(ranks)
  const { measure, lines, announce } = draft
  const changed = plan === undefined || !same(plan, ranks.plan)
  const { preview, apply } = useRankChange(ranks.plan)
  const edit = (change: () => void) => {
    change()
    preview.reset()
  }
  const putLines = (next: readonly RankLine[]) => edit(() => put({ lines: [...next] }))
  const choose = (one: Measure) => edit(() => put({ measure: one, lines: linesFor(one, ranks.plan, lines) }))
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (plan !== undefined)
      preview.data === undefined ? preview.mutate(plan) : apply.mutate(plan, { onSuccess: settle })
  }
  const failed = preview.error ?? apply.error
  const off = plan === undefined || conflict !== undefined || preview.isPending || apply.isPending
  return (
    <form onSubmit={submit}>
      <Panel title="Ranks" aside={changed ? 'unsaved changes' : 'live'} bodyClassName="flex flex-col gap-4 p-4">
        <Measures chosen={measure} choose={choose} />
        {measure !== ranks.plan.measure && <NewThresholds />}
        <RankTable lines={lines} edit={putLines} measure={measure} ranks={ranks} />
        <div className="flex items-center gap-3">
          <Button onClick={() => putLines([...lines, newLine(lines)])}>Add a rank</Button>
          <Wrong>{wrong}</Wrong>
        </div>
        <Announcement value={announce} onValue={(text) => put({ announce: text })} rank={lines.at(-1)?.name} />
        <DraftConflict conflict={conflict} />
        {preview.data && <MovesShown moves={preview.data} />}
        {failed && <Problem error={failed} />}
        <RanksFoot changed={changed} looked={preview.data !== undefined} off={off} discard={() => edit(discard)} />
      </Panel>
    </form>
  )
}

const NewThresholds = () => (
  <p className="text-brass-text">
    Type new thresholds: hours and currency earned are not the same. Beside each rank stands what most of its holders
    have.
  </p>
)

interface RanksFootProps {
  readonly changed: boolean
  /** It has been seen who would rise and fall. */
  readonly looked: boolean
  readonly off: boolean
  readonly discard: () => void
}

function RanksFoot({ changed, looked, off, discard }: RanksFootProps) {
  return (
    <div className="sticky bottom-0 -mx-4 -mb-4 flex gap-2 border-t border-line bg-panel px-4 py-3">
      <Button look={changed ? 'main' : 'plain'} type="submit" disabled={!changed || off}>
        {!changed ? 'Applied' : looked ? 'Apply now' : 'See who would rise and fall'}
      </Button>
      {changed && <Button onClick={discard}>Discard changes</Button>}
    </div>
  )
}

type Measure = RankPlan['measure']

function Measures({ chosen, choose }: { chosen: Measure; choose: (measure: Measure) => void }) {
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
      <Radios legend="Ranks are based on" inRow value={chosen} choices={MEASURES} onChoose={choose} />
      <span className="text-note text-muted">Never on the balance: spending does not demote anyone.</span>
    </div>
  )
}

interface AnnouncementProps {
  readonly value: string
  readonly onValue: (value: string) => void
  /** The rank that the example names. */
  readonly rank: string | undefined
}

function Announcement({ value, onValue, rank }: AnnouncementProps) {
  const [name] = useSampleNames()
  return (
    <label className="flex flex-col gap-1">
      Said in chat on a promotion
      <input
        value={value}
        maxLength={300}
        onChange={(event) => onValue(event.target.value)}
        placeholder="nothing"
        className="rounded-md border border-line bg-surface px-2.5 py-1 placeholder:text-muted"
      />
      <span className="text-note text-muted">
        {value.trim() === '' ? 'Nothing is said.' : `Reads: ${promotionText(value, name, rank || SAMPLE_RANK)}`} ·
        Fields: {'{{ viewer.name }}'}, {'{{ viewer.rank }}'}
      </span>
    </label>
  )
}

/** @param live - What the draft was begun from. */
function useRankChange(live: RankPlan) {
  const preview = useChange({
    ask: (plan: RankPlan) => answerOf(api.POST('/desk/ranks/preview', { body: plan })),
    invalidates: [],
    inPlace: true,
  })
  const apply = useChange({
    ask: (plan: RankPlan) => answerOf(api.PUT('/desk/ranks', { body: plan, ...changedFrom(live) })),
    invalidates: 'all',
    said: 'The ranks are saved, and everyone has theirs.',
    onDone: () => preview.reset(),
    inPlace: true,
  })
  return { preview, apply }
}
