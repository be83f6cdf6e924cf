import { useQuery } from '@tanstack/react-query'
import { openRoundsQuery } from '../games/view.ts'
import { rafflesQuery } from '../raffles/view.ts'
import { byDeadline } from './byDeadline.ts'

/** What is running now, whichever ends next first. */
export function useRunning() {
  const raffles = useQuery(rafflesQuery).data?.running ?? []
  const rounds = useQuery(openRoundsQuery).data?.rounds ?? []
  return byDeadline(raffles, rounds)
}
