import { useState } from 'react'
import { ApiProblem, answerOf } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { installation } from '../../parts/installation.ts'
import { useChange } from '../../parts/useChange.ts'
import type { Issuer } from './view.ts'

interface Draft {
  readonly word: string
  readonly name: string
  readonly issuer: string
  readonly clientId: string
  readonly clientSecret: string
  readonly scope: string
  readonly accountClaim: string
  readonly nameClaim: string
}

const FRESH: Draft = {
  ...{ word: '', name: '', issuer: 'https://', clientId: '', clientSecret: '' },
  ...{ scope: 'openid profile', accountClaim: 'sub', nameClaim: '' },
}

interface IssuerDialogProps {
  /** Left out: a new one. */
  readonly issuer?: Issuer
  /** Where people come back to. */
  readonly callback: string
  readonly close: () => void
}

/** Adds or changes a way to sign in: an OpenID provider at which this installation is registered. */
export function IssuerDialog({ issuer, callback, close }: IssuerDialogProps) {
  const [draft, setDraft] = useState<Draft>(issuer === undefined ? FRESH : { ...issuer, clientSecret: '' })
  const save = useSaveIssuer(draft, issuer, close)
  const faults = save.error instanceof ApiProblem ? save.error.faults : {}
  const put = (patch: Partial<Draft>) => setDraft({ ...draft, ...patch })
  const off = [draft.word, draft.name, draft.clientId].some((text) => text.trim() === '') || draft.issuer.length < 9
  return (
    <DialogForm
      title={issuer === undefined ? 'Add a way to sign in' : `Change ${issuer.name}`}
      close={close}
      wide
      does={issuer === undefined ? 'Add it' : 'Save now'}
      go={() => save.mutate()}
      off={off}
      change={save}
    >
      <p>
        Register this installation there as an OpenID client first, with this address to come back to:{' '}
        <code className="break-all select-all">{callback}</code>
      </p>
      <IssuerFields draft={draft} put={put} faults={faults} issuer={issuer} />
    </DialogForm>
  )
}

interface FieldsProps {
  readonly draft: Draft
  readonly put: (patch: Partial<Draft>) => void
  readonly faults: Readonly<Record<string, string>>
  readonly issuer: Issuer | undefined
}

const TEXTS = {
  name: { label: 'Name', hint: 'What people choose it by.', most: 60 },
  issuer: { label: 'Address of the issuer', hint: 'As it stands there as “issuer”, with https.', most: 300 },
  word: {
    label: 'Prefix of its accounts',
    hint: 'Lower-case letters, digits and dashes. It keeps rosa there apart from rosa elsewhere, and cannot be changed later.',
    most: 20,
  },
  clientId: { label: 'Client id', hint: 'As that provider gave it.', most: 300 },
  scope: { label: 'Scopes', hint: 'Begins with “openid”.', most: 300 },
  accountClaim: {
    label: 'Claim with the account',
    hint: 'It must belong to one person and never change. Cannot be changed later.',
    most: 60,
  },
  nameClaim: { label: 'Claim with the name shown', hint: 'Empty: the usual ones.', most: 60 },
} as const
type Name = keyof typeof TEXTS

/** What is not changed any more once people have signed in by it. */
const LASTING: readonly Name[] = ['word', 'issuer', 'accountClaim']

function IssuerFields({ draft, put, faults, issuer }: FieldsProps) {
  const field = (name: Name) =>
    issuer !== undefined && LASTING.includes(name) ? null : (
      <Field key={name} label={TEXTS[name].label} hint={TEXTS[name].hint} error={faults[name]}>
        <TextInput most={TEXTS[name].most} value={draft[name]} onValue={(text) => put({ [name]: text })} />
      </Field>
    )
  return (
    <>
      {(['name', 'issuer', 'word', 'clientId'] as const).map(field)}
      <Field
        label="Client secret"
        hint={
          issuer?.hasSecret
            ? 'One is saved. Type another to change it.'
            : 'As that provider gave it; empty, where none is needed (PKCE).'
        }
        error={faults.clientSecret}
      >
        <TextInput
          most={500}
          type="password"
          autoComplete="off"
          value={draft.clientSecret}
          onValue={(clientSecret) => put({ clientSecret })}
        />
      </Field>
      {(['scope', 'accountClaim', 'nameClaim'] as const).map(field)}
    </>
  )
}

function useSaveIssuer(draft: Draft, issuer: Issuer | undefined, close: () => void) {
  const { word, issuer: address, accountClaim, clientSecret, name, clientId, scope, nameClaim } = draft
  const changeable = { name, clientId, scope, nameClaim }
  const add = { ...changeable, word, issuer: address, accountClaim, clientSecret }
  return useChange({
    ask: () =>
      answerOf<unknown>(
        issuer === undefined
          ? installation.POST('/api/operator/issuers', { body: add })
          : installation.POST('/api/operator/issuers/{id}', {
              params: { path: { id: issuer.id } },
              body: { ...changeable, clientSecret: clientSecret === '' ? null : clientSecret },
            }),
      ),
    invalidates: ['operator'],
    said: `People can sign in by ${name}. Test it now.`,
    onDone: close,
    inPlace: true,
  })
}
