import { clsx } from 'clsx'
import { type ComponentProps, cloneElement, type ReactElement, type ReactNode, useId, useState } from 'react'

export const INPUT = 'rounded-md border border-line bg-surface px-2.5 py-1.5 aria-invalid:border-brick'

/** What a field hands to its control. */
interface Controlled {
  readonly 'aria-describedby'?: string
  readonly 'aria-invalid'?: boolean
  readonly value?: unknown
  readonly onValue?: unknown
}

export interface FieldProps {
  readonly label: string
  readonly hint?: ReactNode
  /** What is wrong with it, and what to change. */
  readonly error?: string | undefined
  /** What it is counted in, behind it. */
  readonly unit?: string
  /** The control itself. */
  readonly children: ReactElement<Controlled>
}

/** A label above its field, with an explanation below, which is read out as the field's description; so is what is wrong. */
export function Field({ label, hint, error, unit, children }: FieldProps) {
  const id = useId()
  const described = cloneElement(children, {
    ...((hint !== undefined || error !== undefined) && { 'aria-describedby': id }),
    ...(error !== undefined && { 'aria-invalid': true }),
  })
  return (
    <div className="flex flex-col gap-1">
      {/* biome-ignore lint/a11y/noLabelWithoutControl: the control is the child */}
      <label className="flex flex-col gap-1">
        <span>{label}</span>
        {unit === undefined ? (
          described
        ) : (
          <span className="flex items-center gap-2">
            {described} <span className="text-muted">{unit}</span>
          </span>
        )}
      </label>
      <div id={id} className="flex flex-col gap-1 text-note empty:hidden">
        {error !== undefined && <p className="text-brick-text">{error}</p>}
        {hint && <span className="text-muted">{hint}</span>}
      </div>
    </div>
  )
}

interface NumberInputProps {
  readonly label: string
  readonly value: number
  readonly onValue: (value: number) => void
  readonly most?: number
  /** What an empty field or 0 means, shown in place of the figure. */
  readonly none?: string
  readonly className?: string
}

/** A whole number from 0. While it is typed it may be empty. */
export function NumberInput({
  label,
  value,
  onValue,
  most = 1_000_000_000,
  none,
  className = 'w-24',
}: NumberInputProps) {
  const [typed, setTyped] = useState<string>()
  const shown = typed ?? (value === 0 && none !== undefined ? '' : String(value))
  return (
    <input
      aria-label={label}
      value={shown}
      inputMode="numeric"
      placeholder={none}
      onChange={(event) => {
        const kept = event.target.value.replace(/\D/g, '').slice(0, 10)
        setTyped(kept)
        onValue(Math.min(most, Number(kept) || 0))
      }}
      onBlur={() => setTyped(undefined)}
      className={`tabular text-right placeholder:text-muted ${className} ${INPUT}`}
    />
  )
}

interface TextInputProps extends Omit<ComponentProps<'input'>, 'value' | 'onChange' | 'maxLength'> {
  readonly value: string
  readonly onValue: (value: string) => void
  /** The most characters. */
  readonly most: number
}

/** A line of text. */
export const TextInput = ({ value, onValue, most, className, ...rest }: TextInputProps) => (
  <input
    value={value}
    maxLength={most}
    onChange={(event) => onValue(event.target.value)}
    className={clsx(INPUT, 'placeholder:text-muted', className)}
    {...rest}
  />
)

interface TextAreaProps extends Omit<ComponentProps<'textarea'>, 'value' | 'onChange' | 'maxLength'> {
  readonly value: string
  readonly onValue: (value: string) => void
  /** The most characters. */
  readonly most: number
}

/** A text of several lines. */
export const TextArea = ({ value, onValue, most, className, ...rest }: TextAreaProps) => (
  <textarea
    value={value}
    maxLength={most}
    onChange={(event) => onValue(event.target.value)}
    className={clsx(INPUT, 'placeholder:text-muted', className)}
    {...rest}
  />
)

interface SliderProps {
  readonly label: string
  /** 0 to 100. */
  readonly value: number
  readonly onValue: (value: number) => void
  /** Called when it is let go. */
  readonly onDone?: () => void
}

/** A figure from 0 to 100, by sliding. */
export function Slider({ label, value, onValue, onDone }: SliderProps) {
  return (
    <label className="flex items-center gap-2">
      {label}
      <input
        type="range"
        min={0}
        max={100}
        value={value}
        onChange={(event) => onValue(Number(event.target.value))}
        onPointerUp={onDone}
        className="min-w-0 flex-1 accent-brass"
      />
      <span className="tabular w-8 text-right text-muted">{value}</span>
    </label>
  )
}

/** A box to tick, with its words behind it. */
export function Checkbox({
  on,
  onTick,
  children,
}: {
  on: boolean
  onTick: (on: boolean) => void
  children: ReactNode
}) {
  return (
    <label className="flex items-start gap-2">
      <input
        type="checkbox"
        checked={on}
        onChange={(event) => onTick(event.target.checked)}
        className="mt-1 size-4 shrink-0 accent-brass"
      />
      <span>{children}</span>
    </label>
  )
}

interface ChooseProps<T extends string> {
  readonly label: string
  readonly value: T
  readonly choices: readonly { readonly value: T; readonly name: string }[]
  readonly onChoose: (value: T) => void
  readonly className?: string
}

/** One of several, as a list that opens. */
export function Select<T extends string>({ label, value, choices, onChoose, className = '' }: ChooseProps<T>) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => onChoose(event.target.value as T)}
      className={`${INPUT} ${className}`}
    >
      {choices.map((one) => (
        <option key={one.value} value={one.value}>
          {one.name}
        </option>
      ))}
    </select>
  )
}

/** Words apart by spaces or commas, as a list. */
export const splitWords = (text: string): string[] => text.split(/[\s,!]+/).filter((word) => word !== '')
