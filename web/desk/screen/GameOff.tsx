import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { GAME_NAMES, GAMES } from '#core/games'
import { type PieceKind, showsGame } from '#core/screen'
import { gamesQuery } from '../games/view.ts'
import { useMay } from '../rights.tsx'

/** Why the piece of a game stays empty: every game that it shows is off. */
export function GameOff({ of }: { of: PieceKind }) {
  const mayDo = useMay()
  const shown = GAMES.filter((game) => showsGame(of, game))
  const { data } = useQuery({ ...gamesQuery, enabled: mayDo('games', 'look') && shown.length > 0 })
  if (data === undefined || shown.length === 0 || shown.some((game) => data.settings[game].on)) return null
  return (
    <p className="rounded-md border border-line bg-panel px-3 py-2 text-sm">
      {shown.map((game) => GAME_NAMES[game]).join(' and ')} {shown.length === 1 ? 'is' : 'are'} off, so nothing is shown
      here. Switch {shown.length === 1 ? 'it' : 'one'} on under{' '}
      <Link className="underline" to="/games">
        Games
      </Link>
      .
    </p>
  )
}
