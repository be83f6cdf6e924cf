import { type FormEvent, useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { useChange } from '../../parts/useChange.ts'

/** Says something in chat as the bot. */
export function SayBox({ muted }: { muted: boolean }) {
  const [text, setText] = useState('')
  const say = useChange({
    ask: (line: string) => answerOf(api.POST('/desk/say', { body: { text: line } })),
    invalidates: [],
    onDone: () => {
      setText('')
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (text.trim() !== '') say.mutate(text)
  }
  return (
    <form onSubmit={submit} className="flex gap-2 border-t border-line p-2">
      <input
        aria-label="Say in chat as the bot"
        value={text}
        maxLength={300}
        placeholder={muted ? 'The bot is muted: nothing would be said' : 'Say in chat as the bot'}
        disabled={muted}
        onChange={(event) => setText(event.target.value)}
        className="min-w-0 flex-1 rounded-md border border-line bg-surface px-2.5 py-1 placeholder:text-muted"
      />
      <Button type="submit" disabled={muted || text.trim() === '' || say.isPending}>
        Say
      </Button>
    </form>
  )
}
