import { clsx } from 'clsx'
import { NavLink } from 'react-router'
import { useUnsavedPages } from '../form/drafts.tsx'
import { UnsavedMark } from '../form/UnsavedMark.tsx'

/** A page of those that belong together. */
export interface Tab {
  readonly to: string
  readonly name: string
  /** What is to be known of it before it is opened: how many wait there. */
  readonly note?: string | undefined
}

/** Pages that belong together: their names in a row. */
export function PageTabs({ label, tabs }: { label: string; tabs: readonly Tab[] }) {
  const unsaved = useUnsavedPages()
  return (
    <nav aria-label={label} className="flex flex-wrap gap-x-1 border-b border-line">
      {tabs.map(({ to, name, note }) => (
        <NavLink
          key={to}
          to={to}
          end
          className={({ isActive }) =>
            clsx(
              '-mb-px flex items-center border-b-2 px-3 py-1.5 max-lg:min-h-11',
              isActive ? 'border-brass font-semibold text-text' : 'border-transparent text-text/85 hover:bg-raised',
            )
          }
        >
          {name}
          {note && <span className="ml-1 text-muted">({note})</span>}
          {unsaved.has(to) && <UnsavedMark />}
        </NavLink>
      ))}
    </nav>
  )
}
