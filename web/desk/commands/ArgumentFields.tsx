import { Trash2 } from 'lucide-react'
import { type Argument, usageLine } from '#core/words'
import { Button } from '../../parts/Button.tsx'
import { Checkbox, INPUT, NumberInput, Select, splitWords, TextInput } from '../../parts/form/inputs.tsx'

const KINDS = [
  { value: 'viewer', name: 'a viewer' },
  { value: 'amount', name: 'an amount of currency' },
  { value: 'number', name: 'a whole number' },
  { value: 'choice', name: 'one of several words' },
  { value: 'text', name: 'a text' },
] as const

interface ArgumentFieldsProps {
  readonly word: string
  readonly wanted: readonly Argument[]
  readonly setWanted: (wanted: Argument[]) => void
}

/** What is typed behind the word, in order, with the line that teaches it. */
export function ArgumentFields({ word, wanted, setWanted }: ArgumentFieldsProps) {
  const add = () =>
    setWanted([...wanted, { name: freeName(wanted), kind: 'viewer', needed: true, choices: [], most: 100 }])
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">What viewers type after it</legend>
      {wanted.map((argument, i) => (
        <ArgumentRow
          // biome-ignore lint/suspicious/noArrayIndexKey: an argument is its place
          key={i}
          argument={argument}
          place={i + 1}
          put={(patch) => setWanted(wanted.map((one, k) => (k === i ? { ...one, ...patch } : one)))}
          remove={() => setWanted(wanted.filter((_, k) => k !== i))}
        />
      ))}
      <div className="flex flex-wrap items-center gap-3">
        <Button onClick={add} disabled={wanted.length >= 6}>
          Add an argument
        </Button>
        <span className="text-muted">
          Used like <code className="text-text">{usageLine(word || 'word', wanted)}</code>
        </span>
      </div>
    </fieldset>
  )
}

interface ArgumentRowProps {
  readonly argument: Argument
  /** From 1. */
  readonly place: number
  readonly put: (patch: Partial<Argument>) => void
  readonly remove: () => void
}

function ArgumentRow({ argument, place, put, remove }: ArgumentRowProps) {
  return (
    <div className="flex flex-wrap items-center gap-2 rounded-md border border-line p-2">
      <TextInput
        aria-label={`Name of argument ${place}`}
        value={argument.name}
        most={20}
        onValue={(name) => put({ name: name.toLowerCase().replace(/[^a-z0-9_]/g, '') })}
        className="w-28"
      />
      <Select
        label={`Kind of argument ${place}`}
        value={argument.kind}
        choices={KINDS}
        onChoose={(kind) => put({ kind })}
      />
      <KindFields argument={argument} place={place} put={put} />
      <Checkbox on={argument.needed} onTick={(needed) => put({ needed })}>
        required
      </Checkbox>
      <Button look="quiet" className="ml-auto" aria-label={`Remove argument ${argument.name}`} onClick={remove}>
        <Trash2 aria-hidden="true" className="size-4" />
      </Button>
    </div>
  )
}

function KindFields({ argument, place, put }: Omit<ArgumentRowProps, 'remove'>) {
  if (argument.kind === 'choice')
    return (
      <input
        aria-label={`Words of argument ${place}`}
        defaultValue={argument.choices.join(' ')}
        placeholder="red green blue"
        onChange={(event) => put({ choices: splitWords(event.target.value).slice(0, 30) })}
        className={`min-w-32 flex-1 ${INPUT}`}
      />
    )
  if (argument.kind !== 'text') return null
  return (
    <span className="flex items-center gap-2">
      up to
      <NumberInput
        label={`Longest text of argument ${place}`}
        value={argument.most}
        most={300}
        onValue={(most) => put({ most: Math.max(1, most) })}
        className="w-16"
      />
      characters
    </span>
  )
}

function freeName(wanted: readonly Argument[]): string {
  const names = ['who', 'amount', 'what', 'note', 'more', 'last']
  return names.find((name) => !wanted.some((one) => one.name === name)) ?? `a${wanted.length}`
}
