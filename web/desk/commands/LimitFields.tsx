import type { Limits } from '#core/access'
import { Checkbox, NumberInput } from '../../parts/form/inputs.tsx'

interface LimitFieldsProps {
  readonly limits: Limits
  readonly setLimits: (limits: Limits) => void
  readonly onAir: boolean
  readonly setOnAir: (onAir: boolean) => void
  /** Whether somebody sets it off: if not, there is no limit for each viewer. */
  readonly viewer: boolean
}

/** How often something may be used. */
export function LimitFields({ limits, setLimits, onAir, setOnAir, viewer }: LimitFieldsProps) {
  const number = (name: keyof Limits, label: string, most: number) => (
    <NumberInput
      label={label}
      value={limits[name]}
      most={most}
      none="–"
      onValue={(value) => setLimits({ ...limits, [name]: value })}
    />
  )
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">How often</legend>
      <div className="grid cols-figures items-center gap-x-3 gap-y-1.5">
        <span>Cooldown for everyone</span>
        {number('everyoneSeconds', 'Cooldown for everyone, in seconds', 86_400)}
        <span className="text-muted">seconds</span>
        {viewer && (
          <>
            <span>Cooldown per viewer</span>
            {number('eachSeconds', 'Cooldown per viewer, in seconds', 86_400)}
            <span className="text-muted">seconds</span>
            <span>Per viewer and show</span>
            {number('perViewer', 'Times for each viewer in one show', 1_000_000)}
            <span className="text-muted">times</span>
          </>
        )}
        <span>In total per show (1: only the first)</span>
        {number('perShow', 'Times in one show', 1_000_000)}
        <span className="text-muted">times</span>
      </div>
      <Checkbox on={onAir} onTick={setOnAir}>
        Only while the show is on air
      </Checkbox>
    </fieldset>
  )
}
