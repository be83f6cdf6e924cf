import { Link } from 'react-router'
import { useStatus } from '../status.ts'

/** Beside the first step of an empty page, for owners: the other way to begin. */
export function OrStarter() {
  if (!useStatus().owner) return null
  return (
    <Link to="/set-up" className="underline underline-offset-2">
      or take a starter made for your audience
    </Link>
  )
}
