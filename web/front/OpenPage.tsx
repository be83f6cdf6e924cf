import { useQuery } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { ApiProblem, answerOf } from '../parts/api.ts'
import { Button } from '../parts/Button.tsx'
import { Loading, Problem } from '../parts/feedback/Notice.tsx'
import { beginSimple } from '../parts/form/allSettings.tsx'
import { Field, TextInput } from '../parts/form/inputs.tsx'
import { desksQuery, installation } from '../parts/installation.ts'
import { Empty } from '../parts/page/Panel.tsx'
import { signInAddress } from '../parts/SignIn.tsx'
import { useChange } from '../parts/useChange.ts'
import { FrontFrame } from './FrontFrame.tsx'
import { openingQuery } from './opening.ts'

type Values = ReturnType<typeof typedBefore>
type SetValue = (name: keyof Values) => (value: string) => void

const KEPT_AS = 'claim'
const EMPTY = { code: '', name: '', slug: '', one: '', many: '', word: '' }

function typedBefore(): typeof EMPTY {
  try {
    return { ...EMPTY, ...(JSON.parse(sessionStorage.getItem(KEPT_AS) ?? '{}') as object) }
  } catch {
    return EMPTY
  }
}

/** What is typed; signing in leaves the page, and it must still be there on return. */
function useTyped(): readonly [Values, SetValue] {
  const [values, setValues] = useState(typedBefore)
  const set: SetValue = (name) => (value) => {
    const next = withFollowing(values, name, value)
    setValues(next)
    sessionStorage.setItem(KEPT_AS, JSON.stringify(next))
  }
  return [values, set]
}

/** A name as it can stand in an address. */
const inAddress = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40)

const inPlural = (one: string): string => (one === '' ? '' : /[sxz]$|[cs]h$/.test(one) ? `${one}es` : `${one}s`)
const asWord = (many: string): string => many.toLowerCase().replace(/[^\p{L}\p{N}_-]/gu, '')

/** What follows from what is typed goes along, as long as it is what was offered: it can be typed anew. */
function withFollowing(values: Values, name: keyof Values, value: string): Values {
  const next = { ...values, [name]: value }
  if (name === 'name' && values.slug === inAddress(values.name)) next.slug = inAddress(value)
  if (name === 'one' && values.many === inPlural(values.one)) next.many = inPlural(value)
  if (values.word === asWord(values.many)) next.word = asWord(next.many)
  return name === 'word' ? { ...next, word: value } : next
}

/** Opens a channel: of a fresh installation, with the operator's code, or freely, as it is configured. */
export function OpenPage() {
  const opening = useQuery(openingQuery)
  return (
    <FrontFrame title="Set up your channel">
      {opening.isPending && <Loading what="the form" />}
      {opening.isError && <Problem error={opening.error} retry={() => void opening.refetch()} />}
      {opening.data && !opening.data.possible && (
        <Empty>This installation has its channel already. Only its team comes in, by the channel’s desk.</Empty>
      )}
      {opening.data?.possible && <OpenForm {...opening.data} />}
    </FrontFrame>
  )
}

interface OpenFormProps {
  /** Whether a code is asked for. */
  readonly code: boolean
  /** Whether it is the one that the server printed. */
  readonly printed: boolean
}

const howInWords = ({ code, printed }: OpenFormProps): string =>
  printed
    ? 'The server printed a code when it started. Type it here to make the channel yours.'
    : code
      ? 'Whoever runs this installation gave you a code. It is good for one channel.'
      : 'The channel will belong to the account you sign in with. Everything can be changed later.'

function OpenForm(props: OpenFormProps) {
  const [values, set] = useTyped()
  const open = useChange({ ask: () => opened(values), invalidates: [], inPlace: true, onDone: toDesk })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    open.mutate()
  }
  const faults = open.error instanceof ApiProblem ? open.error.faults : {}
  const signedOut = open.error instanceof ApiProblem && open.error.code === 'not_signed_in'
  return (
    <form onSubmit={submit} className="flex flex-col gap-4">
      <p className="text-muted">{howInWords(props)}</p>
      <SignInFirst />
      <OpenFields values={values} set={set} {...props} faults={faults} />
      {open.error && !signedOut && <Problem error={open.error} />}
      {signedOut && <p role="alert">Sign in first: the channel will belong to the account you sign in with.</p>}
      <div className="flex items-center gap-3">
        <Button look="main" type="submit" disabled={open.isPending}>
          Create the channel
        </Button>
        {signedOut && (
          <a href={signInAddress('desk')} className="font-semibold underline">
            Sign in
          </a>
        )}
      </div>
    </form>
  )
}

/** Before anything is typed: the channel will be somebody's. What was typed already stays. */
function SignInFirst() {
  const desks = useQuery(desksQuery)
  if (!(desks.error instanceof ApiProblem && desks.error.status === 401)) return null
  return (
    <p className="rounded-md border border-brass bg-brass-wash px-4 py-3">
      <a href={signInAddress('desk')} className="font-semibold underline">
        Sign in first
      </a>
      : the channel will belong to the account you sign in with. You come back here.
    </p>
  )
}

interface OpenFieldsProps extends OpenFormProps {
  readonly values: Values
  readonly set: SetValue
  readonly faults: Readonly<Record<string, string>>
}

const OpenFields = ({ values, set, code, printed, faults }: OpenFieldsProps) => (
  <>
    {code && (
      <Field
        label="Code"
        hint={printed ? 'From the server’s output, like K7QMW-…' : 'Like K7QMW-…'}
        error={faults.code}
      >
        <TextInput required most={60} value={values.code} onValue={set('code')} autoComplete="off" />
      </Field>
    )}
    <Field label="Name of the channel" error={faults.name}>
      <TextInput required most={60} value={values.name} onValue={set('name')} />
    </Field>
    <Field
      label="Short name for your web address"
      hint={`${window.location.origin}/c/${values.slug || 'workbench'} · lower-case letters, digits and dashes`}
      error={faults.slug}
    >
      <TextInput
        required
        most={40}
        value={values.slug}
        onValue={set('slug')}
        pattern="[a-z0-9][a-z0-9\-]{1,39}"
        title="Lower-case letters, digits and dashes, 2 to 40"
      />
    </Field>
    <CurrencyFields values={values} set={set} />
  </>
)

const CurrencyFields = ({ values, set }: Pick<OpenFieldsProps, 'values' | 'set'>) => (
  <fieldset className="grid grid-cols-3 gap-3">
    <legend className="pb-1 font-medium">Currency</legend>
    <Field label="One">
      <TextInput required most={30} placeholder="point" value={values.one} onValue={set('one')} />
    </Field>
    <Field label="Many">
      <TextInput required most={30} placeholder="points" value={values.many} onValue={set('many')} />
    </Field>
    <Field label="Word in chat">
      <TextInput required most={30} placeholder="points" value={values.word} onValue={set('word')} />
    </Field>
  </fieldset>
)

function opened({ code, name, slug, one, many, word }: Values): Promise<{ channel: string }> {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions()
  const body = { name, slug, currency: { one, many, word }, timeZone, ...(code !== '' && { code }) }
  return answerOf(installation.POST('/api/claim', { body }))
}

function toDesk({ channel }: { readonly channel: string }): void {
  sessionStorage.removeItem(KEPT_AS)
  beginSimple()
  window.location.assign(`/desk/${channel}/set-up`)
}
