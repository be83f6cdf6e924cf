import { Trash2 } from 'lucide-react'
import type { Branch, Step, StepOf } from '#core/steps'
import { Button } from '../../../parts/Button.tsx'
import { INPUT, NumberInput } from '../../../parts/form/inputs.tsx'
import { type StepsFor, useNestedSteps } from './nested.ts'

interface BranchFieldsProps extends StepsFor {
  readonly step: StepOf<'choose'>
  readonly at: readonly number[]
  readonly setStep: (step: Step) => void
}

const percent = new Intl.NumberFormat('en', { style: 'percent', maximumFractionDigits: 1 })

/** Branches with their weights, and how likely each of them is. */
export function BranchFields({ step, at, setStep, ...around }: BranchFieldsProps) {
  const StepList = useNestedSteps()
  const { branches } = step
  const total = branches.reduce((sum, { weight }) => sum + weight, 0)
  const put = (i: number, patch: Partial<Branch>) =>
    setStep({ ...step, branches: branches.map((one, k) => (k === i ? { ...one, ...patch } : one)) })
  return (
    <div className="flex flex-col gap-3">
      {branches.map((branch, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a branch is its place
        <div key={i} className="flex flex-col gap-2 border-l-2 border-line pl-3">
          <div className="flex flex-wrap items-center gap-2">
            <input
              aria-label={`Name of branch ${i + 1}`}
              value={branch.name}
              maxLength={60}
              placeholder={`branch ${i + 1}`}
              onChange={(event) => put(i, { name: event.target.value })}
              className={`w-40 ${INPUT} placeholder:text-muted`}
            />
            <span>weight</span>
            <NumberInput
              label={`Weight of branch ${i + 1}`}
              value={branch.weight}
              most={1_000_000}
              onValue={(weight) => put(i, { weight: Math.max(1, weight) })}
              className="w-20"
            />
            <span className="tabular text-muted">{percent.format(branch.weight / Math.max(1, total))}</span>
            {branches.length > 2 && (
              <Button
                look="quiet"
                className="ml-auto"
                aria-label={`Remove branch ${i + 1}`}
                onClick={() => setStep({ ...step, branches: branches.filter((_, k) => k !== i) })}
              >
                <Trash2 aria-hidden="true" className="size-4" />
              </Button>
            )}
          </div>
          <StepList
            {...around}
            steps={branch.steps}
            setSteps={(steps) => put(i, { steps })}
            at={[...at, i]}
            label={branch.name || `branch ${i + 1}`}
          />
        </div>
      ))}
      <Button
        className="self-start"
        disabled={branches.length >= 20}
        onClick={() => setStep({ ...step, branches: [...branches, { weight: 1, name: '', steps: [] }] })}
      >
        Add a branch
      </Button>
    </div>
  )
}
