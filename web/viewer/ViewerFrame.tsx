import { type QueryClient, useQuery, useQueryClient } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { Dices, ListOrdered, type LucideIcon, MessageSquareText, ReceiptText, Scale, Store, Ticket } from 'lucide-react'
import { useDeferredValue, useState } from 'react'
import { NavLink, Outlet, useLocation } from 'react-router'
import type { FactKind } from '#core/engine'
import { ECONOMY_OFF } from '#core/settings'
import { ApiProblem } from '../parts/api.ts'
import type { LiveFact } from '../parts/feed.ts'
import { Loading, Problem } from '../parts/feedback/Notice.tsx'
import { useToast } from '../parts/feedback/toasts.tsx'
import { invalidatedForViewer } from '../parts/invalidates.ts'
import { useTab } from '../parts/page/PageTitle.tsx'
import { keyOf } from '../parts/queryKey.ts'
import { SignInAgain } from '../parts/SignInAgain.tsx'
import { useFeed } from '../parts/useFeed.ts'
import { useInvalidate } from '../parts/useInvalidate.ts'
import { BalanceHead } from './BalanceHead.tsx'
import { type BetsView, withStakes } from './bets/bets.ts'
import { type Channel, channelQuery, meQuery, useMe } from './channel.ts'
import { type GamesView, withJoined } from './games/games.ts'
import { type GoalsView, withParts } from './goals/goals.ts'
import { type RaffleView, withCount, withDraw, withReveal } from './raffles/raffles.ts'
import { turnsOver, withLeft, withRest } from './store/told.ts'

/** A payment, or the last one sold, reaches everyone at the same moment; each page asks anew within this time of it. */
const SPREAD_MS = 1500
const SPREAD: ReadonlySet<FactKind> = new Set<FactKind>([
  'earning.paid',
  'round.changed',
  'round.ended',
  'bet.changed',
  'goal.changed',
  'goal.ended',
  'goal.milestone',
  'bet.ended',
  'raffle.changed',
  'raffle.ended',
])

/** Facts that change a page without asking anew: thousands may look on. */
function showTold(client: QueryClient, { kind, body }: LiveFact): void {
  const raffle = (id: number, change: (view: RaffleView) => RaffleView) =>
    client.setQueryData<RaffleView>(keyOf('raffle', id), (view) => view && change(view))
  const channel = (change: (known: Channel) => Channel) =>
    client.setQueryData(channelQuery.queryKey, (known) => known && change(known))
  switch (kind) {
    case 'order.changed':
    case 'balance.changed':
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance: body.balance })
      break
    case 'round.joined':
      client.setQueryData<GamesView>(keyOf('games'), (view) => view && withJoined(view, body))
      break
    case 'bet.counted':
      client.setQueryData<BetsView>(keyOf('bets'), (view) => view && withStakes(view, body))
      break
    case 'goal.counted':
      client.setQueryData<GoalsView>(keyOf('goals'), (view) => view && withParts(view, body))
      break
    case 'raffle.counted':
      raffle(body.raffle, (view) => withCount(view, body))
      break
    case 'raffle.drawn':
      raffle(body.raffle, (view) => withDraw(view, body))
      break
    case 'raffle.revealed':
      raffle(body.raffle, (view) => withReveal(view, body))
      break
    case 'store.stock':
      channel((known) => withLeft(known, body))
      break
    case 'store.rests':
      channel((known) => withRest(known, body, Date.now() / 1000 + known.ahead))
      break
  }
}

function useViewerLive(channel: Channel | undefined): boolean {
  const client = useQueryClient()
  const refresh = useInvalidate()
  const toast = useToast()
  const [after, setAfter] = useState<number>()
  if (after === undefined && channel !== undefined) setAfter(channel.seq)
  const onFact = (fact: LiveFact) => {
    const { kind, body } = fact
    const known = client.getQueryData(channelQuery.queryKey)
    if (kind === 'duel.asked') toast({ text: `${body.by} challenges you to a duel. Answer on the Games page.` })
    if (kind === 'raffle.changed' && known?.raffles === false) refresh(['channel'])
    if (kind === 'bet.changed' && known?.bets === false) refresh(['channel'])
    if (kind === 'goal.changed' && known?.goals === false) refresh(['channel'])
    if (kind === 'store.stock' && known !== undefined && turnsOver(known, body))
      setTimeout(() => refresh(['channel']), Math.random() * SPREAD_MS)
    showTold(client, fact)
    setTimeout(() => refresh(invalidatedForViewer(kind)), SPREAD.has(kind) ? Math.random() * SPREAD_MS : 0)
  }
  return useFeed({
    path: '/feed',
    after,
    onFact,
    onReset: () => void client.invalidateQueries(),
  })
}

