import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { firstFault } from '#core/faults'
import { type GoalSettings, PLAIN_GOAL } from '#core/goals'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { SidePanel } from '../../parts/dialog/SidePanel.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { useChange } from '../../parts/useChange.ts'
import { commandsQuery } from '../commands/view.ts'
import { useMay } from '../rights.tsx'
import { wrongWith } from './goalFaults.ts'
import { MilestonesPart } from './MilestonesPart.tsx'
import { PromisePart } from './PromisePart.tsx'
import { ReachedPart } from './ReachedPart.tsx'
import { RulesPart } from './RulesPart.tsx'
import type { DeskGoal, GoalsView } from './view.ts'

const PARTS = ['Promise', 'Milestones', 'When reached', 'Rules']

interface GoalPanelProps {
  readonly view: GoalsView
  /** The goal that is changed. */
  readonly goal: DeskGoal | undefined
  /** What a new one begins like. */
  readonly like: GoalSettings | undefined
  readonly close: () => void
}

type Sending = 'open' | 'plan' | 'save'

const SAID: Readonly<Record<Sending, string>> = {
  open: 'The goal is open.',
  plan: 'The goal is planned.',
  save: 'The goal is changed.',
}

function sendGoal(how: Sending, goal: DeskGoal | undefined, settings: GoalSettings): Sent<unknown> {
  if (goal === undefined) return api.POST('/desk/goals', { body: { settings, opens: how === 'open' } })
  const params = { path: { goal: goal.id } }
  return api.PUT('/desk/goals/{goal}', { params, body: settings, ...changedFrom(goal.settings) })
}

const useCommands = () => {
  const mayDo = useMay()
  return useQuery({ ...commandsQuery, enabled: mayDo('commands', 'look') }).data
}

/** Sets a goal up, or changes one: the promise, the amounts on the way, what happens then, and the rules. */
export function GoalPanel({ view, goal, like, close }: GoalPanelProps) {
  const begins = goal?.settings ?? (like === undefined ? PLAIN_GOAL : { ...like, endsAt: null })
  const kept = useDraft(`goal/${goal?.id ?? (like === undefined ? 'new' : 'again')}`, begins)
  const [part, setPart] = useState('Promise')
  const commands = useCommands()
  const { draft, put: putDraft, discard, changed } = kept
  const save = useChange({
    ask: (how: Sending) => answerOf(sendGoal(how, goal, draft)),
    invalidates: ['goals', 'commands'],
    said: (_, how) => SAID[how],
    onFresh: () => {
      discard()
      close()
    },
    inPlace: true,
  })
  const faults = wrongWith(draft, view, goal, commands)
  const put = (patch: Partial<GoalSettings>) => putDraft({ ...draft, ...patch })
  const foot = <Foot kept={kept} wrong={firstFault(faults)} isNew={goal === undefined} typed={changed} save={save} />
  const props = { draft, put, view, commands, goal }
  return (
    <SidePanel
      title={goal?.title ?? 'Set up a goal'}
      close={close}
      parts={PARTS}
      part={part}
      setPart={setPart}
      foot={foot}
    >
      <DraftFields kept={kept} faults={faults} error={save.error}>
        {part === 'Promise' && <PromisePart {...props} />}
        {part === 'Milestones' && <MilestonesPart {...props} />}
        {part === 'When reached' && <ReachedPart {...props} />}
        {part === 'Rules' && <RulesPart {...props} />}
      </DraftFields>
    </SidePanel>
  )
}

interface FootProps {
  readonly kept: ReturnType<typeof useDraft<GoalSettings>>
  readonly wrong: string | undefined
  readonly isNew: boolean
  readonly typed: boolean
  readonly save: {
    readonly isPending: boolean
    readonly error: Error | null
    readonly mutate: (how: Sending) => void
  }
}

function Foot({ kept, wrong, isNew, typed, save }: FootProps) {
  const off = wrong !== undefined || save.isPending || kept.conflict !== undefined
  return (
    <div className="flex flex-col gap-2">
      {wrong !== undefined && typed && <p className="text-brick-text">{wrong}</p>}
      <DraftConflict conflict={kept.conflict} />
      {save.error && <Problem error={save.error} />}
      <div className="flex flex-wrap items-center gap-2">
        {isNew ? (
          <>
            <Button look="main" disabled={off} onClick={() => save.mutate('open')}>
              Open it now
            </Button>
            <Button disabled={off} onClick={() => save.mutate('plan')}>
              Plan it for later
            </Button>
          </>
        ) : (
          <Button look="main" disabled={off || !typed} onClick={() => save.mutate('save')}>
            Save now
          </Button>
        )}
        {typed && <Button onClick={kept.discard}>Discard</Button>}
      </div>
    </div>
  )
}
