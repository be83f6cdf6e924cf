import { useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { PageHead } from '../../parts/page/PageHead.tsx'
import { EveningChart, FirstMinutes, GoOnAirDialog, ViewerPanel } from '../later.tsx'
import { PresentList } from '../people/PresentList.tsx'
import { useStatus } from '../status.ts'
import { ChatList } from './ChatList.tsx'
import { GuestControl } from './GuestControl.tsx'
import { ShowNotices } from './ShowNotices.tsx'

/** What happens right now: the evening, the chat, who is there. */
export function OnAirPage() {
  const { show, present } = useStatus()
  const [viewer, setViewer] = useState<number>()
  const [starting, setStarting] = useState(false)
  const onAir = show?.status === 'on'
  return (
    <div className="flex h-full min-h-144 flex-col gap-4 max-lg:h-auto">
      <PageHead title={onAir ? show.title : 'You are off air'}>
        <div className="sm:ml-auto">{onAir && <GuestControl show={show} />}</div>
      </PageHead>
      <ShowNotices />
      {!onAir && (
        <div className="flex flex-wrap items-center justify-between gap-4 rounded-md border border-line bg-panel px-4 py-3">
          <p className="text-muted">
            {present === 0 ? 'Nobody is in the room yet.' : `${present} are in the room.`} Watching pays from the moment
            you go on air.
          </p>
          <Button onClick={() => setStarting(true)}>Start a show</Button>
        </div>
      )}
      {onAir && <FirstMinutes onViewer={setViewer} />}
      <EveningChart />
      <div className="grid min-h-0 flex-1 gap-4 max-lg:auto-rows-panel lg:cols-main-aside">
        <ChatList onViewer={setViewer} />
        <PresentList onViewer={setViewer} />
      </div>
      {starting && <GoOnAirDialog close={() => setStarting(false)} />}
      {viewer !== undefined && <ViewerPanel begin="History" id={viewer} close={() => setViewer(undefined)} />}
    </div>
  )
}
