import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { MENU } from './menu.ts'

interface Found {
  readonly id: number
  readonly name: string
}

interface FindPersonProps {
  readonly label: string
  readonly chosen: Found | undefined
  readonly choose: (person: Found | undefined) => void
}

/** A field that finds a person by the beginning of their name. */
export function FindPerson({ label, chosen, choose }: FindPersonProps) {
  const [typed, setTyped] = useState('')
  const name = useDeferredValue(typed.trim())
  const found = useQuery({
    queryKey: keyOf('find', name),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/viewers', { params: { query: { name: name } }, signal })),
    enabled: name !== '',
    placeholderData: keepPreviousData,
  })
  const people = name === '' ? [] : (found.data?.viewers ?? [])
  return (
    <Combobox value={chosen ?? null} onChange={(person: Found | null) => choose(person ?? undefined)}>
      <ComboboxInput
        aria-label={label}
        placeholder="Start typing a name"
        displayValue={(person: Found | null) => person?.name ?? ''}
        onChange={(event) => setTyped(event.target.value)}
        className="w-44 rounded-md border border-line bg-surface px-2.5 py-1.5"
      />
      <ComboboxOptions anchor="bottom start" className={`${MENU} empty:hidden`}>
        {people.map((person) => (
          <ComboboxOption
            key={person.id}
            value={person}
            className="cursor-pointer rounded px-3 py-1.5 data-focus:bg-raised"
          >
            {person.name}
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  )
}
