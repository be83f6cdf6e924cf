import { useState } from 'react'
import { accountInWords } from '#core/people'
import { NO_RIGHTS, READY_SETS } from '#core/team'
import type { Body } from '../../parts/api/called.ts'
import { answerOf, api, channelSlug } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { ShownOnce } from '../../parts/dialog/ShownOnce.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { RightsFields } from './RightsFields.tsx'
import { UntilField } from './UntilField.tsx'

type Invite = Body<'/desk/team/invitations'>

const FRESH: Invite = { whom: '', account: null, rights: READY_SETS[0]?.rights ?? NO_RIGHTS, until: null }

interface InviteDialogProps {
  /** Somebody who is known: the link is for them, and for their account if they sign in here. */
  readonly known?: { readonly name: string; readonly account: string | undefined }
  readonly close: () => void
}

/** Invites somebody into the team: for whom it is, what they may do, and then the link, once. */
export function InviteDialog({ known, close }: InviteDialogProps) {
  const [draft, setDraft] = useState<Invite>({ ...FRESH, whom: known?.name ?? '', account: known?.account ?? null })
  const [secret, setSecret] = useState<string>()
  const put = (patch: Partial<Invite>) => setDraft({ ...draft, ...patch })
  const make = useChange({
    ask: () => answerOf(api.POST('/desk/team/invitations', { body: { ...draft, account: draft.account || null } })),
    invalidates: ['team'],
    onDone: (made) => setSecret(made.secret),
    inPlace: true,
  })
  if (secret !== undefined)
    return (
      <ShownOnce
        title={`The link for ${draft.whom}`}
        secret={`${window.location.origin}/desk/${channelSlug()}/join#${secret}`}
        what="The link"
        close={close}
      >
        Send it to {draft.whom} alone. It is good for one person and one week, and is not shown again.
      </ShownOnce>
    )
  return (
    <DialogForm
      title={known === undefined ? 'Invite somebody' : `Invite ${known.name} to the team`}
      close={close}
      wide
      does="Make the link"
      go={() => make.mutate()}
      off={draft.whom.trim() === ''}
      change={make}
    >
      <InviteFields draft={draft} put={put} fixed={known?.account !== undefined} />
    </DialogForm>
  )
}

interface InviteFieldsProps {
  readonly draft: Invite
  readonly put: (patch: Partial<Invite>) => void
  /** The account is known, and stays. */
  readonly fixed: boolean
}

const InviteFields = ({ draft, put, fixed }: InviteFieldsProps) => (
  <>
    <Field label="For whom" hint="For your list. The link says nothing of it.">
      <TextInput data-autofocus value={draft.whom} most={60} onValue={(whom) => put({ whom })} />
    </Field>
    <RightsFields rights={draft.rights} setRights={(rights) => put({ rights })} />
    <div className="grid gap-4 sm:grid-cols-2">
      {fixed ? (
        <p>
          Only for their own account, <strong className="break-all">{accountInWords(draft.account ?? '')}</strong>.
        </p>
      ) : (
        <Field label="Only for the account" hint="Empty: whoever has the link, once.">
          <TextInput
            value={draft.account ?? ''}
            most={100}
            placeholder="anybody"
            onValue={(account) => put({ account })}
          />
        </Field>
      )}
      <UntilField until={draft.until} setUntil={(until) => put({ until })} />
    </div>
  </>
)
