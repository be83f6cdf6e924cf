import { useQuery } from '@tanstack/react-query'
import { HandCoins, type LucideIcon, Scale, Ticket } from 'lucide-react'
import { Link } from 'react-router'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { useChannel } from '../channel.ts'

interface Open {
  readonly id: number
  readonly name: string
}

interface Kind {
  readonly of: string
  readonly Icon: LucideIcon
  readonly all: readonly Open[]
  readonly to: (id: number) => string
}

/** What can be joined now, one tap away; nothing where nothing is open. */
export function OpenNow() {
  const { raffles, bets, goals } = useChannel()
  const { data } = useQuery({
    queryKey: keyOf('openNow'),
    queryFn: ({ signal }) => answerOf(api.GET('/open', { signal })),
    enabled: raffles || bets || goals,
  })
  if (data === undefined) return null
  const kinds: readonly Kind[] = [
    { of: 'Raffle', Icon: Ticket, all: data.raffles, to: (id) => `/raffles/${id}` },
    { of: 'Bet', Icon: Scale, all: data.bets, to: () => '/bets' },
    { of: 'Goal', Icon: HandCoins, all: data.goals, to: () => '/goals' },
  ]
  if (kinds.every(({ all }) => all.length === 0)) return null
  return (
    <section aria-label="Open now" className="mb-5 border-b border-line pb-3">
      <h2 className="text-sm text-muted">Open now</h2>
      <ul>
        {kinds.flatMap(({ of, all, Icon, to }) =>
          all.map(({ id, name }) => (
            <li key={`${of}/${id}`}>
              <Link to={to(id)} className="flex min-h-touch items-center gap-2.5 hover:bg-raised">
                <Icon aria-hidden="true" className="size-4 shrink-0 text-brass-text" />
                <span className="min-w-0 flex-1 truncate">{name}</span>
                <span className="text-sm text-muted">{of}</span>
              </Link>
            </li>
          )),
        )}
      </ul>
    </section>
  )
}
