import { type FormEvent, useState } from 'react'
import type { EventKind } from '#core/events'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { useCopy } from '../../parts/useCopy.ts'

export type Secret = Answer<'/desk/connections'>['secrets'][number]

/** Kinds of events by what sends them, as one chooses them. */
const KINDS: readonly { readonly name: string; readonly kinds: readonly EventKind[] }[] = [
  { name: 'Show starts and ends', kinds: ['ricompensa.show.started', 'ricompensa.show.ended'] },
  { name: 'Follows', kinds: ['ricompensa.follow'] },
  {
    name: 'Subscriptions and gifts',
    kinds: ['ricompensa.subscription', 'ricompensa.resubscription', 'ricompensa.subscription.ended', 'ricompensa.gift'],
  },
  { name: 'Raids', kinds: ['ricompensa.raid'] },
  { name: 'Tips', kinds: ['ricompensa.tip'] },
  { name: 'Cheers', kinds: ['ricompensa.cheer'] },
  { name: 'Platform points', kinds: ['ricompensa.rewards.listed', 'ricompensa.reward.redeemed'] },
]

/** What a secret may send, in words. */
function mayInWords(kinds: readonly string[] | null): string {
  if (kinds === null) return 'may send everything'
  const names = KINDS.filter((one) => one.kinds.some((kind) => kinds.includes(kind))).map(({ name }) =>
    name.toLowerCase(),
  )
  return names.length === 0 ? 'may send tests only' : `may send ${new Intl.ListFormat('en').format(names)}`
}

/** What senders sign with: made here, shown once, several at a time so that one can be replaced without a gap. */
export function Secrets({ secrets }: { secrets: readonly Secret[] }) {
  const [shown, setShown] = useState<string>()
  return (
    <div className="border-b border-line">
      <ul>
        {secrets.map((secret) => (
          <SecretRow key={secret.id} secret={secret} />
        ))}
      </ul>
      {secrets.length === 0 && (
        <p className="px-4 pt-3 text-muted">No secret yet, so no event is accepted. Add one for your first sender.</p>
      )}
      {shown === undefined ? <NewSecret made={setShown} /> : <Once secret={shown} done={() => setShown(undefined)} />}
    </div>
  )
}

function SecretRow({ secret }: { secret: Secret }) {
  const [asking, setAsking] = useState(false)
  const revoke = useChange({
    ask: () =>
      answerOf(api.POST('/desk/connections/secrets/{secret}/revoke', { params: { path: { secret: secret.id } } })),
    invalidates: ['connections'],
    said: `Events signed with the secret of ${secret.name} are rejected from now on.`,
  })
  return (
    <li className="flex items-center gap-3 border-b border-line px-4 py-2.5 last:border-b-0">
      <div className="min-w-0 flex-1">
        <p className="truncate font-semibold">{secret.name}</p>
        <p className="text-sm text-muted">
          Made {dayText(secret.createdAt)} ·{' '}
          {secret.usedAt === null ? 'not used yet' : `last used ${dayText(secret.usedAt)}`} · {mayInWords(secret.kinds)}
        </p>
      </div>
      {asking ? (
        <>
          <p className="text-note">Its sender is rejected from then on.</p>
          <Button look="danger" onClick={() => revoke.mutate()} disabled={revoke.isPending}>
            Revoke it
          </Button>
          <Button onClick={() => setAsking(false)}>Keep it</Button>
        </>
      ) : (
        <Button needs="change" look="quiet" onClick={() => setAsking(true)}>
          Revoke
        </Button>
      )}
    </li>
  )
}

const makeSecret = (name: string, chosen: readonly string[]) => {
  const kinds = KINDS.filter((one) => chosen.includes(one.name)).flatMap((one) => one.kinds)
  return answerOf(api.POST('/desk/connections/secrets', { body: { name, kinds: [...kinds, 'ricompensa.test'] } }))
}

function NewSecret({ made }: { made: (secret: string) => void }) {
  const [name, setName] = useState('')
  const [chosen, setChosen] = useState<readonly string[]>([])
  const add = useChange({
    ask: () => makeSecret(name.trim(), chosen),
    invalidates: ['connections'],
    onDone: ({ secret }) => {
      setName('')
      setChosen([])
      made(secret)
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    add.mutate()
  }
  return (
    <form onSubmit={submit} className="flex flex-col gap-3 px-4 py-3">
      <Field label="New secret for">
        <TextInput required most={60} value={name} onValue={setName} placeholder="what sends the events" />
      </Field>
      <KindChoice chosen={chosen} choose={setChosen} />
      <div className="flex items-center gap-3">
        <Button needs="change" type="submit" disabled={add.isPending || chosen.length === 0}>
          Add a secret
        </Button>
        {chosen.length === 0 && <p className="text-sm text-muted">Choose what it may send.</p>}
      </div>
    </form>
  )
}

/** What a new secret may send: whoever gets hold of it can send that, and nothing else. */
function KindChoice({ chosen, choose }: { chosen: readonly string[]; choose: (names: readonly string[]) => void }) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-muted">It may send</legend>
      <div className="flex flex-wrap gap-x-5 gap-y-1.5">
        {KINDS.map(({ name }) => (
          <label key={name} className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={chosen.includes(name)}
              onChange={(event) =>
                choose(event.target.checked ? [...chosen, name] : chosen.filter((one) => one !== name))
              }
              className="size-4 accent-brass"
            />
            {name}
          </label>
        ))}
      </div>
    </fieldset>
  )
}

/** The secret itself, this once. */
function Once({ secret, done }: { secret: string; done: () => void }) {
  const copy = useCopy()
  return (
    <div role="status" className="flex flex-col gap-2 bg-brass-wash px-4 py-3">
      <p className="text-brass-text">Copy it now and give it to the sender: it is not shown again.</p>
      <div className="flex items-center gap-3">
        <code className="min-w-0 flex-1 rounded-md border border-line bg-surface px-3 py-1.5 break-all">{secret}</code>
        <Button
          look="main"
          onClick={() => copy(secret, 'The secret is copied.', 'Select the secret and copy it yourself.')}
        >
          Copy
        </Button>
        <Button onClick={done}>I have it</Button>
      </div>
    </div>
  )
}
