import { type FormEvent, type InputHTMLAttributes, useState } from 'react'
import { Button } from '../parts/Button.tsx'
import { Problem } from '../parts/feedback/Notice.tsx'
import { Mark } from '../parts/Mark.tsx'
import { signInAddress } from '../parts/SignIn.tsx'

type Outcome = { readonly error: Error; readonly signIn: boolean } | undefined

type Values = ReturnType<typeof typedBefore>
type SetValue = (name: keyof Values) => (value: string) => void

/** What is typed; signing in leaves the page, and it must still be there on return. */
function useTyped(): readonly [Values, SetValue] {
  const [values, setValues] = useState(typedBefore)
  const set: SetValue = (name) => (value) => {
    const next = { ...values, [name]: value }
    setValues(next)
    sessionStorage.setItem(KEPT_AS, JSON.stringify(next))
  }
  return [values, set]
}

const ClaimFields = ({ values, set }: { readonly values: Values; readonly set: SetValue }) => (
  <>
    <Field
      label="Code"
      hint="From the server’s output, like K7QMW-…"
      value={values.code}
      set={set('code')}
      autoComplete="off"
    />
    <Field label="Name of the channel" value={values.name} set={set('name')} maxLength={60} />
    <Field
      label="Short name for your web address"
      hint={`${window.location.origin}/c/${values.slug || 'workbench'}`}
      value={values.slug}
      set={set('slug')}
      pattern="[a-z0-9][a-z0-9\-]{1,39}"
      title="Lower-case letters, digits and dashes, 2 to 40"
    />
    <fieldset className="grid grid-cols-3 gap-3">
      <legend className="pb-1 font-medium">Currency</legend>
      <Field label="One" placeholder="rivet" value={values.one} set={set('one')} maxLength={30} />
      <Field label="Many" placeholder="rivets" value={values.many} set={set('many')} maxLength={30} />
      <Field label="Word in chat" placeholder="rivets" value={values.word} set={set('word')} maxLength={30} />
    </fieldset>
  </>
)

/** Makes the channel of a fresh installation, for whoever can read the code that the server printed when it started. */
export function ClaimPage() {
  const [outcome, setOutcome] = useState<Outcome>()
  const [sending, setSending] = useState(false)
  const [values, set] = useTyped()
  const submit = async (event: FormEvent) => {
    event.preventDefault()
    setSending(true)
    setOutcome(await claim(values).catch((error: Error) => ({ error, signIn: false })))
    setSending(false)
  }
  return (
    <main className="mx-auto flex min-h-dvh max-w-lg flex-col items-stretch justify-center gap-5 p-6">
      <Mark />
      <h1 className="text-2xl">Set up your channel</h1>
      <p className="text-muted">The server printed a code when it started. Type it here to make the channel yours.</p>
      <form onSubmit={(event) => void submit(event)} className="flex flex-col gap-4">
        <ClaimFields values={values} set={set} />
        {outcome && <Problem error={outcome.error} />}
        <div className="flex items-center gap-3">
          <Button look="main" type="submit" disabled={sending}>
            Create the channel
          </Button>
          {outcome?.signIn && (
            <a href={signInAddress('desk')} className="font-semibold underline">
              Sign in
            </a>
          )}
        </div>
      </form>
    </main>
  )
}

const KEPT_AS = 'claim'
const EMPTY = { code: '', name: '', slug: '', one: '', many: '', word: '' }

function typedBefore(): typeof EMPTY {
  try {
    return { ...EMPTY, ...(JSON.parse(sessionStorage.getItem(KEPT_AS) ?? '{}') as object) }
  } catch {
    return EMPTY
  }
}

interface FieldProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange'> {
  readonly label: string
  readonly hint?: string
  readonly set: (value: string) => void
}

function Field({ label, hint, set, ...input }: FieldProps) {
  return (
    <label className="flex flex-col gap-1">
      <span className="font-medium">{label}</span>
      <input
        required
        {...input}
        onChange={(event) => set(event.target.value)}
        className="min-w-0 rounded-md border border-line bg-surface px-3 py-2"
      />
      {hint && <span className="text-sm break-words text-muted">{hint}</span>}
    </label>
  )
}

/** @returns What went wrong; where all is well the desk opens and there is nothing to return. */
async function claim({ code, name, slug, one, many, word }: Record<string, string>): Promise<Outcome> {
  const response = await fetch('/api/claim', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ code, name, slug, currency: { one, many, word } }),
  }).catch(() => {
    throw new Error('The server does not answer. Try again in a moment.')
  })
  if (response.ok) {
    sessionStorage.removeItem(KEPT_AS)
    window.location.assign(`/desk/${slug}`)
    return undefined
  }
  const { detail, code: problem } = (await response.json()) as { detail: string; code: string }
  if (problem !== 'not_signed_in') return { error: new Error(detail), signIn: false }
  return { error: new Error('Sign in first: the channel will belong to the account you sign in with.'), signIn: true }
}
