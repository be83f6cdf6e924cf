import { clsx } from 'clsx'
import { Ellipsis, Inbox, type LucideIcon, Radio, Timer, Users } from 'lucide-react'
import { useEffect, useState } from 'react'
import { NavLink, useLocation } from 'react-router'
import { Running } from '../later.tsx'
import { IfMayIn } from '../rights.tsx'
import { useRunning } from '../running/useRunning.ts'
import type { Status } from '../status.ts'
import { useWaiting, WaitingPart } from '../store/SideRail.tsx'
import { MoreList } from './MoreList.tsx'
import { Sheet } from './Sheet.tsx'

const PLACE = 'flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 text-xs'

interface PhoneBarProps {
  readonly status: Status
  readonly onJump: () => void
}

type Opened = 'waiting' | 'running' | 'more'

/** At the bottom of a narrow window: the two pages of an evening, what waits, and the way to all else. */
export function PhoneBar({ status, onJump }: PhoneBarProps) {
  const [sheet, setSheet] = useState<Opened>()
  const { count } = useWaiting()
  const running = useRunning().length
  const { pathname } = useLocation()
  // A page was opened from the sheet: it is what is wanted now.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the address is why this runs
  useEffect(() => setSheet(undefined), [pathname])
  return (
    <>
      <nav aria-label="Pages" className="flex shrink-0 border-t border-line bg-panel pb-inset text-text/85">
        <Page to="/" name="On air" icon={Radio} />
        <Opener
          name="Waiting"
          icon={Inbox}
          count={count}
          open={sheet === 'waiting'}
          press={() => setSheet('waiting')}
        />
        <Opener
          name="Running"
          icon={Timer}
          count={running}
          open={sheet === 'running'}
          press={() => setSheet('running')}
        />
        <IfMayIn area="people">
          <Page to="/people" name="People" icon={Users} />
        </IfMayIn>
        <Opener name="More" icon={Ellipsis} open={sheet === 'more'} press={() => setSheet('more')} />
      </nav>
      {sheet && <OpenSheet sheet={sheet} close={() => setSheet(undefined)} status={status} onJump={onJump} />}
    </>
  )
}

interface SheetProps extends PhoneBarProps {
  readonly sheet: Opened
  readonly close: () => void
}

function OpenSheet({ sheet, close, status, onJump }: SheetProps) {
  const running = useRunning().length
  if (sheet === 'waiting')
    return (
      <Sheet title="Waiting" close={close}>
        <WaitingPart />
      </Sheet>
    )
  if (sheet === 'more')
    return (
      <Sheet title="More" close={close}>
        <MoreList status={status} onJump={onJump} />
      </Sheet>
    )
  return (
    <Sheet title="Running" close={close}>
      {running === 0 ? (
        <p className="p-4 text-muted">Nothing is running: no raffle is open and no game is on.</p>
      ) : (
        <Running titled={false} />
      )}
    </Sheet>
  )
}

function Page({ to, name, icon: Icon }: { to: string; name: string; icon: LucideIcon }) {
  return (
    <NavLink
      to={to}
      end={to === '/'}
      className={({ isActive }) => clsx(PLACE, isActive && 'bg-raised font-semibold text-text')}
    >
      <Icon aria-hidden="true" className="size-5" />
      {name}
    </NavLink>
  )
}

interface OpenerProps {
  readonly name: string
  readonly icon: LucideIcon
  readonly count?: number
  readonly open: boolean
  readonly press: () => void
}

function Opener({ name, icon: Icon, count = 0, open, press }: OpenerProps) {
  return (
    <button
      type="button"
      aria-haspopup="dialog"
      aria-expanded={open}
      onClick={press}
      className={clsx(PLACE, 'relative')}
    >
      <Icon aria-hidden="true" className="size-5" />
      {name}
      {count > 0 && (
        <span className="tabular absolute top-1 left-1/2 ml-2 min-w-5 rounded-full bg-brass px-1 text-center font-semibold text-on-brass">
          {count}
        </span>
      )}
    </button>
  )
}
