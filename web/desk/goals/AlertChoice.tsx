import { Select } from '../../parts/form/inputs.tsx'
import type { GoalsView } from './view.ts'

interface AlertChoiceProps {
  readonly label: string
  readonly view: GoalsView
  readonly value: number | null
  readonly onValue: (value: number | null) => void
}

/** One of the list of alerts, or none. */
export const AlertChoice = ({ label, view, value, onValue }: AlertChoiceProps) => (
  <p className="flex flex-wrap items-center gap-2">
    <span>{label}</span>
    <Select
      label={label}
      value={String(value ?? '')}
      choices={[{ value: '', name: 'no alert' }, ...view.alerts.map(({ id, name }) => ({ value: String(id), name }))]}
      onChoose={(id) => onValue(id === '' ? null : Number(id))}
    />
  </p>
)
