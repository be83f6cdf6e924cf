import { cva, type VariantProps } from 'class-variance-authority'
import { clsx } from 'clsx'
import type { ComponentProps } from 'react'
import { Link } from 'react-router'
import { type AreaRights, useAreaRights } from './page/areaRights.tsx'

const button = cva(
  [
    'inline-flex items-center justify-center gap-2 rounded-md border px-3 py-1.5 whitespace-nowrap',
    'transition-colors duration-100 disabled:cursor-not-allowed disabled:opacity-55',
  ],
  {
    variants: {
      /** `main`: the one thing to press in a view. `danger`: takes something away. */
      look: {
        main: 'border-brass bg-brass font-semibold text-on-brass hover:border-brass-hover hover:bg-brass-hover',
        plain: 'border-line bg-panel font-medium text-text hover:bg-raised',
        danger: 'border-brick bg-panel font-medium text-brick-text hover:bg-raised',
        quiet: 'border-transparent font-medium text-muted hover:bg-raised hover:text-text',
      },
    },
    defaultVariants: { look: 'plain' },
  },
)

type Look = VariantProps<typeof button>

export interface ButtonProps extends ComponentProps<'button'>, Look {
  /** The key that does the same, shown on the button. */
  readonly shortcut?: string
  /** How far one must be able to go in the area around it: who may not does not see it. */
  readonly needs?: keyof AreaRights
}

export function Button({ look, shortcut, needs, className, children, type = 'button', ...rest }: ButtonProps) {
  const rights = useAreaRights()
  if (needs !== undefined && !rights[needs]) return null
  return (
    <button type={type} className={button({ look, className })} {...rest}>
      {children}
      {shortcut && <Key>{shortcut}</Key>}
    </button>
  )
}

/** A link to another page that looks like a button. */
export function ButtonLink({ look, className, ...rest }: ComponentProps<typeof Link> & Look) {
  return <Link className={button({ look, className: clsx('pointer-coarse:min-h-touch', className) })} {...rest} />
}

/** A key of the keyboard. */
export function Key({ children }: { children: string }) {
  return (
    <span
      aria-hidden="true"
      className="rounded border border-current/35 px-1.5 font-sans text-xs leading-5 pointer-coarse:hidden"
    >
      {children}
    </span>
  )
}
