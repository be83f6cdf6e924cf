import type { Milestone } from '#core/goals'
import { checkSteps } from '#core/runs'
import { Button } from '../../parts/Button.tsx'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { NumberInput, TextInput } from '../../parts/form/inputs.tsx'
import { StepList } from '../commands/steps/StepList.tsx'
import { useStatus } from '../status.ts'
import { AlertChoice } from './AlertChoice.tsx'
import { aroundSteps } from './goalFaults.ts'
import type { PartProps } from './part.ts'

/** Amounts on the way, each with what happens once it is reached. */
export function MilestonesPart(props: PartProps) {
  const { draft, put, view } = props
  const { milestones, target } = draft
  const last = milestones.at(-1)?.at ?? 0
  const add = () => put({ milestones: [...milestones, { at: Math.floor((last + target) / 2), name: '', steps: [] }] })
  return (
    <div className="flex flex-col gap-4">
      <p className="text-muted">
        Each is reached once, in order, even if one part passes several; its steps are done then, in the name of who
        gave.
      </p>
      <FaultsAt name="milestones">
        <ol className="flex flex-col gap-4">
          {milestones.map((_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a milestone is its place in the list
            <MilestoneRow key={i} {...props} at={i} />
          ))}
        </ol>
      </FaultsAt>
      {milestones.length < 10 && (
        <div>
          <Button onClick={add}>Add a milestone</Button>
        </div>
      )}
      <AlertChoice
        label="Alert at a milestone"
        view={view}
        value={draft.milestoneAlert}
        onValue={(milestoneAlert) => put({ milestoneAlert })}
      />
    </div>
  )
}

function MilestoneRow({ draft, put, commands, goal, at: place }: PartProps & { at: number }) {
  const { currency } = useStatus()
  const milestone = draft.milestones[place]
  if (milestone === undefined) return null
  const passed = place < (goal?.reached ?? 0)
  const set = (patch: Partial<Milestone>) =>
    put({ milestones: draft.milestones.map((one, i) => (i === place ? { ...one, ...patch } : one)) })
  return (
    <li className="flex flex-col gap-2 rounded-md border border-line p-3">
      <div className="flex flex-wrap items-center gap-2">
        <NumberInput label={`Amount of milestone ${place + 1}`} value={milestone.at} onValue={(at) => set({ at })} />
        <span className="text-muted">{currency.many}</span>
        <TextInput
          aria-label={`Name of milestone ${place + 1}`}
          placeholder="Half of it"
          most={60}
          value={milestone.name}
          onValue={(name) => set({ name })}
          className="min-w-0 flex-1"
        />
        <Button
          look="quiet"
          disabled={passed}
          aria-label={`Remove milestone ${place + 1}`}
          onClick={() => put({ milestones: draft.milestones.filter((_, i) => i !== place) })}
        >
          Remove
        </Button>
      </div>
      {passed && <p className="text-note text-moss-text">It is reached.</p>}
      <MilestoneSteps commands={commands} label={`Steps of milestone ${place + 1}`} milestone={milestone} set={set} />
    </li>
  )
}

interface StepsProps extends Pick<PartProps, 'commands'> {
  readonly label: string
  readonly milestone: Milestone
  readonly set: (patch: Partial<Milestone>) => void
}

const MilestoneSteps = ({ commands, label, milestone: { steps }, set }: StepsProps) =>
  commands && (
    <StepList
      label={label}
      steps={steps}
      setSteps={(next) => set({ steps: next })}
      view={commands}
      around={aroundSteps(commands)}
      faults={checkSteps(steps, aroundSteps(commands))}
    />
  )
