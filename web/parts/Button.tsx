import { clsx } from 'clsx'
import type { ComponentProps } from 'react'

export interface ButtonProps extends ComponentProps<'button'> {
  /** `main`: the one thing to press in a view. `danger`: takes something away. */
  readonly look?: 'main' | 'plain' | 'danger' | 'quiet'
  /** The key that does the same, shown on the button. */
  readonly shortcut?: string
}

const LOOKS = {
  main: 'bg-brass text-on-brass border-brass hover:bg-brass-hover hover:border-brass-hover font-semibold',
  plain: 'bg-panel text-text border-line hover:bg-raised font-medium',
  danger: 'bg-panel text-brick-text border-brick hover:bg-raised font-medium',
  quiet: 'border-transparent text-muted hover:text-text hover:bg-raised font-medium',
}

export function Button({ look = 'plain', shortcut, className, children, type = 'button', ...rest }: ButtonProps) {
  return (
    <button
      type={type}
      className={clsx(
        'inline-flex items-center justify-center gap-2 whitespace-nowrap rounded-md border px-3 py-1.5 transition-colors duration-100',
        'disabled:cursor-not-allowed disabled:opacity-55',
        LOOKS[look],
        className,
      )}
      {...rest}
    >
      {children}
      {shortcut && <Key>{shortcut}</Key>}
    </button>
  )
}

/** A key of the keyboard. */
export function Key({ children }: { children: string }) {
  return (
    <span
      aria-hidden="true"
      className="rounded border border-current/35 pointer-coarse:hidden px-1.5 font-sans text-[0.75rem] leading-5"
    >
      {children}
    </span>
  )
}
