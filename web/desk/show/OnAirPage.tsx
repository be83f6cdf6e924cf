import { useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { AfterHead } from '../../parts/page/AfterHead.tsx'
import { PageHead } from '../../parts/page/PageHead.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
import { EveningChart, FirstMinutes, GoOnAirDialog, ViewerPanel } from '../later.tsx'
import { PresentList } from '../people/PresentList.tsx'
import { IfMayIn, InArea, useMay } from '../rights.tsx'
import { useStatus } from '../status.ts'
import { ShowSummary } from '../store/ShowSummary.tsx'
import { ChatList } from './ChatList.tsx'
import { GuestControl } from './GuestControl.tsx'
import { ShowNotices } from './ShowNotices.tsx'

interface EveningProps {
  readonly onAir: boolean
  readonly onViewer: (id: number) => void
}

/** The evening's figures, the chat, and who is there, as far as one may look. */
function Evening({ onAir, onViewer }: EveningProps) {
  const mayDo = useMay()
  if (!mayDo('show', 'look'))
    return <Empty>You see here what you may do: the pages at the left, and what runs and waits.</Empty>
  const seen = mayDo('people', 'look') ? onViewer : () => {}
  return (
    <>
      {onAir && mayDo('store', 'look') && <FirstMinutes onViewer={seen} />}
      {!onAir && <ShowSummary />}
      <EveningChart />
      <div className="grid min-h-0 flex-1 gap-4 max-lg:auto-rows-panel lg:cols-main-aside">
        <InArea area="show">
          <ChatList onViewer={seen} />
        </InArea>
        <PresentList onViewer={seen} />
      </div>
    </>
  )
}

/** What happens right now: the evening, the chat, who is there. */
export function OnAirPage() {
  const { show, present } = useStatus()
  const [viewer, setViewer] = useState<number>()
  const [starting, setStarting] = useState(false)
  const onAir = show?.status === 'on'
  return (
    <div className="flex h-full min-h-144 flex-col gap-4 max-lg:h-auto">
      <PageHead title={onAir ? show.title : 'You are off air'}>
        <IfMayIn area="show" level="act">
          <div className="sm:ml-auto">{onAir && <GuestControl show={show} />}</div>
        </IfMayIn>
      </PageHead>
      <ShowNotices />
      {!onAir && (
        <div className="flex flex-wrap items-center justify-between gap-4 rounded-md border border-line bg-panel px-4 py-3">
          <p className="text-muted">
            {present === 0 ? 'Nobody is in the room yet.' : `${present} are in the room.`} Watching pays from the moment
            you go on air.
          </p>
          <IfMayIn area="show" level="act">
            <Button onClick={() => setStarting(true)}>Start a show</Button>
          </IfMayIn>
        </div>
      )}
      <AfterHead>
        <Evening onAir={onAir} onViewer={setViewer} />
      </AfterHead>
      {starting && <GoOnAirDialog close={() => setStarting(false)} />}
      {viewer !== undefined && <ViewerPanel begin="History" id={viewer} close={() => setViewer(undefined)} />}
    </div>
  )
}
