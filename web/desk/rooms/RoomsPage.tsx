import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { BotOut } from '../show/BotButtons.tsx'
import { useStatus } from '../status.ts'
import { RoomDialog } from './RoomDialog.tsx'
import { OperatorsPanel, RoomPanel } from './RoomPanel.tsx'
import { roomsQuery } from './view.ts'

const MOST = 5

/** The chat rooms in which the bot sits, each with how it stands and how to mend it. */
export function RoomsPage() {
  const found = useQuery(roomsQuery)
  const { voice } = useStatus()
  const [adding, setAdding] = useState(false)
  const rooms = found.data?.rooms ?? []
  const none = rooms.length === 0 && found.data?.operators === null
  const add = (
    <Button needs="change" look="main" onClick={() => setAdding(true)}>
      Add a room
    </Button>
  )
  return (
    <div className="flex max-w-4xl flex-col gap-4">
      <PageActions note="Where the bot listens and speaks.">
        {!none && <BotOut voice={voice} />}
        {found.data && !none && rooms.length < MOST && add}
      </PageActions>
      {found.isPending && <Loading what="the rooms" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && none && (
        <Panel title="No room yet">
          <Empty action={add}>
            Nobody hears this channel’s chat. Add its room: the bot goes there, pays who is present, and answers
            commands.
          </Empty>
        </Panel>
      )}
      {found.data?.operators && <OperatorsPanel {...found.data.operators} />}
      {found.data && rooms.map((room) => <RoomPanel key={room.id} room={room} view={found.data} />)}
      {adding && found.data && <RoomDialog view={found.data} close={() => setAdding(false)} />}
    </div>
  )
}
