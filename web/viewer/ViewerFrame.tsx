import { useQuery, useQueryClient } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { Dices, ListOrdered, MessageSquareText, ReceiptText, Store, Ticket } from 'lucide-react'
import { useDeferredValue, useState } from 'react'
import { NavLink, Outlet } from 'react-router'
import { feedAddress } from '../parts/api.ts'
import { type LiveFact, useLive } from '../parts/live.ts'
import { Loading, Problem } from '../parts/Notice.tsx'
import { useTab } from '../parts/PageTitle.tsx'
import { useToast } from '../parts/toasts.tsx'
import { useRefresh } from '../parts/useRefresh.ts'
import { BalanceHead } from './BalanceHead.tsx'
import { type Channel, channelQuery, meQuery } from './channel.ts'
import { type GamesView, withJoined } from './games/games.ts'
import { type RaffleView, withCount, withDraw, withReveal } from './raffles/raffles.ts'
import { turnsOver, withLeft, withRest } from './store/told.ts'

const OUTDATES: readonly (readonly [prefix: string, names: readonly string[]])[] = [
  ['show.', ['channel', 'me', 'standing']],
  ['me.', ['standing', 'me']],
  ['ranks.', ['standing', 'channel']],
  ['currency.', ['channel']],
  ['store.changed', ['channel']],
  ['commands.changed', ['commands']],
  ['earning.changed', ['channel']],
  ['earning.paid', ['me']],
  ['order.', ['me', 'channel']],
  ['round.changed', ['games', 'ownGames', 'round']],
  ['round.ended', ['games', 'ownGames', 'rounds', 'round']],
  ['raffle.changed', ['raffles', 'raffle']],
  ['raffle.ended', ['raffles', 'raffle', 'raffleCheck']],
  ['raffle.own', ['raffle']],
  ['message.', ['messages']],
  ['account.', ['accounts', 'me', 'channel']],
  ['games.changed', ['games', 'channel']],
  ['duel.asked', ['games']],
  ['player.', ['ownGames']],
  ['balance.changed', ['me', 'standing']],
]

/** A payment, or the last one sold, reaches everyone at the same moment; each page asks anew within this time of it. */
const SPREAD_MS = 1500
const SPREAD: ReadonlySet<string> = new Set([
  'earning.paid',
  'round.changed',
  'round.ended',
  'raffle.changed',
  'raffle.ended',
])

/** Facts of a raffle that change its page without asking anew: thousands may look on. */
const TOLD_OF_RAFFLES: Readonly<Record<string, typeof withCount>> = {
  'raffle.counted': withCount,
  'raffle.drawn': withDraw,
  'raffle.revealed': withReveal,
}

function useViewerLive(channel: Channel | undefined): boolean {
  const client = useQueryClient()
  const refresh = useRefresh()
  const toast = useToast()
  const [after, setAfter] = useState<number>()
  if (after === undefined && channel !== undefined) setAfter(channel.seq)
  const onFact = ({ kind, body }: LiveFact) => {
    if (kind === 'order.changed' || kind === 'balance.changed') {
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance: Number(body.balance) })
    }
    const known = client.getQueryData(channelQuery.queryKey)
    if (kind === 'duel.asked') toast({ text: `${body.by} calls you to a duel. Answer on the page Games.` })
    if (kind === 'round.joined') client.setQueryData<GamesView>(['games'], (view) => view && withJoined(view, body))
    const told = TOLD_OF_RAFFLES[kind]
    if (told !== undefined)
      client.setQueryData<RaffleView>(['raffle', Number(body.raffle)], (view) => view && told(view, body))
    if (kind === 'raffle.changed' && known?.raffles === false) refresh(['channel'])
    if (kind === 'store.stock' && known !== undefined) {
      if (turnsOver(known, body)) setTimeout(() => refresh(['channel']), Math.random() * SPREAD_MS)
      client.setQueryData(channelQuery.queryKey, withLeft(known, body))
    }
    if (kind === 'store.rests' && known !== undefined)
      client.setQueryData(channelQuery.queryKey, withRest(known, body, Date.now() / 1000 + known.ahead))
    const names = OUTDATES.find(([prefix]) => kind.startsWith(prefix))?.[1] ?? []
    setTimeout(() => refresh(names), SPREAD.has(kind) ? Math.random() * SPREAD_MS : 0)
  }
  return useLive({
    address: after === undefined ? undefined : feedAddress('/feed', after),
    onFact,
    onReset: () => void client.invalidateQueries(),
  })
}

/** The frame of the viewer pages: what I have above, the pages at the foot of the phone. */
export function ViewerFrame() {
  const channel = useQuery(channelQuery)
  const live = useViewerLive(channel.data)
  const name = channel.data?.name
  useTab({ site: name })
  // Drawn in slices: the whole page at once would hold up a slow phone.
  const drawn = useDeferredValue(channel.data !== undefined)
  if (channel.data === undefined || !drawn) {
    return (
      <main className="p-5">
        {channel.error ? (
          <Problem error={channel.error} retry={() => void channel.refetch()} />
        ) : (
          <Loading what="the channel" />
        )}
      </main>
    )
  }
  return (
    <div className="flex min-h-dvh flex-col">
      <BalanceHead />
      {!live && (
        <p role="status" className="bg-brass-wash px-4 py-2 text-center text-brass-text">
          The connection is down; it comes back by itself.
        </p>
      )}
      <main className="mx-auto w-full max-w-3xl flex-1 px-4 pt-5 pb-24">
        <Outlet />
      </main>
      <Tabs many={channel.data.currency.many} games={channel.data.games} raffles={channel.data.raffles} />
    </div>
  )
}

function Tabs({ many, games, raffles }: { many: string; games: boolean; raffles: boolean }) {
  const tabs = [
    { to: '/', name: 'Store', Icon: Store },
    ...(games ? [{ to: '/games', name: 'Games', Icon: Dices }] : []),
    ...(raffles ? [{ to: '/raffles', name: 'Raffles', Icon: Ticket }] : []),
    { to: '/mine', name: `My ${many}`, Icon: ReceiptText },
    { to: '/lists', name: 'Lists', Icon: ListOrdered },
    { to: '/commands', name: 'Chat', Icon: MessageSquareText },
  ]
  return (
    <nav aria-label="Pages" data-theme="dark" className="fixed inset-x-0 bottom-0 border-t border-line bg-surface">
      <ul className="mx-auto flex max-w-3xl">
        {tabs.map(({ to, name, Icon }) => (
          <li key={to} className="flex-1">
            <NavLink
              to={to}
              end
              className={({ isActive }) =>
                clsx(
                  'flex flex-col items-center justify-center gap-0.5 border-t-3 py-2 text-text sm:flex-row sm:gap-2 sm:py-3.5',
                  isActive ? 'border-brass font-semibold' : 'border-transparent text-muted',
                )
              }
            >
              <Icon aria-hidden="true" className="size-4" />
              {name}
            </NavLink>
          </li>
        ))}
      </ul>
    </nav>
  )
}
