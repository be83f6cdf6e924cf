import { useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { GripVertical, Trash2 } from 'lucide-react'
import type { Step } from '#core/steps'
import { Button } from '../../../parts/Button.tsx'
import { formOf } from './forms.ts'
import type { StepsFor } from './nested.ts'
import { StepFields } from './StepFields.tsx'

interface StepCardProps extends StepsFor {
  readonly mark: string
  readonly step: Step
  readonly at: readonly number[]
  readonly setStep: (step: Step) => void
  readonly remove: () => void
}

/** One step: what it is, its fields, and what is wrong with it. */
export function StepCard({ mark, step, at, faults, setStep, remove, ...around }: StepCardProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: mark,
  })
  const own = faults.filter((fault) => String(fault.at) === String(at))
  const number = (at.at(-1) ?? 0) + 1
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`rounded-md border bg-panel ${own.some(({ hint }) => !hint) ? 'border-brick' : 'border-line'} ${isDragging ? 'z-10 opacity-80' : ''}`}
    >
      <div className="flex items-center gap-2 border-b border-line px-2 py-1">
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Move step ${number}, ${formOf(step.do).name}`}
          className="cursor-grab touch-none rounded p-1 text-muted hover:text-text"
        >
          <GripVertical aria-hidden="true" className="size-4" />
        </button>
        <span className="tabular text-muted">{number}</span>
        <span className="font-semibold">{formOf(step.do).name}</span>
        <Button look="quiet" className="ml-auto px-2!" aria-label={`Remove step ${number}`} onClick={remove}>
          <Trash2 aria-hidden="true" className="size-4" />
        </Button>
      </div>
      <div className="flex flex-col gap-2 px-3 py-2.5">
        <StepFields step={step} at={at} faults={faults} setStep={setStep} {...around} />
        {own.map(({ sentence, hint }) => (
          <p key={sentence} role={hint ? 'note' : 'alert'} className={hint ? 'text-brass-text' : 'text-brick-text'}>
            {sentence}
          </p>
        ))}
      </div>
    </li>
  )
}
