import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react'
import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { type Around, fieldsFor } from '#core/runs'
import { type Field, render, SAMPLE_VIEWER, SECOND_VIEWER } from '#core/texts'
import { answerOf, api } from '../../../parts/api.ts'
import { INPUT, TextInput } from '../../../parts/form/inputs.tsx'
import { keyOf } from '../../../parts/queryKey.ts'

interface TextFieldProps {
  readonly label: string
  readonly value: string
  readonly onText: (text: string) => void
  readonly around: Around
  readonly most?: number
}

/** A text with fields in it: a list to choose them from, and how it reads. */
export function TextField({ label, value, onText, around, most = 500 }: TextFieldProps) {
  const box = useRef<HTMLTextAreaElement>(null)
  const fields = fieldsFor(around)
  const insert = ({ path, list }: Field) => {
    const piece = `{{ ${path}${list ? ' | places' : ''} }}`
    const at = box.current?.selectionStart ?? value.length
    const spaced = at > 0 && !/\s$/.test(value.slice(0, at)) ? ` ${piece}` : piece
    onText(`${value.slice(0, at)}${spaced}${value.slice(box.current?.selectionEnd ?? at)}`)
    requestAnimationFrame(() => box.current?.focus())
  }
  return (
    <div className="flex flex-col gap-1">
      <div className="flex items-center justify-between">
        <span id={`${label}-label`}>{label}</span>
        <FieldPicker fields={fields} insert={insert} />
      </div>
      <textarea
        ref={box}
        aria-label={label}
        value={value}
        rows={2}
        maxLength={most}
        onChange={(event) => onText(event.target.value)}
        className={`w-full ${INPUT}`}
      />
      {value.includes('{') && (
        <p aria-live="polite" className="text-note text-muted">
          Reads like: {sampleOf(value, fields)}
        </p>
      )}
    </div>
  )
}

interface FieldPickerProps {
  readonly fields: readonly Field[]
  readonly insert: (field: Field) => void
}

function FieldPicker({ fields, insert }: FieldPickerProps) {
  return (
    <Popover>
      <PopoverButton className="rounded-md px-2 py-0.5 text-brass-text hover:bg-raised">Insert a field …</PopoverButton>
      <PopoverPanel
        anchor="bottom end"
        className="z-50 flex max-h-80 w-96 flex-col gap-2 rounded-md border border-line bg-panel p-2 shadow-lg"
      >
        {({ close }) => (
          <FoundFields
            fields={fields}
            insert={(field) => {
              insert(field)
              close()
            }}
          />
        )}
      </PopoverPanel>
    </Popover>
  )
}

function FoundFields({ fields, insert }: FieldPickerProps) {
  const [asked, setAsked] = useState('')
  const live = useQuery({
    queryKey: keyOf('fields'),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/fields', { signal })),
  })
  const wanted = asked.trim().toLowerCase()
  const found = fields.filter(({ path, tells }) => `${path} ${tells}`.toLowerCase().includes(wanted))
  return (
    <>
      <TextInput
        aria-label="Find a field"
        placeholder="name, balance, top …"
        value={asked}
        most={60}
        onValue={setAsked}
      />
      <ul className="min-h-0 overflow-y-auto">
        {found.map((field) => (
          <li key={field.path}>
            <button
              type="button"
              onClick={() => insert(field)}
              className="w-full rounded px-2 py-1 text-left hover:bg-raised"
            >
              <code>{field.path}</code>
              <span className="block text-sm text-muted">{field.tells}</span>
              <span className="block truncate text-sm">
                {live.data?.values[field.path] ? `now: ${live.data.values[field.path]}` : `like: ${field.sample}`}
              </span>
            </button>
          </li>
        ))}
        {found.length === 0 && <li className="px-2 py-1 text-muted">No such field.</li>}
      </ul>
    </>
  )
}

/** How a text reads with the samples of its fields. */
function sampleOf(text: string, fields: readonly Field[]): string {
  const values: Record<string, unknown> = {}
  for (const { path, sample, list } of fields) {
    const parts = path.split('.')
    let at = values
    for (const part of parts.slice(0, -1)) {
      at[part] ??= {}
      at = at[part] as Record<string, unknown>
    }
    at[parts.at(-1) ?? ''] = list ? PLACES : sample
  }
  const filled = render(text, values, { inWords: (n) => `${n} …` })
  return filled.ok ? filled.text : '…'
}

const PLACES = [
  { name: SAMPLE_VIEWER, value: 1204 },
  { name: SECOND_VIEWER, value: 980 },
]
