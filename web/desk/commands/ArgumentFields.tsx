import { Trash2 } from 'lucide-react'
import { type Argument, usageLine } from '#core/words'
import { Button } from '../../parts/Button.tsx'
import { Checkbox, INPUT, NumberInput, Select, splitWords } from '../../parts/form/inputs.tsx'

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
  const put = (at: number, patch: Partial<Argument>) =>
    setWanted(wanted.map((one, i) => (i === at ? { ...one, ...patch } : one)))
  const add = () =>
    setWanted([...wanted, { name: freeName(wanted), kind: 'viewer', needed: true, choices: [], most: 100 }])
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">What viewers type after it</legend>
      {wanted.map((argument, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: an argument is its place
        <div key={i} className="flex flex-wrap items-center gap-2 rounded-md border border-line p-2">
          <input
            aria-label={`Name of argument ${i + 1}`}
            value={argument.name}
            maxLength={20}
            onChange={(event) => put(i, { name: event.target.value.toLowerCase().replace(/[^a-z0-9_]/g, '') })}
            className={`w-28 ${INPUT}`}
          />
          <Select
            label={`Kind of argument ${i + 1}`}
            value={argument.kind}
            choices={KINDS}
            onChoose={(kind) => put(i, { kind })}
          />
          {argument.kind === 'choice' && (
            <input
              aria-label={`Words of argument ${i + 1}`}
              defaultValue={argument.choices.join(' ')}
              placeholder="red green blue"
              onChange={(event) => put(i, { choices: splitWords(event.target.value).slice(0, 30) })}
              className={`min-w-32 flex-1 ${INPUT}`}
            />
          )}
          {argument.kind === 'text' && (
            <span className="flex items-center gap-2">
              up to
              <NumberInput
                label={`Longest text of argument ${i + 1}`}
                value={argument.most}
                most={300}
                onValue={(most) => put(i, { most: Math.max(1, most) })}
                className="w-16"
              />
              characters
            </span>
          )}
          <Checkbox on={argument.needed} onTick={(needed) => put(i, { needed })}>
            required
          </Checkbox>
          <Button
            look="quiet"
            className="ml-auto"
            aria-label={`Remove argument ${argument.name}`}
            onClick={() => setWanted(wanted.filter((_, k) => k !== i))}
          >
            <Trash2 aria-hidden="true" className="size-4" />
          </Button>
        </div>
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

function freeName(wanted: readonly Argument[]): string {
  const names = ['who', 'amount', 'what', 'note', 'more', 'last']
  return names.find((name) => !wanted.some((one) => one.name === name)) ?? `a${wanted.length}`
}
