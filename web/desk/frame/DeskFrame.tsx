import { useState } from 'react'
import { Link } from 'react-router'
import { DraftsProvider } from '../../parts/form/drafts.tsx'
import { AfterHead } from '../../parts/page/AfterHead.tsx'
import { SignInAgain } from '../../parts/SignInAgain.tsx'
import { useWide } from '../../parts/useWide.ts'
import { JumpBox } from '../JumpBox.tsx'
import { ShowBar } from '../show/ShowBar.tsx'
import { FirstShow } from '../starter/FirstShow.tsx'
import type { Status } from '../status.ts'
import { SideRail } from '../store/SideRail.tsx'
import { Unreadable } from '../Unreadable.tsx'
import { AlsoHere } from './AlsoHere.tsx'
import { DeskPage } from './DeskPage.tsx'
import { PhoneBar } from './PhoneBar.tsx'
import { Sidebar } from './Sidebar.tsx'

/**
 * The frame of every page of the desk: show bar above, pages at the left, what runs and waits at the right. Where that does
 * not fit it is one column with a bar at the bottom, and the rest are sheets over it.
 */
export function DeskFrame({ status, live }: { status: Status; live: boolean }) {
  const [jumping, setJumping] = useState(false)
  const wide = useWide()
  const jump = () => setJumping(true)
  return (
    <DraftsProvider scope={`${status.channel.slug}/${status.caller}`}>
      <div className="flex h-dvh flex-col">
        <a
          href="#page"
          className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-brass focus:p-2 focus:text-on-brass"
        >
          Skip to the page
        </a>
        <ShowBar status={status} wide={wide} onJump={jump} />
        {!live && <DownLine />}
        <PausedLine pausedBy={status.channel.pausedBy} />
        {!status.economy && <EconomyOff />}
        <FirstShow />
        <AlsoHere />
        <Unreadable />
        <div className="flex min-h-0 flex-1">
          {wide && <Sidebar />}
          <main id="page" tabIndex={-1} className="min-w-0 flex-1 overflow-y-auto p-3 outline-none lg:p-5">
            <DeskPage />
          </main>
          {wide && (
            <AfterHead>
              <SideRail />
            </AfterHead>
          )}
        </div>
        {!wide && <PhoneBar status={status} onJump={jump} />}
        <JumpBox open={jumping} setOpen={setJumping} />
        <SignInAgain scope="desk" why="What cannot be undone, or gives away everybody’s data," />
      </div>
    </DraftsProvider>
  )
}

/** While nothing is earned or spent: where it is switched on again. */
const EconomyOff = () => (
  <p className="border-b border-line bg-brass-wash px-4 py-1.5 text-brass-text">
    Earning and spending are switched off: watching pays nothing, and nothing is bought or played for.{' '}
    <Link to="/earning" className="underline underline-offset-2">
      Switch them on
    </Link>
  </p>
)

/** While the channel is paused: who resumes it. */
function PausedLine({ pausedBy }: Pick<Status['channel'], 'pausedBy'>) {
  if (pausedBy === null) return null
  return (
    <p className="border-b border-line bg-brass-wash px-4 py-1.5 text-brass-text">
      {pausedBy === 'operator'
        ? 'Whoever runs this installation has paused the channel. Ask them.'
        : 'The channel is paused: viewers can buy, play and enter nothing. An owner can resume it on the page Channel.'}
    </p>
  )
}

const DownLine = () => (
  <p role="status" className="border-b border-line bg-brass-wash px-4 py-1.5 text-brass-text">
    The connection to the server is down. What you see may be out of date; it updates as soon as the connection is back.
  </p>
)
