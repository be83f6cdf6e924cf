import { useQuery } from '@tanstack/react-query'
import { openRoundsQuery } from '../games/view.ts'
import { rafflesQuery } from '../raffles/view.ts'
import { useMay } from '../rights.tsx'
import { byDeadline } from './byDeadline.ts'

/** What is running now, whichever ends next first. */
export function useRunning() {
  const mayDo = useMay()
  const raffles = useQuery({ ...rafflesQuery, enabled: mayDo('raffles', 'look') }).data?.running ?? []
  const rounds = useQuery({ ...openRoundsQuery, enabled: mayDo('games', 'look') }).data?.rounds ?? []
  return byDeadline(raffles, rounds)
}
