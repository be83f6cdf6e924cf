import { clsx } from 'clsx'
import { NavLink, Outlet } from 'react-router'
import { useUnsavedPages } from '../form/drafts.tsx'
import { UnsavedMark } from '../form/UnsavedMark.tsx'

/** Pages that belong together: their names in a row, and the one that is open below. */
export function PageTabs({
  label,
  parts,
}: {
  label: string
  parts: readonly { readonly to: string; readonly name: string }[]
}) {
  const unsaved = useUnsavedPages()
  return (
    <div className="flex h-full max-w-6xl flex-col gap-4">
      <nav aria-label={label} className="flex flex-wrap gap-1 border-b border-line">
        {parts.map(({ to, name }) => (
          <NavLink
            key={to}
            to={to}
            end
            className={({ isActive }) =>
              clsx(
                '-mb-px border-b-2 px-3 py-2',
                isActive ? 'border-brass font-semibold text-text' : 'border-transparent text-text/85 hover:bg-raised',
              )
            }
          >
            {name}
            {unsaved.has(to) && <UnsavedMark />}
          </NavLink>
        ))}
      </nav>
      <div className="min-h-0 flex-1">
        <Outlet />
      </div>
    </div>
  )
}
