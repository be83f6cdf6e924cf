import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { accountInWords } from '#core/people'
import { rightsInWords } from '#core/team'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { InviteDialog } from './InviteDialog.tsx'
import { MemberDialog } from './MemberDialog.tsx'
import { Tokens } from './Tokens.tsx'
import { type Invitation, type Member, type TeamView, teamQuery } from './view.ts'

/** Who may use the desk, as far as each may, and the invitations that are open. */
export function TeamPage() {
  const team = useQuery(teamQuery)
  const [inviting, setInviting] = useState(false)
  const [open, setOpen] = useState<number>()
  const member = team.data?.members.find(({ id }) => id === open)
  return (
    <div className="flex flex-col gap-4">
      <PageActions>
        <Button needs="act" look="main" onClick={() => setInviting(true)}>
          Invite somebody
        </Button>
      </PageActions>
      {team.isPending && <Loading what="the team" />}
      {team.isError && <Problem error={team.error} retry={() => void team.refetch()} />}
      {team.data && <Members team={team.data} open={setOpen} invite={() => setInviting(true)} />}
      {team.data && team.data.invitations.length > 0 && <Invitations team={team.data} />}
      <Tokens />
      {inviting && <InviteDialog close={() => setInviting(false)} />}
      {member && <MemberDialog key={member.id} member={member} close={() => setOpen(undefined)} />}
    </div>
  )
}

interface MembersProps {
  readonly team: TeamView
  readonly open: (id: number) => void
  readonly invite: () => void
}

function Members({ team: { owner, members }, open, invite }: MembersProps) {
  return (
    <Panel title="Members" aside={`opened by ${accountInWords(owner)}`}>
      {members.length === 0 ? (
        <Empty
          action={
            <Button needs="act" onClick={invite}>
              Invite the first one
            </Button>
          }
        >
          You run the desk alone so far. Invite somebody by a link: each sees and does only what you let them.
        </Empty>
      ) : (
        <DataTable label="Members" rows={members} columns={columnsOf(open)} keyOf={({ id }) => id} inPanel />
      )}
    </Panel>
  )
}

const columnsOf = (open: (id: number) => void): readonly Column<Member>[] => [
  {
    id: 'name',
    head: 'Name',
    card: 'title',
    width: 'w-1/4',
    sortBy: ({ name }) => name,
    cell: ({ id, name, account }) => (
      <>
        <button type="button" onClick={() => open(id)} className="text-left font-semibold hover:underline">
          {name}
        </button>
        {account !== name && <span className="block text-sm text-muted">{accountInWords(account)}</span>}
      </>
    ),
  },
  { id: 'rights', head: 'Rights', cell: ({ rights, owner }) => (owner ? 'Owner' : rightsInWords(rights)) },
  { id: 'since', head: 'Since', width: 'w-36', card: 'figure', cell: ({ since }) => dayText(since) },
  {
    id: 'until',
    head: 'Until',
    width: 'w-36',
    card: 'figure',
    cell: ({ until }) => (until === null ? 'without end' : dayText(until - 1)),
  },
]

function Invitations({ team: { invitations, now } }: { readonly team: TeamView }) {
  return (
    <Panel title="Open invitations" aside="each good for one person">
      <ul>
        {invitations.map((one) => (
          <InvitationLine key={one.id} invitation={one} now={now} />
        ))}
      </ul>
    </Panel>
  )
}

const DAY_SECONDS = 86_400

function InvitationLine({ invitation, now }: { readonly invitation: Invitation; readonly now: number }) {
  const { id, whom, account, rights, by, expiresAt } = invitation
  const days = Math.ceil((expiresAt - now) / DAY_SECONDS)
  const takeBack = useChange({
    ask: () => answerOf(api.POST('/desk/team/invitations/{id}/take-back', { params: { path: { id } } })),
    invalidates: ['team'],
    said: `The link for ${whom} opens nothing any more.`,
  })
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line px-4 py-2.5 last:border-b-0">
      <div className="min-w-0 flex-1 max-sm:basis-full">
        <p className="font-semibold">{whom}</p>
        <p className="text-note text-muted">
          {rightsInWords(rights)} ·{' '}
          {account === null ? 'for whoever has the link' : `only for ${accountInWords(account)}`} · made by{' '}
          {accountInWords(by)}
        </p>
      </div>
      <span className="tabular text-note">{days === 1 ? 'the last day' : `${days} days left`}</span>
      <Button needs="act" onClick={() => takeBack.mutate()} disabled={takeBack.isPending}>
        Take back
      </Button>
    </li>
  )
}
