import { NumberInput } from '../../parts/form/inputs.tsx'
import { DecimalInput } from './DecimalInput.tsx'

interface RowProps {
  readonly label: string
  readonly value: number
  readonly unit: string
  readonly most?: number
  readonly least?: number
  readonly none?: string
  readonly onValue: (value: number) => void
}

/** A figure with what it is of. */
export function FigureRow({ label, value, unit, most, least = 0, none, onValue }: RowProps) {
  return (
    <>
      <span>{label}</span>
      <NumberInput
        label={label}
        value={value}
        onValue={(n) => onValue(Math.max(least, n))}
        {...(most !== undefined && { most })}
        {...(none !== undefined && { none })}
      />
      <span className="text-muted">{unit}</span>
    </>
  )
}

interface DecimalRowProps extends Pick<RowProps, 'label' | 'value' | 'unit' | 'onValue'> {
  /** A whole number, of which so many are one of what is shown. */
  readonly per: 100 | 10_000
  readonly least?: number
  readonly most: number
}

/** A figure with decimals, with what it is of. */
export const DecimalRow = ({ label, unit, ...input }: DecimalRowProps) => (
  <>
    <span>{label}</span>
    <DecimalInput label={label} className="w-24" {...input} />
    <span className="text-muted">{unit}</span>
  </>
)

export const FIGURES = 'grid max-w-xl cols-figures items-center gap-x-3 gap-y-2'
