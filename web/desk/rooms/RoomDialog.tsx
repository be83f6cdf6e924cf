import { useState } from 'react'
import { ApiProblem, answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import { useChange } from '../../parts/useChange.ts'
import { NetworkFields } from './NetworkFields.tsx'
import type { OwnNetwork, Room, RoomBody, RoomSettings, RoomsView } from './view.ts'

const NETWORK: OwnNetwork = { host: '', port: 6697, tls: true, nick: 'Ricompensa', account: '' }

interface RoomDialogProps {
  readonly view: RoomsView
  /** Left out: a new one. */
  readonly room?: Room
  readonly close: () => void
}

/** What is told to nobody; undefined: it stays as it is. */
interface Secrets {
  readonly password: string | undefined
  readonly roomKey: string | undefined
}

interface Draft extends Secrets {
  readonly settings: RoomSettings
}

const AS_THEY_ARE: Secrets = { password: undefined, roomKey: undefined }

const freshOf = ({ network }: RoomsView): RoomSettings => ({
  room: '#',
  network: network === null ? NETWORK : null,
  moderators: '@&~',
})

function useSaveRoom({ settings, password, roomKey }: Draft, room: Room | undefined, close: () => void) {
  const body: RoomBody = { settings, password: password ?? null, roomKey: roomKey ?? null }
  return useChange({
    ask: () =>
      answerOf(
        room === undefined
          ? api.POST('/desk/rooms', { body })
          : api.PUT('/desk/rooms/{id}', { params: { path: { id: room.id } }, body, ...changedFrom(room.settings) }),
      ),
    invalidates: ['rooms', 'connections', 'status'],
    said: `The bot goes to ${settings.room}.`,
    onDone: close,
    inPlace: true,
  })
}

/** Where the room is, and as whom the bot goes there. */
export function RoomDialog({ view, room, close }: RoomDialogProps) {
  const kept = useDraft<RoomSettings>(`room/${room?.id ?? 'new'}`, room?.settings ?? freshOf(view))
  // What is secret is kept nowhere while it is typed.
  const [secrets, setSecrets] = useState<Secrets>(AS_THEY_ARE)
  const { draft: settings, put, discard, changed, conflict } = kept
  const save = useSaveRoom({ settings, ...secrets }, room, () => {
    discard()
    close()
  })
  const faults = save.error instanceof ApiProblem ? save.error.faults : {}
  const { network } = settings
  return (
    <DialogForm
      title={room === undefined ? 'Add a room' : `Change ${room.settings.room}`}
      close={close}
      wide
      does={room === undefined ? 'Go there' : 'Save now'}
      go={() => save.mutate()}
      off={settings.room.length < 2 || network?.host === '' || network?.nick === '' || conflict !== undefined}
      change={save}
      aside={changed && <Button onClick={discard}>Discard changes</Button>}
    >
      <RoomFields
        draft={{ settings, ...secrets }}
        setDraft={({ settings: typed, ...rest }) => {
          put(typed)
          setSecrets(rest)
        }}
        {...{ view, room, faults }}
      />
      <DraftConflict conflict={conflict} />
    </DialogForm>
  )
}

interface RoomFieldsProps {
  readonly draft: Draft
  readonly setDraft: (draft: Draft) => void
  readonly view: RoomsView
  readonly room: Room | undefined
  readonly faults: Readonly<Record<string, string>>
}

function RoomFields({ draft, setDraft, view, room, faults }: RoomFieldsProps) {
  const { settings, password, roomKey } = draft
  const { network } = settings
  const put = (patch: Partial<RoomSettings>) => setDraft({ ...draft, settings: { ...settings, ...patch } })
  return (
    <>
      <Field label="Room" hint="With the sign before its name, like #workbench." error={faults['settings.room']}>
        <TextInput data-autofocus most={100} value={settings.room} onValue={(name) => put({ room: name.trim() })} />
      </Field>
      {view.network !== null && <WhichNetwork host={view.network} network={network} put={put} />}
      {network !== null && (
        <NetworkFields
          network={network}
          put={(patch) => put({ network: { ...network, ...patch } })}
          inside={view.inside}
          faults={faults}
          password={password}
          setPassword={(text) => setDraft({ ...draft, password: text })}
          hasPassword={room?.hasPassword ?? false}
        />
      )}
      <Field
        label="Key of the room"
        hint={room?.hasKey ? 'One is saved. Type another to change it.' : 'Only if the room asks for one.'}
        error={faults.roomKey}
      >
        <TextInput
          most={200}
          type="password"
          autoComplete="off"
          value={roomKey ?? ''}
          onValue={(text) => setDraft({ ...draft, roomKey: text })}
        />
      </Field>
    </>
  )
}

interface WhichNetworkProps {
  readonly host: string
  readonly network: OwnNetwork | null
  readonly put: (patch: Partial<RoomSettings>) => void
}

const WhichNetwork = ({ host, network, put }: WhichNetworkProps) => (
  <Radios
    legend="Network"
    value={network === null ? 'shared' : 'own'}
    choices={[
      { value: 'shared', name: `The one of this installation (${host})` },
      { value: 'own', name: 'Another one' },
    ]}
    onChoose={(which) => put({ network: which === 'shared' ? null : (network ?? NETWORK) })}
  />
)
