import { NavLink } from 'react-router'
import { useChannel } from './channel.ts'

const PAGES = [
  { to: '/bets', name: 'Bets' },
  { to: '/goals', name: 'Goals' },
] as const

/** From bets to goals and back, where a channel has both: they share a place at the foot. */
export function Together() {
  const { bets, goals } = useChannel()
  if (!bets || !goals) return null
  return (
    <nav aria-label="Bets and goals" className="mb-4 flex gap-2">
      {PAGES.map(({ to, name }) => (
        <NavLink
          key={to}
          to={to}
          className={({ isActive }) =>
            `inline-flex min-h-touch items-center rounded-md border px-4 ${isActive ? 'border-brass font-semibold' : 'border-line text-muted'}`
          }
        >
          {name}
        </NavLink>
      ))}
    </nav>
  )
}
