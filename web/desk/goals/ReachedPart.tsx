import { checkSteps } from '#core/runs'
import { Checkbox } from '../../parts/form/inputs.tsx'
import { StepList } from '../commands/steps/StepList.tsx'
import { AlertChoice } from './AlertChoice.tsx'
import { aroundSteps } from './goalFaults.ts'
import type { PartProps } from './part.ts'

/** What happens once the goal is reached, and which one follows. */
export function ReachedPart({ draft, put, view, commands }: PartProps) {
  return (
    <div className="flex flex-col gap-4">
      <p className="text-muted">
        Once it is reached, what was chipped in is spent, it goes to those that ended, and these steps are done.
      </p>
      {commands === undefined ? (
        <p className="text-muted">To see and change its steps you need to look at commands. Ask an owner.</p>
      ) : (
        <StepList
          steps={draft.steps}
          setSteps={(steps) => put({ steps })}
          view={commands}
          around={aroundSteps(commands)}
          faults={checkSteps(draft.steps, aroundSteps(commands))}
        />
      )}
      <AlertChoice
        label="Alert when it is reached"
        view={view}
        value={draft.reachedAlert}
        onValue={(reachedAlert) => put({ reachedAlert })}
      />
      <Checkbox on={draft.follows} onTick={(follows) => put({ follows })}>
        If it is planned, it opens by itself once another goal is reached
      </Checkbox>
    </div>
  )
}
