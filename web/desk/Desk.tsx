import { useQuery } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { useDeferredValue, useState } from 'react'
import { NavLink, Outlet } from 'react-router'
import { ApiProblem, signOut } from '../parts/api.ts'
import { Button } from '../parts/Button.tsx'
import { Loading, Problem } from '../parts/Notice.tsx'
import { SignInPage } from '../parts/SignIn.tsx'
import { SignInAgain } from '../parts/SignInAgain.tsx'
import { useTheme } from '../parts/theme.ts'
import { UnsavedGuard } from '../parts/unsaved.tsx'
import { JumpBox } from './JumpBox.tsx'
import { ShowBar } from './show/ShowBar.tsx'
import { type Status, statusQuery } from './status.ts'
import { SideRail } from './store/SideRail.tsx'
import { Unreadable } from './Unreadable.tsx'
import { useDeskLive } from './useDeskLive.ts'

const PAGES = [
  { group: 'Live', pages: [{ to: '/', name: 'On air' }] },
  {
    group: 'The economy',
    pages: [
      { to: '/earning', name: 'Earning' },
      { to: '/people', name: 'People' },
      { to: '/ranks', name: 'Ranks' },
      { to: '/commands', name: 'Commands' },
      { to: '/store', name: 'Store' },
      { to: '/games', name: 'Games' },
      { to: '/raffles', name: 'Raffles' },
    ],
  },
  { group: 'On the stream', pages: [{ to: '/screen', name: 'Screen' }] },
  { group: 'Behind it', pages: [{ to: '/connections', name: 'Connections' }] },
]

/** The frame of every page of the desk: show bar above, pages at the left, the bench at the right. */
export function Desk() {
  const status = useQuery(statusQuery)
  const live = useDeskLive(status.data)
  // Drawn in slices: the whole desk at once would hold up a slow machine.
  const drawn = useDeferredValue(status.data !== undefined)
  if (status.error instanceof ApiProblem && status.error.status === 401) {
    return <SignInPage scope="desk">Sign in to your desk</SignInPage>
  }
  if (status.error instanceof ApiProblem && status.error.status === 403)
    return <NotYours message={status.error.message} />
  if (status.data === undefined || !drawn) {
    return (
      <main className="p-5">
        {status.error ? (
          <Problem error={status.error} retry={() => void status.refetch()} />
        ) : (
          <Loading what="the desk" />
        )}
      </main>
    )
  }
  return <DeskFrame status={status.data} live={live} />
}

function DeskFrame({ status, live }: { status: Status; live: boolean }) {
  const [jumping, setJumping] = useState(false)
  return (
    <div className="flex h-dvh min-w-[1024px] flex-col">
      <a
        href="#page"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-brass focus:p-2 focus:text-on-brass"
      >
        Skip to the page
      </a>
      <ShowBar status={status} onJump={() => setJumping(true)} />
      {!live && (
        <p role="status" className="border-b border-line bg-brass-wash px-4 py-1.5 text-brass-text">
          The connection to the server is down. What you see may be old; it is renewed by itself as soon as it is back.
        </p>
      )}
      <Unreadable />
      <div className="flex min-h-0 flex-1">
        <Sidebar caller={status.caller} />
        <main id="page" tabIndex={-1} className="min-w-0 flex-1 overflow-y-auto p-5 outline-none">
          <UnsavedGuard>
            <Outlet />
          </UnsavedGuard>
        </main>
        <SideRail />
      </div>
      <JumpBox open={jumping} setOpen={setJumping} />
      <SignInAgain scope="desk" why="What cannot be undone, or gives away everybody’s data," />
    </div>
  )
}

function Sidebar({ caller }: { caller: string }) {
  const [theme, setTheme] = useTheme()
  const leave = () => void signOut('desk').then(() => window.location.reload())
  return (
    <nav aria-label="Pages" className="flex w-40 shrink-0 flex-col overflow-y-auto border-r border-line bg-panel py-4">
      {PAGES.map(({ group, pages }) => (
        <div key={group} className="mb-4">
          <p className="px-4 pb-1 text-[0.8rem] text-muted">{group}</p>
          {pages.map(({ to, name }) => (
            <NavLink
              key={to}
              to={to}
              end={to === '/'}
              className={({ isActive }) =>
                clsx(
                  'block border-l-3 px-[13px] py-1.5',
                  isActive
                    ? 'border-brass bg-raised font-semibold text-text'
                    : 'border-transparent text-text/85 hover:bg-raised',
                )
              }
            >
              {name}
            </NavLink>
          ))}
        </div>
      ))}
      <div className="mt-auto flex flex-col items-stretch gap-1 px-2 text-sm">
        <Button look="quiet" className="justify-start!" onClick={() => setTheme(theme === 'dark' ? 'light' : 'dark')}>
          {theme === 'dark' ? 'Day colours' : 'Evening colours'}
        </Button>
        <Button look="quiet" className="justify-start!" onClick={leave} title={`Signed in as ${caller}`}>
          Sign out
        </Button>
      </div>
    </nav>
  )
}

function NotYours({ message }: { message: string }) {
  const leave = () => void signOut('desk').then(() => window.location.reload())
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col items-start justify-center gap-5 p-6">
      <h1 className="text-2xl">This desk is somebody else’s</h1>
      <p>{message}</p>
      <Button look="main" onClick={leave}>
        Sign in as somebody else
      </Button>
    </main>
  )
}