/** In place of the pages of a channel that is closed. */
const Closed = () => (
  <main className="mx-auto flex min-h-dvh max-w-md flex-col items-start justify-center gap-4 p-6">
    <h1 className="text-2xl">This channel is closed</h1>
    <p>Whoever ran it has closed it. For a while they can take it back, with all that you had here.</p>
    <a href="/" className="underline">
      Other channels
    </a>
  </main>
)

/** The frame of the viewer pages: what I have above, the pages at the foot of the phone. */
export function ViewerFrame() {
  const channel = useQuery(channelQuery)
  const live = useViewerLive(channel.data)
  const name = channel.data?.name
  useTab({ site: name })
  // Drawn in slices: the whole page at once would hold up a slow phone.
  const drawn = useDeferredValue(channel.data !== undefined)
  if (channel.error instanceof ApiProblem && channel.error.status === 410) return <Closed />
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
      <SignInAgain scope="viewer" why="A file with everything about you" />
      <Notices channel={channel.data} live={live} />
      <main className="mx-auto w-full max-w-3xl flex-1 px-4 pt-5 pb-24">
        <Outlet />
      </main>
      <Tabs channel={channel.data} />
    </div>
  )
}

/** What a viewer must know before anything else of the page. */
function Notices({ channel: { paused, economy }, live }: { readonly channel: Channel; readonly live: boolean }) {
  const notices = [
    ...(useMe()?.test
      ? ['You are the test viewer. You can buy things, and what you spend is not counted. Sign out above to stop.']
      : []),
    ...(paused
      ? ['This channel is paused. What you have is kept; nothing can be bought, played or entered until it is resumed.']
      : []),
    ...(economy ? [] : [ECONOMY_OFF]),
    ...(live ? [] : ['The connection is down; it reconnects automatically.']),
  ]
  return notices.map((notice) => (
    <p key={notice} role="status" className="bg-brass-wash px-4 py-2 text-center text-brass-text">
      {notice}
    </p>
  ))
}

/** Bets and goals share a place: seven is what fits on a phone. */
function together(bets: boolean, goals: boolean): readonly Tab[] {
  if (bets && goals) return [{ to: '/bets', also: '/goals', name: 'Join in', Icon: Scale }]
  if (bets) return [{ to: '/bets', name: 'Bets', Icon: Scale }]
  return goals ? [{ to: '/goals', name: 'Goals', Icon: Scale }] : []
}

interface Tab {
  readonly to: string
  readonly name: string
  /** Another page that it stands for. */
  readonly also?: string
  /** What it is called on a phone. */
  readonly short?: string
  readonly Icon: LucideIcon
}

function Tabs({ channel: { currency, games, raffles, bets, goals } }: { channel: Channel }) {
  const { pathname } = useLocation()
  const tabs: readonly Tab[] = [
    { to: '/', name: 'Store', Icon: Store },
    ...(games ? [{ to: '/games', name: 'Games', Icon: Dices }] : []),
    ...(raffles ? [{ to: '/raffles', name: 'Raffles', Icon: Ticket }] : []),
    ...together(bets, goals),
    { to: '/mine', name: `My ${currency.many}`, short: 'Mine', Icon: ReceiptText },
    { to: '/lists', name: 'Lists', Icon: ListOrdered },
    { to: '/commands', name: 'Chat', Icon: MessageSquareText },
  ]
  return (
    <nav aria-label="Pages" data-theme="dark" className="fixed inset-x-0 bottom-0 border-t border-line bg-surface">
      <ul className="mx-auto flex max-w-3xl">
        {tabs.map(({ to, also, name, short, Icon }) => (
          <li key={to} className="flex-1">
            <NavLink
              to={to}
              end
              className={({ isActive }) =>
                clsx(
                  'flex flex-col items-center justify-center gap-0.5 border-t-3 py-2 text-text sm:flex-row sm:gap-2 sm:py-3.5',
                  isActive || pathname === also ? 'border-brass font-semibold' : 'border-transparent text-muted',
                )
              }
            >
              <Icon aria-hidden="true" className="size-4" />
              {/* Seven of them stand side by side on a phone. */}
              {short !== undefined && <span className="sm:hidden">{short}</span>}
              <span className={short === undefined ? undefined : 'max-sm:hidden'}>{name}</span>
            </NavLink>
          </li>
        ))}
      </ul>
    </nav>
  )
}
