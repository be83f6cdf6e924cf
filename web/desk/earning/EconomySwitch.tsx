import { api } from '../../parts/api.ts'
import { Switch } from '../../parts/form/Switch.tsx'
import { useStatus } from '../status.ts'

/** The one switch of the whole economy. */
export function EconomySwitch() {
  const { economy } = useStatus()
  return (
    <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <Switch
        on={economy}
        label="Earning and spending"
        turn={(on) => api.PUT('/desk/economy', { body: { on } })}
        refreshes="status"
      />
      <span className="font-semibold">Earning and spending</span>
      <span className="text-note text-muted">
        {economy
          ? 'Switch it off, and nothing is earned or bought; chat and viewer pages say so, and everybody keeps what they have.'
          : 'Off: nothing is earned or bought, and what is watched now is not made up for.'}
      </span>
    </p>
  )
}
