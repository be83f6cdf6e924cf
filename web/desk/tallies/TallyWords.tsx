import { useState } from 'react'
import { checkCommandWords } from '#core/commands'
import type { TallyRow } from '#core/tallies'
import { answerOf, api } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Wrong } from '../../parts/feedback/Wrong.tsx'
import { Checkbox, TextInput } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { wordsFor } from '../commands/fresh.ts'
import { type CommandsView, othersThan } from '../commands/view.ts'
import { GroupField } from '../commands/WordPart.tsx'
import { useStatus } from '../status.ts'

interface TallyWordsProps {
  readonly view: CommandsView
  readonly tally: TallyRow
  readonly close: () => void
}

/** After a tally was made: the words it can have, ticked one by one. */
export function TallyWords({ view, tally, close }: TallyWordsProps) {
  const [group, setGroup] = useState(tally.name.slice(0, 40))
  const offered = wordsFor(tally, group.trim())
  const [words, setWords] = useState(() => offered.map(({ settings }) => settings.word))
  const [ticked, setTicked] = useState<readonly number[]>([0, 1])
  const faults = useWordFaults(view, words, ticked)
  const make = useChange({
    ask: () => {
      const made = offered.map(({ settings }, i) => ({ ...settings, word: words[i] ?? '' }))
      const commands = made.filter((_, i) => ticked.includes(i))
      return answerOf(api.POST('/desk/commands/several', { body: { commands } }))
    },
    invalidates: ['commands'],
    said: ({ commands }) => `${commands.length} ${commands.length === 1 ? 'word is' : 'words are'} live.`,
    onDone: close,
    inPlace: true,
  })
  return (
    <DialogForm
      {...{ close, title: `Commands for ${tally.name}`, does: 'Add these commands', change: make }}
      go={() => make.mutate()}
      off={ticked.length === 0 || faults.some((fault) => fault !== undefined)}
    >
      {offered.map(({ about }, i) => (
        <Offered
          key={about}
          about={about}
          word={words[i] ?? ''}
          setWord={(next) => setWords(words.map((word, k) => (k === i ? next : word)))}
          on={ticked.includes(i)}
          tick={(on) => setTicked(on ? [...ticked, i].sort() : ticked.filter((k) => k !== i))}
          fault={faults[i]}
        />
      ))}
      <GroupField group={group} setGroup={setGroup} view={view} />
    </DialogForm>
  )
}

/** What is wrong with each word that is ticked. */
function useWordFaults(view: CommandsView, words: readonly string[], ticked: readonly number[]) {
  const { currency } = useStatus()
  const others = othersThan(view, currency, {})
  return words.map((word, i) => {
    if (!ticked.includes(i)) return undefined
    const twice = ticked.some((k) => k < i && words[k]?.toLowerCase() === word.toLowerCase())
    if (twice) return `"!${word}" is chosen twice.`
    if (!/^[\p{L}\p{N}_-]{1,30}$/u.test(word)) return 'Type one word of letters, digits, - and _.'
    const checked = checkCommandWords(others, { word, aliases: [] })
    return checked.ok ? undefined : checked.refusal.sentence
  })
}

interface OfferedProps {
  readonly about: string
  readonly word: string
  readonly setWord: (word: string) => void
  readonly on: boolean
  readonly tick: (on: boolean) => void
  readonly fault: string | undefined
}

function Offered({ about, word, setWord, on, tick, fault }: OfferedProps) {
  return (
    <div className="flex flex-col gap-1">
      <Checkbox on={on} onTick={tick}>
        {about}
      </Checkbox>
      <div className="flex items-center gap-1 pl-6">
        <span aria-hidden="true" className="text-muted">
          !
        </span>
        <TextInput
          aria-label={`Command: ${about}`}
          value={word}
          most={30}
          disabled={!on}
          onValue={(next) => setWord(next.replace(/^!+/, ''))}
          className="w-44 disabled:opacity-60"
        />
      </div>
      <div className="pl-6">
        <Wrong>{fault}</Wrong>
      </div>
    </div>
  )
}
