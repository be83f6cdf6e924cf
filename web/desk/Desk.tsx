import { useQuery } from '@tanstack/react-query'
import { useDeferredValue } from 'react'
import { useLocation } from 'react-router'
import { ApiProblem, signOut } from '../parts/api.ts'
import { Button } from '../parts/Button.tsx'
import { Loading, Problem } from '../parts/feedback/Notice.tsx'
import { SignInPage } from '../parts/SignIn.tsx'
import { DeskFrame } from './frame/DeskFrame.tsx'
import { ClosedPage, JoinPage } from './later.tsx'
import { StatusProvider, statusQuery } from './status.ts'
import { OtherDesks } from './team/OtherDesks.tsx'
import { useDeskLive } from './useDeskLive.ts'

/** The desk of a channel, and the way into its team, which needs no place in it yet. */
export function Desk() {
  return useLocation().pathname === '/join' ? <JoinPage /> : <OwnDesk />
}

/** The desk, once it is known who is there and what goes on. */
function OwnDesk() {
  const status = useQuery(statusQuery)
  const live = useDeskLive(status.data)
  // Drawn in slices: the whole desk at once would hold up a slow machine.
  const drawn = useDeferredValue(status.data !== undefined)
  if (status.error instanceof ApiProblem && status.error.status === 401) {
    return <SignInPage scope="desk">Sign in to your desk</SignInPage>
  }
  if (status.error instanceof ApiProblem && status.error.status === 410) return <ClosedPage />
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
  return (
    <StatusProvider value={status.data}>
      <DeskFrame status={status.data} live={live} />
    </StatusProvider>
  )
}

function NotYours({ message }: { message: string }) {
  const leave = () => void signOut('desk').then(() => window.location.reload())
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col items-start justify-center gap-5 p-6">
      <h1 className="text-2xl">This desk is somebody else’s</h1>
      <p>{message}</p>
      <OtherDesks />
      <Button look="main" onClick={leave}>
        Sign in as somebody else
      </Button>
    </main>
  )
}
