import { type ReactNode, useId, useState } from 'react'
import { AMOUNT, type Range, readTimes, readWhole, unitOf } from './amounts.ts'
import type { Draft } from './draft.ts'

export const INPUT = 'rounded-md border border-line bg-surface px-2.5 py-1.5 aria-invalid:border-brick'

interface RowProps {
  readonly label: string
  readonly hint?: ReactNode
  readonly problem?: string | undefined
  readonly children: (field: { id: string; 'aria-invalid': boolean; 'aria-describedby': string }) => ReactNode
}

/** One setting on a line: its name, its field, and what it means or what is wrong with it. */
export function Row({ label, hint, problem, children }: RowProps) {
  const id = useId()
  return (
    <div className="flex flex-wrap items-center gap-x-3">
      <label htmlFor={id} className="min-w-0 flex-1">
        {label}
      </label>
      {children({ id, 'aria-invalid': problem !== undefined, 'aria-describedby': `${id}-note` })}
      <p id={`${id}-note`} className={`w-full text-note ${problem ? 'text-brick-text' : 'text-muted'}`}>
        {problem ?? hint}
      </p>
    </div>
  )
}

interface NumberRowProps {
  readonly draft: Draft
  readonly name: string
  readonly label: string
  readonly hint?: ReactNode
  readonly value: number
  readonly range?: Range
  readonly onValue: (value: number) => void
}

/** What is typed in a field, read at every stroke: what can be read goes into the draft, what cannot says why. */
export function useTyped<T>(
  draft: Draft,
  name: string,
  shown: string,
  read: (text: string) => T | string,
  onValue: (value: T) => void,
) {
  const [text, setText] = useState(shown)
  return {
    value: text,
    onChange: (event: { target: { value: string } }) => {
      setText(event.target.value)
      const value = read(event.target.value)
      draft.setProblem(name, typeof value === 'string' ? value : undefined)
      if (typeof value !== 'string') onValue(value)
    },
  }
}

export function NumberRow({ draft, name, label, hint, value, range = AMOUNT, onValue }: NumberRowProps) {
  const typed = useTyped<number>(draft, name, String(value), (text) => readWhole(text, range), onValue)
  return (
    <Row label={label} hint={hint} problem={draft.problems[name]}>
      {(field) => <input {...field} {...typed} inputMode="numeric" className={`tabular w-24 text-right ${INPUT}`} />}
    </Row>
  )
}

const UNITS = [
  { unit: 1, name: 'seconds' },
  { unit: 60, name: 'minutes' },
  { unit: 3600, name: 'hours' },
] as const

interface UnitChoiceProps {
  readonly label: string
  readonly unit: number
  readonly choose: (unit: number) => void
}

const UnitChoice = ({ label, unit, choose }: UnitChoiceProps) => (
  <select
    aria-label={`Unit of: ${label}`}
    value={unit}
    onChange={(event) => choose(Number(event.target.value))}
    className={INPUT}
  >
    {UNITS.map(({ unit: one, name: words }) => (
      <option key={one} value={one}>
        {words}
      </option>
    ))}
  </select>
)

/** A length of time, in a unit of choice. */
export function TimeRow({ draft, name, label, hint, value, range = AMOUNT, onValue }: NumberRowProps) {
  const start = unitOf(value)
  const [unit, setUnit] = useState<number>(start.unit)
  const [text, setText] = useState(String(start.value))
  const take = (nextText: string, nextUnit: number) => {
    setText(nextText)
    setUnit(nextUnit)
    const read = readWhole(nextText, { least: 0, most: 1_000_000 })
    const seconds = typeof read === 'string' ? Number.NaN : read * nextUnit
    const fits = seconds >= range.least && seconds <= range.most
    draft.setProblem(
      name,
      fits ? undefined : `Type a time from ${range.least} seconds to ${Math.floor(range.most / 3600)} hours.`,
    )
    if (fits) onValue(seconds)
  }
  return (
    <Row label={label} hint={hint} problem={draft.problems[name]}>
      {(field) => (
        <span className="flex gap-1.5">
          <input
            {...field}
            value={text}
            onChange={(event) => take(event.target.value, unit)}
            inputMode="numeric"
            className={`tabular w-16 text-right ${INPUT}`}
          />
          <UnitChoice label={label} unit={unit} choose={(next) => take(text, next)} />
        </span>
      )}
    </Row>
  )
}

/** A multiplier, written as 1.5 and kept as 150 hundredths. */
export function TimesInput({ draft, name, label, value, onValue }: Omit<NumberRowProps, 'hint' | 'range'>) {
  const typed = useTyped<number>(draft, name, String(value / 100), readTimes, onValue)
  return (
    <input
      {...typed}
      aria-label={label}
      aria-invalid={draft.problems[name] !== undefined}
      inputMode="decimal"
      className={`tabular w-16 text-right ${INPUT}`}
    />
  )
}

/** A whole number in a table, named by its row and column. */
export function AmountInput({ draft, name, label, value, onValue }: Omit<NumberRowProps, 'hint' | 'range'>) {
  const typed = useTyped<number>(draft, name, String(value), (text) => readWhole(text, AMOUNT), onValue)
  return (
    <input
      {...typed}
      aria-label={label}
      aria-invalid={draft.problems[name] !== undefined}
      inputMode="numeric"
      className={`tabular w-20 text-right ${INPUT}`}
    />
  )
}

export function TickRow({
  label,
  value,
  onValue,
}: {
  label: string
  value: boolean
  onValue: (value: boolean) => void
}) {
  return (
    <label className="flex items-center gap-2">
      <input
        type="checkbox"
        checked={value}
        onChange={(event) => onValue(event.target.checked)}
        className="size-4 accent-brass"
      />
      {label}
    </label>
  )
}
