import { useQuery } from '@tanstack/react-query'
import { Outlet, useLocation } from 'react-router'
import { AREA_NAMES, type Area, may } from '#core/team'
import { AfterHead } from '../../parts/page/AfterHead.tsx'
import { HeadedPage } from '../../parts/page/PageHead.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
import { openRoundsQuery } from '../games/view.ts'
import { InArea, useMay } from '../rights.tsx'
import { useStatus } from '../status.ts'
import { ordersQuery } from '../store/orders.ts'
import { areaOf, headOf, pagesFor } from './pages.ts'

/** What a tab says of itself while it is not open, by its address. */
function useTabNotes(): Readonly<Record<string, string | undefined>> {
  const mayDo = useMay()
  const waiting = useQuery({ ...ordersQuery, enabled: mayDo('waiting', 'look') }).data?.orders.length ?? 0
  const cup = useQuery({ ...openRoundsQuery, enabled: mayDo('games', 'look') }).data?.rounds.some(
    ({ game }) => game === 'cup',
  )
  return {
    '/store/orders': waiting > 0 ? `${waiting} waiting` : undefined,
    '/games/cup': cup ? 'on' : undefined,
  }
}

/** The page at the address, under its head: the head is there at once, whatever the page still waits for. */
export function DeskPage() {
  const { pathname } = useLocation()
  const status = useStatus()
  const { rights } = status
  const head = headOf(pathname, pagesFor(status))
  const notes = useTabNotes()
  const area = areaOf(pathname)
  if (area === undefined) return head === undefined ? <Outlet /> : <Headed head={head} notes={notes} />
  if (!may(rights, area, 'look')) return <NotForYou area={area} />
  return <InArea area={area}>{head === undefined ? <Outlet /> : <Headed head={head} notes={notes} />}</InArea>
}

interface HeadedProps {
  readonly head: NonNullable<ReturnType<typeof headOf>>
  readonly notes: ReturnType<typeof useTabNotes>
}

function Headed({ head, notes }: HeadedProps) {
  return (
    <HeadedPage {...head} tabs={head.tabs?.map((tab) => ({ ...tab, note: notes[tab.to] }))}>
      <AfterHead key={head.title}>
        <Outlet />
      </AfterHead>
    </HeadedPage>
  )
}

/** Instead of a page that somebody's rights do not reach: by an address that was kept, or while it was open. */
const NotForYou = ({ area }: { readonly area: Area }) => (
  <Empty>You may not look at this page ({AREA_NAMES[area].name}). Ask an owner of the channel.</Empty>
)
