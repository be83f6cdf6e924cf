import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { accountInWords } from '#core/people'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { dayText, timeText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'
import { RightsFields } from './RightsFields.tsx'
import { UntilField } from './UntilField.tsx'
import type { Member } from './view.ts'

interface MemberDialogProps {
  readonly member: Member
  readonly close: () => void
}

/** Changes what somebody of the team may do, shows what they did, and takes them out. */
export function MemberDialog({ member, close }: MemberDialogProps) {
  const [rights, setRights] = useState(member.rights)
  const [until, setUntil] = useState(member.until)
  const path = { id: member.id }
  const save = useChange({
    ask: () => answerOf(api.PUT('/desk/team/{id}', { params: { path }, body: { rights, until } })),
    invalidates: ['team'],
    said: `${member.name} has other rights from now on.`,
    onDone: close,
    inPlace: true,
  })
  return (
    <DialogForm
      title={member.name}
      close={close}
      wide
      leave="Close"
      does="Save the rights"
      off={member.owner}
      go={() => save.mutate()}
      change={save}
      aside={[<TakeOut key="out" {...{ member, close }} />, <Owning key="owning" {...{ member, close }} />]}
    >
      <Since member={member} />
      {member.owner ? (
        <p>One of the owners: may do everything, for as long as they are one.</p>
      ) : (
        <>
          <RightsFields rights={rights} setRights={setRights} />
          <UntilField until={until} setUntil={setUntil} />
        </>
      )}
      <Deeds account={member.account} />
    </DialogForm>
  )
}

const Since = ({ member: { account, name, since, by } }: Pick<MemberDialogProps, 'member'>) => (
  <p className="text-muted">
    {account !== name && `${accountInWords(account)} · `}In the team since {dayText(since)}, invited by{' '}
    {accountInWords(by)}
  </p>
)

/** Takes somebody out, once it was asked whether that is meant. */
function TakeOut({ member, close }: MemberDialogProps) {
  const [asking, setAsking] = useState(false)
  const end = useChange({
    ask: () => answerOf(api.POST('/desk/team/{id}/end', { params: { path: { id: member.id } } })),
    invalidates: ['team'],
    said: `${member.name} is out of the team. What they had open is closed.`,
    onDone: close,
  })
  if (!asking) return <Button onClick={() => setAsking(true)}>Take out of the team</Button>
  return (
    <Button
      look="danger"
      ref={(button) => button?.focus()}
      disabled={end.isPending}
      onClick={() => end.mutate()}
      onBlur={() => setAsking(false)}
    >
      Take {member.name} out?
    </Button>
  )
}

/** Makes somebody an owner beside those there are, or not any more: for owners alone. */
function Owning({ member: { id, name, owner }, close }: MemberDialogProps) {
  const [asking, setAsking] = useState(false)
  const make = useChange({
    ask: () => answerOf(api.POST('/desk/team/{id}/owner', { params: { path: { id } }, body: { owner: !owner } })),
    invalidates: ['team'],
    said: owner ? `${name} is no longer an owner.` : `${name} is an owner now, too, and may do everything.`,
    onDone: close,
  })
  if (!useStatus().owner) return null
  if (!asking) return <Button onClick={() => setAsking(true)}>{owner ? 'Remove as owner' : 'Make an owner'}</Button>
  return (
    <Button
      look="danger"
      ref={(button) => button?.focus()}
      disabled={make.isPending}
      onClick={() => make.mutate()}
      onBlur={() => setAsking(false)}
    >
      {owner ? `Remove ${name} as owner?` : `Make ${name} an owner?`}
    </Button>
  )
}

/** What somebody did at the desk lately. */
function Deeds({ account }: { readonly account: string }) {
  const found = useQuery({
    queryKey: keyOf('security', account),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/security', { params: { query: { account } }, signal })),
  })
  const entries = found.data?.entries ?? []
  return (
    <details className="rounded-md border border-line px-3 py-2">
      <summary className="cursor-pointer">What they did lately</summary>
      {found.data && entries.length === 0 && <p className="mt-2 text-muted">Nothing yet.</p>}
      <ul className="mt-2 flex flex-col gap-1 text-note">
        {entries.map(({ id, at, kind, what, times }) => (
          <li key={id} className="flex gap-3">
            <span className="tabular shrink-0 text-muted">
              {dayText(at)} {timeText(at)}
            </span>
            <span className={kind === 'refused' ? 'text-brick-text' : ''}>
              {what}
              {kind === 'refused' && ' (refused)'}
              {times > 1 && `, ${times} times`}
            </span>
          </li>
        ))}
      </ul>
    </details>
  )
}
