import type { Way } from '#core/games'
import { NumberInput } from '../../parts/form/inputs.tsx'

/** How many play, where a whole room plays together. */
export const CrowdWay = ({ way, setWay }: { way: Way; setWay: (way: Way) => void }) => (
  <>
    . Those who play are{' '}
    <NumberInput
      label="How many play"
      value={way.crew}
      most={10_000}
      className="w-16"
      onValue={(crew) => setWay({ ...way, crew: Math.max(1, crew) })}
    />{' '}
    in all
  </>
)
