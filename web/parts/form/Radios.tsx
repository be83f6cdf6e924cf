import { clsx } from 'clsx'
import { type ReactNode, useId } from 'react'

interface RadiosProps<T extends string | number> {
  readonly legend: string
  /** Read out and not shown: what stands above says it. */
  readonly legendHidden?: boolean
  readonly value: T
  readonly choices: readonly { readonly value: T; readonly name: ReactNode }[]
  readonly onChoose: (value: T) => void
  /** Beside one another instead of below. */
  readonly inRow?: boolean
}

/** One of several, all in view. */
export function Radios<T extends string | number>({
  legend,
  legendHidden = false,
  value,
  choices,
  onChoose,
  inRow = false,
}: RadiosProps<T>) {
  const group = useId()
  return (
    <fieldset className={clsx('flex flex-wrap gap-x-4 gap-y-1.5', !inRow && 'flex-col')}>
      <legend className={legendHidden ? 'sr-only' : 'mb-1'}>{legend}</legend>
      {choices.map((one) => (
        <label key={one.value} className="flex items-center gap-2 pointer-coarse:min-h-touch">
          <input
            type="radio"
            name={group}
            checked={value === one.value}
            onChange={() => onChoose(one.value)}
            className="size-4 accent-brass"
          />
          {one.name}
        </label>
      ))}
    </fieldset>
  )
}
