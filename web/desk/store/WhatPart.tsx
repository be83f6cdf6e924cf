import { clsx } from 'clsx'
import { useState } from 'react'
import { type Asks, KINDS, type RewardKind, type RewardSettings, shortWord } from '#core/store'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { Checkbox, INPUT, NumberInput, Select, TextArea, TextInput } from '../../parts/form/inputs.tsx'
import { PictureField } from '../library/RefFields.tsx'
import { type PartProps, RewardField } from './part.ts'

const KIND_NAMES: Readonly<Record<RewardKind, string>> = {
  hand: 'You do it yourself',
  itself: 'Happens automatically',
  code: 'Gives out a code',
}

/** What it is called, how it is bought, what the buyer is asked. */
export function WhatPart({ draft, put, store, id }: PartProps) {
  return (
    <div className="flex flex-col gap-4">
      <NameFields draft={draft} put={put} taken={takenWords(store, id)} />
      <KindField kind={draft.kind} setKind={(kind) => put({ kind, ...without(kind) })} />
      <RewardField name="description" label="Description, for viewers">
        {(own) => <TextArea rows={2} most={600} {...own} />}
      </RewardField>
      <GroupField store={store} />
      <PictureField label="Picture in the store" value={draft.picture} onValue={(picture) => put({ picture })} />
      <FaultsAt name="asks">
        <AsksField asks={draft.asks} setAsks={(asks) => put({ asks })} />
      </FaultsAt>
      <RewardField
        name="confirm"
        label="What the buyer must confirm"
        hint="A checkbox on the page; in chat, viewers add “yes”."
      >
        {(own) => <TextInput most={120} placeholder="nothing" {...own} />}
      </RewardField>
      {draft.kind === 'hand' && <PostField draft={draft} put={put} />}
    </div>
  )
}

interface NameFieldsProps extends Pick<PartProps, 'draft' | 'put'> {
  /** The words of other rewards. */
  readonly taken: ReadonlySet<string>
}

function NameFields({ draft, put, taken }: NameFieldsProps) {
  return (
    <>
      <div className="grid gap-4 sm:grid-cols-2">
        <RewardField name="name" label="Name">
          {({ value }) => (
            <TextInput
              data-autofocus
              value={value}
              most={60}
              onValue={(name) => put({ name, ...wordFrom(draft, name, taken) })}
            />
          )}
        </RewardField>
        <RewardField name="word" label="Chat word, as in !get hat">
          {({ value, onValue }) => (
            <TextInput
              value={value}
              most={30}
              onValue={(word) => onValue(word.toLowerCase().replace(/^!+/, '').trim())}
            />
          )}
        </RewardField>
      </div>
      <Checkbox on={draft.command} onTick={(command) => put({ command })}>
        “!{draft.word || 'word'}” alone buys it, too
      </Checkbox>
    </>
  )
}

