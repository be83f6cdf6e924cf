import { useQuery } from '@tanstack/react-query'
import { ApiProblem, answerOf, api, signOut } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { SignInPage } from '../../parts/SignIn.tsx'
import { SignInAgain } from '../../parts/SignInAgain.tsx'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { OtherDesks } from '../team/OtherDesks.tsx'
import { type ChannelView, channelStateQuery } from './view.ts'

/** The desk of a channel that is closed: its owners can take it back, or take everything along. */
export function ClosedPage() {
  const found = useQuery(channelStateQuery)
  if (found.error instanceof ApiProblem && found.error.status === 401)
    return <SignInPage scope="desk">Sign in to your desk</SignInPage>
  const leave = () => void signOut('desk').then(() => window.location.reload())
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col items-start justify-center gap-5 p-6">
      <h1 className="text-2xl">This channel is closed</h1>
      {found.isPending && <Loading what="the channel" />}
      {found.isError && <p>Only an owner can take it back.</p>}
      {found.data && <TakeBack channel={found.data} />}
      <OtherDesks />
      <Button look="quiet" onClick={leave}>
        Sign out
      </Button>
      <SignInAgain scope="desk" why="A file with everything the channel has" />
    </main>
  )
}

function TakeBack({ channel: { name, deletedAt } }: { readonly channel: ChannelView }) {
  const reopen = useChange({
    ask: () => answerOf(api.POST('/desk/channel/reopen')),
    invalidates: [],
    inPlace: true,
    onDone: () => window.location.reload(),
  })
  return (
    <>
      <p>
        {name} can be taken back as it was.
        {deletedAt !== null && ` On ${dayText(deletedAt)} it is deleted for good.`}
      </p>
      {reopen.error && <Problem error={reopen.error} />}
      <div className="flex flex-wrap gap-2">
        <Button look="main" onClick={() => reopen.mutate()} disabled={reopen.isPending}>
          Take it back
        </Button>
        <DownloadButton path="/desk/channel/export">Save everything as a file</DownloadButton>
      </div>
    </>
  )
}
