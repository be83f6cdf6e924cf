import { useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Light } from '../../parts/feedback/Light.tsx'
import { RemoveButton } from '../../parts/form/RemoveButton.tsx'
import { IfMay } from '../../parts/page/areaRights.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { timeText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { OwnVoice } from './OwnVoice.tsx'
import { RoomDialog } from './RoomDialog.tsx'
import type { Room, RoomsView } from './view.ts'

type Chat = Room['chat']

/** One room: how it stands in a sentence, with a test, and what can be changed. */
export function RoomPanel({ room, view }: { readonly room: Room; readonly view: RoomsView }) {
  const [changing, setChanging] = useState(false)
  const { id, settings, chat, hasPassword } = room
  return (
    <Panel title={settings.room} aside={networkOf(room, view)}>
      <Standing id={id} chat={chat} />
      <p className="px-4 text-muted">
        {settings.network === null
          ? 'On the network that this installation has set up.'
          : `As ${settings.network.nick}${settings.network.account === '' ? ', not signed in' : `, signed in as ${settings.network.account}`}${hasPassword ? '' : ', without a password'}.`}
      </p>
      <IfMay>
        <div className="flex flex-wrap items-center gap-2 px-4 py-3">
          <Button onClick={() => setChanging(true)}>Change it</Button>
          <RemoveButton
            send={() => api.POST('/desk/rooms/{id}/remove', { params: { path: { id } } })}
            name={settings.room}
            close={() => {}}
            refreshes="rooms"
            how="Remove"
          />
        </div>
      </IfMay>
      <OwnVoice room={id} own={room.own} />
      {changing && <RoomDialog room={room} view={view} close={() => setChanging(false)} />}
    </Panel>
  )
}

const networkOf = ({ settings: { network } }: Room, view: RoomsView): string =>
  network === null ? (view.network ?? '') : `${network.host}:${network.port}`

/** The room that the operator has set for this channel. */
export const OperatorsPanel = ({ id, chat, own }: NonNullable<RoomsView['operators']>) => (
  <Panel title={chat.room ?? 'The operator’s room'} aside="set by whoever runs this installation">
    <Standing id={id} chat={chat} />
    <OwnVoice room={id} own={own} />
  </Panel>
)

function Standing({ id, chat }: { readonly id: number; readonly chat: Chat }) {
  const test = useChange({
    ask: () => answerOf(api.POST('/desk/rooms/{id}/test', { params: { path: { id } } })),
    invalidates: ['rooms'],
    said: ({ muted }) =>
      muted
        ? 'The bot is muted, so the test shows on the desk only.'
        : 'The bot says a test line there now, or as soon as it is there, within a minute.',
  })
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-3">
      <div className="min-w-0 flex-1 max-sm:basis-full">
        <Light good={chat.status === 'connected'}>{chat.sentence}</Light>
        {chat.since > 0 && <p className="text-note text-muted">since {timeText(chat.since)}</p>}
      </div>
      <Button needs="act" onClick={() => test.mutate()} disabled={test.isPending || chat.status === 'out'}>
        Say a test line
      </Button>
    </div>
  )
}
