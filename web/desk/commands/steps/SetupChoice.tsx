import { Select } from '../../../parts/form/inputs.tsx'
import type { CommandsView } from '../view.ts'

/** The template of a raffle that a step is about. */
export const SetupChoice = ({
  view,
  value,
  onValue,
}: {
  view: CommandsView
  value: number
  onValue: (setup: number) => void
}) =>
  view.setups.length === 0 ? (
    <span className="text-muted">Save a template under Raffles first: this step starts one.</span>
  ) : (
    <Select
      label="Template of the raffle"
      value={String(value)}
      choices={view.setups.map(({ id, settings }) => ({ value: String(id), name: settings.title }))}
      onChoose={(setup) => onValue(Number(setup))}
    />
  )
