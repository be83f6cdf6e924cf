import { useState } from 'react'
import type { Body } from '../../parts/api/called.ts'
import { ApiProblem, answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Light } from '../../parts/feedback/Light.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { RemoveButton } from '../../parts/form/RemoveButton.tsx'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'
import type { Room } from './view.ts'

type Own = Room['own']

/** As whom the owner speaks in a room from the desk, and how that account stands there. */
export function OwnVoice({ room, own }: { readonly room: number; readonly own: Own }) {
  const { owner } = useStatus()
  const [asking, setAsking] = useState(false)
  if (own === null && !owner) return null
  return (
    <section
      aria-label="Your own voice"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-line px-4 py-3"
    >
      <div className="min-w-0 flex-1 max-sm:basis-full">
        {own === null ? (
          <p className="text-muted">Add an account of your own, and you can speak here as yourself from the desk.</p>
        ) : (
          <>
            <Light good={own.chat.status === 'connected'}>{own.chat.sentence}</Light>
            <p className="text-note text-muted">
              {own.mine ? 'Your own voice' : 'The voice of an owner'}, account {own.settings.account}
            </p>
          </>
        )}
      </div>
      {owner && (
        <Button onClick={() => setAsking(true)}>{own?.mine ? 'Change your account' : 'Speak as yourself …'}</Button>
      )}
      {owner && own !== null && (
        <RemoveButton
          send={() => api.POST('/desk/rooms/{id}/own-voice/remove', { params: { path: { id: room } } })}
          name={own.settings.nick}
          close={() => {}}
          refreshes="rooms"
          how={own.mine ? 'Remove your account' : 'Remove this account'}
        />
      )}
      {asking && <OwnVoiceDialog room={room} own={own} close={() => setAsking(false)} />}
    </section>
  )
}

interface OwnVoiceDialogProps {
  readonly room: number
  readonly own: Own
  readonly close: () => void
}

function useSaveOwnVoice(room: number, close: () => void) {
  return useChange({
    ask: (body: Body<'/desk/rooms/{id}/own-voice', 'put'>) =>
      answerOf(api.PUT('/desk/rooms/{id}/own-voice', { params: { path: { id: room } }, body })),
    invalidates: ['rooms', 'status'],
    said: 'Your account goes into the room.',
    onDone: close,
    inPlace: true,
  })
}

function OwnVoiceDialog({ room, own, close }: OwnVoiceDialogProps) {
  const [nick, setNick] = useState(own?.mine ? own.settings.nick : '')
  const [account, setAccount] = useState(own?.mine ? own.settings.account : '')
  const [password, setPassword] = useState('')
  const kept = own?.mine === true && own.settings.account === account
  const save = useSaveOwnVoice(room, close)
  const faults = save.error instanceof ApiProblem ? save.error.faults : {}
  return (
    <DialogForm
      title="Speak as yourself"
      close={close}
      does="Save now"
      go={() => save.mutate({ settings: { nick, account }, password: password === '' ? null : password })}
      off={nick === '' || account === '' || (password === '' && !kept)}
      change={save}
    >
      <p className="text-muted">
        What you write at the desk as yourself is said by this account of yours on the chat network. It comes and goes
        with the bot. Only owners of the channel can use it.
      </p>
      <Field label="Your account on the network">
        <TextInput data-autofocus most={100} value={account} onValue={(typed) => setAccount(typed.trim())} />
      </Field>
      <Field
        label="Name to speak by"
        error={faults['settings.nick']}
        hint="If it is in use, by your own chat program for instance, an underscore is added."
      >
        <TextInput most={30} value={nick} onValue={(typed) => setNick(typed.trim())} />
      </Field>
      <Field
        label="Password"
        hint={kept ? 'Leave it empty to keep the one that is saved.' : 'It is saved encrypted; nobody can read it.'}
      >
        <TextInput type="password" most={200} value={password} onValue={setPassword} autoComplete="off" />
      </Field>
    </DialogForm>
  )
}
