import { useQuery } from '@tanstack/react-query'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { useStatus } from '../status.ts'
import { AddressPanel } from './AddressPanel.tsx'
import { ClosePanel } from './ClosePanel.tsx'
import { NameForm } from './NameForm.tsx'
import { PausePanel } from './PausePanel.tsx'
import { channelStateQuery } from './view.ts'

/** The channel itself, for its owners: what it is called and where it is found, pausing it, taking it along, closing it. */
export function ChannelPage() {
  const { owner } = useStatus()
  const found = useQuery({ ...channelStateQuery, enabled: owner })
  if (!owner) return <p className="text-muted">Only an owner of the channel sees this page. Ask one.</p>
  return (
    <div className="flex max-w-3xl flex-col gap-4">
      {found.isPending && <Loading what="the channel" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && (
        <>
          <NameForm channel={found.data} />
          <AddressPanel channel={found.data} />
          <PausePanel channel={found.data} />
          <ExportPanel />
          <ClosePanel channel={found.data} />
        </>
      )}
    </div>
  )
}

/** Everything that the channel has, as a file. */
export const ExportPanel = () => (
  <Panel title="Export" bodyClassName="flex flex-col items-start gap-3 p-4">
    <p>
      One file with everything this channel has: people, balances and every change of them, settings, orders, raffles,
      and the files of the library. Secrets are left out.
    </p>
    <DownloadButton path="/desk/channel/export">Save the file</DownloadButton>
  </Panel>
)
