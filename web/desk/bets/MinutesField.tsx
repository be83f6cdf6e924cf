import { NumberInput } from '../../parts/form/inputs.tsx'

interface MinutesProps {
  readonly seconds: number
  readonly onValue: (seconds: number) => void
}

/** For how many minutes betting is open; nothing: until somebody locks it. */
export const MinutesField = ({ seconds, onValue }: MinutesProps) => (
  <p className="flex flex-wrap items-center gap-2">
    Betting is open for
    <NumberInput
      label="Minutes that betting is open"
      value={Math.round(seconds / 60)}
      none="–"
      most={10_080}
      className="w-20"
      onValue={(minutes) => onValue(minutes * 60)}
    />
    minutes {seconds === 0 && <span className="text-muted">(until you lock it)</span>}
  </p>
)
