import { useQuery } from '@tanstack/react-query'
import { SAMPLE_VIEWERS } from '#core/texts'
import { useMay } from '../rights.tsx'
import { presentQuery } from './present.ts'

/** Two names for previews: of people who are in the room, and where there are too few, made-up ones. */
export function useSampleNames(): readonly [name: string, other: string] {
  const mayDo = useMay()
  const enabled = mayDo('show', 'look') || mayDo('people', 'look')
  const here = useQuery({ ...presentQuery, enabled }).data?.viewers ?? []
  const [name = SAMPLE_VIEWERS[0], other = SAMPLE_VIEWERS[1]] = here.map((one) => one.name)
  return [name, other]
}
