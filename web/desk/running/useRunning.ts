import { useQuery } from '@tanstack/react-query'
import { betsQuery } from '../bets/view.ts'
import { openRoundsQuery } from '../games/view.ts'
import { rafflesQuery } from '../raffles/view.ts'
import { useMay } from '../rights.tsx'
import { byDeadline } from './byDeadline.ts'

/** What is running now, whichever ends next first. */
export function useRunning() {
  const mayDo = useMay()
  const raffles = useQuery({ ...rafflesQuery, enabled: mayDo('raffles', 'look') }).data?.running ?? []
  const rounds = useQuery({ ...openRoundsQuery, enabled: mayDo('games', 'look') }).data?.rounds ?? []
  const bets = useQuery({ ...betsQuery, enabled: mayDo('bets', 'look') }).data?.running ?? []
  return byDeadline(raffles, rounds, bets)
}
