import { Trash2 } from 'lucide-react'
import type { Branch, Step, StepOf } from '#core/steps'
import { Button } from '../../../parts/Button.tsx'
import { NumberInput, TextInput } from '../../../parts/form/inputs.tsx'
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
          <BranchHead
            branch={branch}
            place={i + 1}
            share={branch.weight / Math.max(1, total)}
            put={(patch) => put(i, patch)}
            remove={
              branches.length > 2 ? () => setStep({ ...step, branches: branches.filter((_, k) => k !== i) }) : undefined
            }
          />
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

interface BranchHeadProps {
  readonly branch: Branch
  /** From 1. */
  readonly place: number
  /** How likely it is, from 0 to 1. */
  readonly share: number
  readonly put: (patch: Partial<Branch>) => void
  /** Undefined: there must be two. */
  readonly remove: (() => void) | undefined
}

function BranchHead({ branch, place, share, put, remove }: BranchHeadProps) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <TextInput
        aria-label={`Name of branch ${place}`}
        value={branch.name}
        most={60}
        placeholder={`branch ${place}`}
        onValue={(name) => put({ name })}
        className="w-40"
      />
      <span>weight</span>
      <NumberInput
        label={`Weight of branch ${place}`}
        value={branch.weight}
        most={1_000_000}
        onValue={(weight) => put({ weight: Math.max(1, weight) })}
        className="w-20"
      />
      <span className="tabular text-muted">{percent.format(share)}</span>
      {remove && (
        <Button look="quiet" className="ml-auto" aria-label={`Remove branch ${place}`} onClick={remove}>
          <Trash2 aria-hidden="true" className="size-4" />
        </Button>
      )}
    </div>
  )
}
