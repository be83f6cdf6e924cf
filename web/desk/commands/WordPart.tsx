import { type ComponentProps, useState } from 'react'
import type { CommandSettings } from '#core/words'
import { fieldOf } from '../../parts/form/DraftField.tsx'
import { Field, splitWords, TextInput } from '../../parts/form/inputs.tsx'
import { type CommandsView, groupsOf } from './view.ts'

const CommandField = fieldOf<CommandSettings>()

interface WordPartProps {
  readonly draft: CommandSettings
  readonly put: (patch: Partial<CommandSettings>) => void
  readonly view: CommandsView
}

/** What is typed, what it is for, and where it stands in the list. */
export function WordPart({ draft, put, view }: WordPartProps) {
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <CommandField name="word" label="Command, after the !">
        {({ value, onValue }) => (
          <TextInput
            data-autofocus
            value={value}
            most={30}
            onValue={(word) => onValue(word.replace(/^!+/, '').trim())}
          />
        )}
      </CommandField>
      <CommandField name="aliases" label="Aliases and common typos">
        {({ value, onValue }) => <WordsInput words={value} onWords={(words) => onValue(words.slice(0, 20))} />}
      </CommandField>
      <CommandField name="description" label="Description for the public list">
        {(own) => <TextInput most={200} {...own} />}
      </CommandField>
      <GroupField group={draft.group} setGroup={(group) => put({ group })} view={view} />
    </div>
  )
}

interface WordsInputProps extends Pick<ComponentProps<'input'>, 'aria-describedby' | 'aria-invalid'> {
  readonly words: readonly string[]
  readonly onWords: (words: string[]) => void
}

/** Several words; what is typed between them stays as it is while it is typed. */
function WordsInput({ words, onWords, ...rest }: WordsInputProps) {
  const [typed, setTyped] = useState(words.join(' '))
  const type = (text: string) => {
    setTyped(text)
    onWords(splitWords(text))
  }
  return <TextInput value={typed} most={700} placeholder="none" onValue={type} {...rest} />
}

/** A group to stand in, new or one there is. */
export function GroupField({
  group,
  setGroup,
  view,
}: {
  group: string
  setGroup: (group: string) => void
  view: CommandsView
}) {
  return (
    <>
      <Field label="Group">
        <TextInput value={group} most={40} list="command-groups" placeholder="none" onValue={setGroup} />
      </Field>
      <datalist id="command-groups">
        {groupsOf(view).map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </>
  )
}
