import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { TextInput } from '../../parts/form/inputs.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { SignInPage } from '../../parts/SignIn.tsx'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { FrontFrame } from '../FrontFrame.tsx'
import { Codes } from './Codes.tsx'
import { COLUMNS } from './columns.tsx'
import { Issuers } from './Issuers.tsx'
import { channelsQuery, type OperatedChannel } from './view.ts'

/** For who runs the installation: its channels, and the codes by which they are opened. */
export function OperatorPage() {
  const [text, setText] = useState('')
  const [pages, setPages] = useState<readonly number[]>([])
  const found = useQuery(channelsQuery(text, pages.at(-1)))
  if (found.error instanceof ApiProblem && found.error.status === 401)
    return <SignInPage scope="desk">Sign in to run this installation</SignInPage>
  const search = (typed: string) => {
    setText(typed)
    setPages([])
  }
  return (
    <FrontFrame title="This installation" wide>
      {found.isPending && <Loading what="the channels" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && (
        <>
          <Codes />
          <Issuers />
          <Channels {...found.data} text={text} search={search} />
          <Turning pages={pages} setPages={setPages} next={found.data.before} />
        </>
      )}
    </FrontFrame>
  )
}

interface ChannelsProps {
  readonly channels: readonly OperatedChannel[]
  readonly total: number
  readonly text: string
  readonly search: (text: string) => void
}

const Channels = ({ channels, total, text, search }: ChannelsProps) => (
  <Panel title="Channels" aside={`${total.toLocaleString('en')} in all`}>
    <div className="border-b border-line px-4 py-2.5">
      <TextInput
        aria-label="Search channels"
        placeholder="Name, address or owner"
        most={60}
        value={text}
        onValue={search}
        className="w-full max-w-sm"
      />
    </div>
    {channels.length === 0 ? (
      <Empty>{text === '' ? 'There is no channel yet.' : 'No channel has this in its name, address or owner.'}</Empty>
    ) : (
      <DataTable label="Channels" rows={channels} columns={COLUMNS} keyOf={({ id }) => id} inPanel />
    )}
  </Panel>
)

interface TurningProps {
  readonly pages: readonly number[]
  readonly setPages: (pages: readonly number[]) => void
  readonly next: number | null
}

/** To the page after this one, and back. */
function Turning({ pages, setPages, next }: TurningProps) {
  if (pages.length === 0 && next === null) return null
  return (
    <div className="flex gap-2">
      <Button disabled={pages.length === 0} onClick={() => setPages(pages.slice(0, -1))}>
        Newer ones
      </Button>
      <Button disabled={next === null} onClick={() => next !== null && setPages([...pages, next])}>
        Older ones
      </Button>
    </div>
  )
}
