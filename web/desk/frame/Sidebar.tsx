import { clsx } from 'clsx'
import { NavLink } from 'react-router'
import { useUnsavedPages } from '../../parts/form/drafts.tsx'
import { UnsavedMark } from '../../parts/form/UnsavedMark.tsx'
import { useStatus } from '../status.ts'
import { OwnButtons } from './OwnButtons.tsx'
import { isUnsaved, pagesFor } from './pages.ts'
import { useAhead } from './useAhead.ts'

/** The pages at the left, and what is about whoever sits here. */
export function Sidebar() {
  const status = useStatus()
  const { caller, owner } = status
  const unsaved = useUnsavedPages()
  const ahead = useAhead()
  return (
    <nav aria-label="Pages" className="flex w-40 shrink-0 flex-col overflow-y-auto border-r border-line bg-panel py-4">
      <p className="mb-3 px-4 font-semibold break-words">{status.channel.name}</p>
      {pagesFor(status).map(({ group, pages }) => (
        <div key={group} className="mb-4">
          <p className="px-4 pb-1 text-tiny text-muted">{group}</p>
          {pages.map(({ to, name }) => (
            <NavLink
              key={to}
              to={to}
              end={to === '/'}
              {...ahead(to)}
              className={({ isActive }) =>
                clsx(
                  'block border-l-3 px-3 py-1.5',
                  isActive
                    ? 'border-brass bg-raised font-semibold text-text'
                    : 'border-transparent text-text/85 hover:bg-raised',
                )
              }
            >
              {name}
              {isUnsaved(to, unsaved) && <UnsavedMark />}
            </NavLink>
          ))}
        </div>
      ))}
      <div className="mt-auto flex flex-col items-stretch gap-1 px-2 text-sm">
        <OwnButtons caller={caller} owner={owner} />
      </div>
    </nav>
  )
}
