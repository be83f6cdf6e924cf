import { CircleAlert, CircleCheck } from 'lucide-react'
import { useState } from 'react'
import { agrees, type CheckedStep } from '#core/games'
import { Button } from '../../parts/Button.tsx'
import { type ColumnHead, ColumnHeads } from '../../parts/table/ColumnHeads.tsx'

const FIRST = 20

/** Whether something is as it was told, in a sentence. */
export function Verdict({ good, children }: { good: boolean; children: React.ReactNode }) {
  const Icon = good ? CircleCheck : CircleAlert
  return (
    <li className="flex items-start gap-2">
      <Icon aria-hidden="true" className={`mt-0.5 size-5 shrink-0 ${good ? 'text-moss-text' : 'text-brick-text'}`} />
      <span>{children}</span>
    </li>
  )
}

/** Whether all steps match. @param nothing - Said where there is no step. */
export function AllSteps({ steps, nothing }: { steps: readonly CheckedStep[]; nothing: string }) {
  const wrong = steps.filter((step) => !agrees(step)).length
  return (
    <Verdict good={wrong === 0}>
      {steps.length === 0
        ? nothing
        : wrong === 0
          ? `All ${steps.length} ${steps.length === 1 ? 'step matches' : 'steps match'}.`
          : `${wrong} of ${steps.length} steps do not match.`}
    </Verdict>
  )
}

const HEADS: readonly ColumnHead[] = [
  { name: 'Step', className: 'w-2/5' },
  { name: 'computed here' },
  { name: 'published' },
]

/** What was computed here beside what was published, step by step. */
export function CheckedSteps({ steps }: { steps: readonly CheckedStep[] }) {
  const [all, setAll] = useState(false)
  const shown = all ? steps : steps.slice(0, FIRST)
  if (steps.length === 0) return null
  return (
    <>
      <table className="mt-3 w-full table-fixed text-note">
        <ColumnHeads heads={HEADS} />
        <tbody>
          {shown.map((step, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps never change their place
            <tr key={i} className="border-t border-line align-top">
              <td className="py-1.5 pr-3">
                {step.what}
                <span className="block font-mono text-tiny wrap-anywhere text-muted">{step.label}</span>
              </td>
              <td className="pr-3 wrap-anywhere">{step.drawn}</td>
              <td className={agrees(step) ? 'wrap-anywhere' : 'text-brick-text wrap-anywhere'}>{step.told}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {shown.length < steps.length && (
        <Button className="mt-3" onClick={() => setAll(true)}>
          Show all {steps.length}
        </Button>
      )}
    </>
  )
}
