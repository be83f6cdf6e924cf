import { type FormEvent, useState } from 'react'

/** What each kind counts, where it counts anything. */
const KINDS = {
  'show.started': null,
  'show.ended': null,
  follow: null,
  subscription: 'as its tier, 1 to 3',
  resubscription: 'months',
  'subscription.ended': null,
  gift: 'gifts',
  raid: 'viewers',
  tip: 'cents',
  cheer: 'units',
  'something.new': null,
} as const
type Kind = keyof typeof KINDS
const WAYS = ['right', 'twice', 'wrong secret', 'an hour old'] as const

const FIELD = 'border border-rule bg-sheet px-2 py-1.5'

const KindChoice = ({ kind, setKind }: { readonly kind: Kind; readonly setKind: (kind: Kind) => void }) => (
  <select
    aria-label="What happens"
    value={kind}
    onChange={(event) => setKind(event.target.value as Kind)}
    className={FIELD}
  >
    {Object.keys(KINDS).map((name) => (
      <option key={name}>{name}</option>
    ))}
  </select>
)

interface CountProps {
  readonly unit: string
  readonly count: number
  readonly setCount: (count: number) => void
}

const Count = ({ unit, count, setCount }: CountProps) => (
  <label className="flex items-center gap-2">
    <input
      type="number"
      min={1}
      value={count}
      onChange={(event) => setCount(event.target.valueAsNumber || 1)}
      className={`${FIELD} w-24`}
    />
    {unit}
  </label>
)

/** Lets something happen on the platform, which tells it to whoever listens. */
export function Happenings({ as }: { as: string }) {
  const [kind, setKind] = useState<Kind>('follow')
  const [count, setCount] = useState(100)
  const [way, setWay] = useState<(typeof WAYS)[number]>('right')
  const [answer, setAnswer] = useState('')
  const send = async (event: FormEvent) => {
    event.preventDefault()
    setAnswer('Sending …')
    const body = JSON.stringify({ kind, name: as, count, text: '', way })
    const response = await fetch('/api/event', { method: 'POST', body }).catch(() => undefined)
    setAnswer(response ? ((await response.json()) as { answer: string }).answer : 'The stand-in does not answer.')
  }
  return (
    <form
      onSubmit={(event) => void send(event)}
      className="mt-5 flex flex-wrap items-center gap-3 border-t border-rule pt-4"
    >
      <span className="font-semibold">Something happens</span>
      <KindChoice kind={kind} setKind={setKind} />
      <span>by {as || 'nobody'}</span>
      {KINDS[kind] && <Count unit={KINDS[kind]} count={count} setCount={setCount} />}
      <label className="flex items-center gap-2">
        delivered
        <select value={way} onChange={(event) => setWay(event.target.value as typeof way)} className={FIELD}>
          {WAYS.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </select>
      </label>
      <button type="submit" className="border border-rule bg-sheet px-4 py-1.5 font-semibold">
        Send it
      </button>
      <p role="status" className="w-full text-faint">
        {answer}
      </p>
    </form>
  )
}
