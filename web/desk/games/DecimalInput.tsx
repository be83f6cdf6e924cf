import { useState } from 'react'
import { INPUT } from '../../parts/form/inputs.tsx'

interface DecimalInputProps {
  readonly label: string
  /** A whole number, of which so many are one of what is shown: 196 of 100 is 1.96. */
  readonly value: number
  readonly per: 100 | 10_000
  readonly least?: number
  readonly most: number
  readonly onValue: (value: number) => void
  readonly className?: string
}

/** A figure with decimals, kept as a whole number of its smallest parts. While it is typed it may be empty. */
export function DecimalInput({ label, value, per, least = 0, most, onValue, className = 'w-20' }: DecimalInputProps) {
  const [typed, setTyped] = useState<string>()
  return (
    <input
      aria-label={label}
      value={typed ?? String(value / per)}
      inputMode="decimal"
      onChange={(event) => {
        const kept = event.target.value
          .replace(',', '.')
          .replace(/[^\d.]/g, '')
          .slice(0, 9)
        setTyped(kept)
        if (Number.isFinite(Number(kept))) onValue(Math.min(most, Math.max(least, Math.round(Number(kept) * per))))
      }}
      onBlur={() => setTyped(undefined)}
      className={`tabular text-right ${className} ${INPUT}`}
    />
  )
}
