import { useState } from 'react'
import type { CommandSettings } from '#core/words'
import { Field, INPUT, splitWords } from '../../parts/form/inputs.tsx'
import { type CommandsView, groupsOf } from './view.ts'

interface WordPartProps {
  readonly draft: CommandSettings
  readonly put: (patch: Partial<CommandSettings>) => void
  readonly view: CommandsView
  /** What a word collides with, while it is typed. */
  readonly collides: string | undefined
}

/** What is typed, what it is for, and where it stands in the list. */
export function WordPart({ draft, put, view, collides }: WordPartProps) {
  const [aliases, setAliases] = useState(draft.aliases.join(' '))
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <Field label="Command, after the !">
        <input
          data-autofocus
          value={draft.word}
          maxLength={30}
          aria-invalid={collides !== undefined}
          onChange={(event) => put({ word: event.target.value.replace(/^!+/, '').trim() })}
          className={INPUT}
        />
      </Field>
      <Field label="Aliases and common typos">
        <input
          value={aliases}
          placeholder="none"
          onChange={(event) => {
            setAliases(event.target.value)
            put({ aliases: splitWords(event.target.value).slice(0, 20) })
          }}
          className={`${INPUT} placeholder:text-muted`}
        />
      </Field>
      {collides !== undefined && (
        <p role="alert" className="col-span-2 text-brick-text">
          {collides}
        </p>
      )}
      <Field label="Description for the public list">
        <input
          value={draft.description}
          maxLength={200}
          onChange={(event) => put({ description: event.target.value })}
          className={INPUT}
        />
      </Field>
      <GroupField group={draft.group} setGroup={(group) => put({ group })} view={view} />
    </div>
  )
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
        <input
          value={group}
          maxLength={40}
          list="command-groups"
          placeholder="none"
          onChange={(event) => setGroup(event.target.value)}
          className={`${INPUT} placeholder:text-muted`}
        />
      </Field>
      <datalist id="command-groups">
        {groupsOf(view).map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </>
  )
}
