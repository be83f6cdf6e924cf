import { clsx } from 'clsx'
import { digits } from '#core/currency'

/** A whole number in tabular figures. Signed ones say paid in and out by sign as well as colour. */
export function Figure({ value, signed = false, className }: { value: number; signed?: boolean; className?: string }) {
  const sign = !signed || value === 0 ? '' : value > 0 ? '+' : '−'
  const colour = !signed || value === 0 ? '' : value > 0 ? 'text-moss-text' : 'text-brick-text'
  return (
    <span className={clsx('tabular whitespace-nowrap', colour, className)}>
      {sign}
      {digits(Math.abs(value))}
    </span>
  )
}
