import { useQuery } from '@tanstack/react-query'
import { PageTabs } from '../../parts/page/PageTabs.tsx'
import { openRoundsQuery } from './view.ts'

/** The pages about the games. */
export function GamesFrame() {
  const cup = useQuery(openRoundsQuery).data?.rounds.some(({ game }) => game === 'cup')
  return (
    <PageTabs
      label="About the games"
      parts={[
        { to: '/games', name: 'Games' },
        { to: '/games/cup', name: cup ? 'Cup (on)' : 'Cup' },
        { to: '/games/texts', name: 'Messages' },
      ]}
    />
  )
}
