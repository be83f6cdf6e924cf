import { type FormEvent, useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Select } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'

const AS = [
  { value: 'bot', name: 'As the bot' },
  { value: 'own', name: 'As yourself' },
] as const
type As = (typeof AS)[number]['value']

interface SayBoxProps {
  readonly muted: boolean
  /** Whether an account of one's own is set to speak by. */
  readonly ownVoice: boolean
}

/** Says something in chat as the bot, or as oneself. */
export function SayBox({ muted, ownVoice }: SayBoxProps) {
  const [text, setText] = useState('')
  const [chosen, setChosen] = useState<As>('bot')
  const as = ownVoice ? chosen : 'bot'
  const say = useChange({
    ask: (line: string) =>
      answerOf<unknown>(
        as === 'own'
          ? api.POST('/desk/say/as-oneself', { body: { text: line } })
          : api.POST('/desk/say', { body: { text: line } }),
      ),
    invalidates: [],
    onDone: () => {
      setText('')
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (text.trim() !== '') say.mutate(text)
  }
  const label = as === 'own' ? 'Say in chat as yourself' : 'Say in chat as the bot'
  const off = muted && as === 'bot'
  return (
    <form onSubmit={submit} className="flex flex-wrap gap-2 border-t border-line p-2">
      {ownVoice && <Select label="Who says it" value={as} choices={AS} onChoose={setChosen} />}
      <input
        aria-label={label}
        value={text}
        maxLength={300}
        placeholder={off ? 'The bot is muted: nothing would be said' : label}
        disabled={off}
        onChange={(event) => setText(event.target.value)}
        className="min-w-0 flex-1 rounded-md border border-line bg-surface px-2.5 py-1 placeholder:text-muted"
      />
      <Button type="submit" disabled={off || text.trim() === '' || say.isPending}>
        Say
      </Button>
    </form>
  )
}