function GroupField({ store }: Pick<PartProps, 'store'>) {
  const groups = [...new Set(store.rewards.map(({ settings }) => settings.group).filter((name) => name !== ''))]
  return (
    <>
      <RewardField
        name="group"
        label="Group"
        hint="A whole group can be switched on and off in one go: for a season, for an evening."
      >
        {(own) => <TextInput most={40} list="reward-groups" placeholder="none" {...own} />}
      </RewardField>
      <datalist id="reward-groups">
        {groups.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </>
  )
}

/** What a kind cannot have. */
const without = (kind: RewardKind): Partial<RewardSettings> => ({
  ...(kind !== 'hand' && { post: null }),
  ...(kind !== 'itself' && { steps: [] }),
  ...(kind === 'code' && { perk: null, refill: null }),
})

/** While the word is the one suggested it goes on following the name. */
function wordFrom({ name, word }: RewardSettings, next: string, taken: ReadonlySet<string>): Partial<RewardSettings> {
  return word === shortWord(name, taken) ? { word: shortWord(next, taken) } : {}
}

const takenWords = ({ rewards }: PartProps['store'], id: number | undefined): ReadonlySet<string> =>
  new Set(rewards.flatMap((one) => (one.id === id ? [] : [one.settings.word])))

function KindField({ kind, setKind }: { kind: RewardKind; setKind: (kind: RewardKind) => void }) {
  return (
    <fieldset>
      <legend className="sr-only">How it is delivered</legend>
      <div className="grid grid-cols-3 rounded-md border border-line">
        {KINDS.map((one) => (
          <label
            key={one}
            className={clsx(
              'cursor-pointer border-b-2 px-2 py-1.5 text-center has-focus-visible:outline-2',
              one === kind ? 'border-brass bg-raised font-semibold' : 'border-transparent hover:bg-raised',
            )}
          >
            <input
              type="radio"
              name="reward-kind"
              checked={one === kind}
              onChange={() => setKind(one)}
              className="sr-only"
            />
            {KIND_NAMES[one]}
          </label>
        ))}
      </div>
    </fieldset>
  )
}

const FRESH: Readonly<Record<Asks['of'], Asks>> = {
  nothing: { of: 'nothing' },
  text: { of: 'text', question: '', least: 1, most: 100 },
  choice: { of: 'choice', question: '', choices: ['', ''] },
  number: { of: 'number', question: '', from: 1, to: 10 },
  link: { of: 'link', question: '' },
}

const ASKS: readonly { readonly value: Asks['of']; readonly name: string }[] = [
  { value: 'nothing', name: 'nothing' },
  { value: 'text', name: 'a text' },
  { value: 'choice', name: 'one from a list' },
  { value: 'number', name: 'a number' },
  { value: 'link', name: 'a link' },
]

interface AsksProps<A extends Asks = Asks> {
  readonly asks: A
  readonly setAsks: (asks: Asks) => void
}

function AsksField({ asks, setAsks }: AsksProps) {
  const turn = (of: Asks['of']) =>
    setAsks('question' in asks && of !== 'nothing' ? ({ ...FRESH[of], question: asks.question } as Asks) : FRESH[of])
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1">Ask the buyer for</legend>
      <div className="flex flex-wrap items-center gap-2">
        <Select label="Ask the buyer for" value={asks.of} choices={ASKS} onChoose={turn} />
        {asks.of !== 'nothing' && (
          <TextInput
            aria-label="The question"
            placeholder="Which thing should be next?"
            value={asks.question}
            most={100}
            onValue={(question) => setAsks({ ...asks, question })}
            className="min-w-0 flex-1"
          />
        )}
      </div>
      {asks.of === 'text' && <TextBounds asks={asks} setAsks={setAsks} />}
      {asks.of === 'number' && (
        <p className="flex flex-wrap items-center gap-2">
          <NumberInput label="From" value={asks.from} className="w-24" onValue={(from) => setAsks({ ...asks, from })} />
          <span>to</span>
          <NumberInput label="To" value={asks.to} className="w-24" onValue={(to) => setAsks({ ...asks, to })} />
        </p>
      )}
      {asks.of === 'choice' && <ChoiceLines asks={asks} setAsks={setAsks} />}
    </fieldset>
  )
}

function TextBounds({ asks, setAsks }: AsksProps<Extract<Asks, { of: 'text' }>>) {
  return (
    <p className="flex flex-wrap items-center gap-2">
      <NumberInput
        label="Shortest text"
        value={asks.least}
        most={500}
        className="w-16"
        onValue={(least) => setAsks({ ...asks, least: Math.max(1, least) })}
      />
      <span>to</span>
      <NumberInput
        label="Longest text"
        value={asks.most}
        most={500}
        className="w-16"
        onValue={(most) => setAsks({ ...asks, most: Math.max(1, most) })}
      />
      <span>characters</span>
    </p>
  )
}

function ChoiceLines({ asks, setAsks }: AsksProps<Extract<Asks, { of: 'choice' }>>) {
  const [lines, setLines] = useState(asks.choices.join('\n'))
  const type = (text: string) => {
    setLines(text)
    const choices = text.split('\n').map((one) => one.trim())
    setAsks({ ...asks, choices: choices.filter((one) => one !== '').slice(0, 50) })
  }
  return (
    <textarea
      aria-label="Choices, one per line"
      rows={4}
      value={lines}
      placeholder="one a line"
      onChange={(event) => type(event.target.value)}
      className={`${INPUT} placeholder:text-muted`}
    />
  )
}

function PostField({ draft, put }: Pick<PartProps, 'draft' | 'put'>) {
  return (
    <div className="flex flex-col gap-2">
      <Checkbox on={draft.post !== null} onTick={(on) => put({ post: on ? { days: 14 } : null })}>
        It comes by post: the page asks for the address
      </Checkbox>
      {draft.post !== null && (
        <p className="flex flex-wrap items-center gap-2 pl-6">
          <span>The address is erased</span>
          <NumberInput
            label="Days the address is kept"
            value={draft.post.days}
            most={365}
            className="w-16"
            onValue={(days) => put({ post: { days: Math.max(1, days) } })}
          />
          <span>days after the order is done.</span>
        </p>
      )}
    </div>
  )
}
