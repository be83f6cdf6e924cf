import { clsx } from 'clsx'
import { NavLink, Outlet } from 'react-router'

const PARTS = [
  { to: '/commands', name: 'Commands' },
  { to: '/commands/triggers', name: 'Triggers' },
  { to: '/commands/tallies', name: 'Tallies' },
  { to: '/commands/log', name: 'What ran' },
  { to: '/commands/words', name: 'Built-in words' },
  { to: '/commands/voice', name: 'The bot’s voice' },
]

/** The pages about what chat understands and what happens then. */
export function CommandsFrame() {
  return (
    <div className="flex h-full max-w-6xl flex-col gap-4">
      <nav aria-label="About commands" className="flex flex-wrap gap-1 border-b border-line">
        {PARTS.map(({ to, name }) => (
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
          </NavLink>
        ))}
      </nav>
      <div className="min-h-0 flex-1">
        <Outlet />
      </div>
    </div>
  )
}
