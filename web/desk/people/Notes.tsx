import { X } from 'lucide-react'
import { type FormEvent, useState } from 'react'
import { accountInWords } from '#core/people'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { TextInput } from '../../parts/form/inputs.tsx'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import type { PanelAnswer } from './panel.ts'

/** What the team wrote about somebody. Viewers never see it. */
export function Notes({ viewer, notes }: { viewer: number; notes: PanelAnswer['notes'] }) {
  const remove = useChange({
    ask: (note: number) => answerOf(api.POST('/desk/notes/{note}/remove', { params: { path: { note } } })),
    invalidates: ['viewer'],
    inPlace: true,
  })
  return (
    <section aria-labelledby="notes" className="flex flex-col gap-2">
      <h3 id="notes" className="text-base">
        Notes of the team
      </h3>
      {notes.map((note) => (
        <div key={note.id} className="flex items-start gap-2 border-t border-line pt-2">
          <p className="min-w-0 flex-1 break-words">
            {note.text}
            <span className="block text-sm text-muted">
              {accountInWords(note.by)}, {dayText(note.at)}
            </span>
          </p>
          <Button
            look="quiet"
            className="px-1.5!"
            aria-label={`Remove the note: ${note.text}`}
            onClick={() => remove.mutate(note.id)}
          >
            <X aria-hidden="true" className="size-4" />
          </Button>
        </div>
      ))}
      {remove.error && <Problem error={remove.error} />}
      <NewNote viewer={viewer} />
    </section>
  )
}

function NewNote({ viewer }: { viewer: number }) {
  const [text, setText] = useState('')
  const write = useChange({
    ask: () =>
      answerOf(api.POST('/desk/viewers/{viewer}/notes', { params: { path: { viewer } }, body: { text: text.trim() } })),
    invalidates: ['viewer'],
    onDone: () => setText(''),
    inPlace: true,
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (text.trim() !== '') write.mutate()
  }
  return (
    <>
      {write.error && <Problem error={write.error} />}
      <form onSubmit={submit} className="flex gap-2">
        <TextInput
          aria-label="A new note"
          value={text}
          most={1000}
          onValue={setText}
          placeholder="Only the team sees this"
          className="min-w-0 flex-1"
        />
        <Button type="submit" disabled={text.trim() === '' || write.isPending}>
          Add note
        </Button>
      </form>
    </>
  )
}
