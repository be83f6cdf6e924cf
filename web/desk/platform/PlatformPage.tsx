import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { digits } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { useChange } from '../../parts/useChange.ts'
import { PlatformDialog } from './PlatformDialog.tsx'
import { type PlatformReward, platformQuery } from './platform.ts'

/** What viewers get for the platform's own points: as it lists them, and as far as it lets them be changed from here. */
export function PlatformPage() {
  const found = useQuery(platformQuery)
  const [open, setOpen] = useState<PlatformReward | 'new'>()
  const add = found.data?.offered && (
    <Button needs="change" look="main" onClick={() => setOpen('new')}>
      Add a reward there
    </Button>
  )
  return (
    <div className="flex flex-col gap-4">
      <PageActions note="Paid with the platform’s points, not with your currency.">
        {found.data !== undefined && found.data.rewards.length > 0 && add}
      </PageActions>
      {found.isPending && <Loading what="the platform’s rewards" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && !found.data.offered && <NotOffered />}
      {found.data && found.data.rewards.length === 0 && (
        <Empty action={add}>
          The platform has not listed any yet. Once it does, a trigger decides what each of them does here.
        </Empty>
      )}
      {found.data && found.data.rewards.length > 0 && (
        <DataTable
          label="Rewards for platform points"
          rows={found.data.rewards}
          columns={columnsOf(setOpen)}
          keyOf={({ id }) => id}
        />
      )}
      {open !== undefined && (
        <PlatformDialog reward={open === 'new' ? undefined : open} close={() => setOpen(undefined)} />
      )}
    </div>
  )
}

const NotOffered = () => (
  <p className="text-muted">
    The platform only lists its rewards: make and change them there. Whoever runs this installation can set an address
    at which it takes changes (PLATFORM_REWARDS_URL).
  </p>
)

const columnsOf = (open: (reward: PlatformReward) => void): Column<PlatformReward>[] => [
  {
    id: 'name',
    head: 'Reward',
    width: 'w-1/4',
    card: 'title',
    sortBy: ({ name }) => name,
    cell: ({ name, text }) => (
      <>
        <strong className="break-words">{name}</strong>
        {text !== '' && <span className="block text-note text-muted">{text}</span>}
      </>
    ),
  },
  {
    id: 'price',
    head: 'Points',
    width: 'w-20',
    end: true,
    card: 'figure',
    sortBy: ({ price }) => price ?? 0,
    cell: ({ price }) => (price === null ? '–' : digits(price)),
  },
  { id: 'state', head: 'State', width: 'w-24', card: 'figure', cell: ({ paused }) => (paused ? 'paused' : 'on offer') },
  { id: 'trigger', head: 'What it does here', cell: (reward) => <DoesHere {...reward} /> },
  {
    id: 'act',
    head: 'What you can do',
    headHidden: true,
    width: 'w-52',
    cell: (reward) => <Acts reward={reward} open={open} />,
  },
]

const DoesHere = ({ trigger }: PlatformReward) =>
  trigger === null ? (
    <>
      nothing yet:{' '}
      <Link to="/commands/triggers" className="text-brass-text underline underline-offset-2">
        add a trigger
      </Link>
    </>
  ) : (
    <>sets off “{trigger}”</>
  )

interface ActsProps {
  readonly reward: PlatformReward
  readonly open: (reward: PlatformReward) => void
}

function Acts({ reward, open }: ActsProps) {
  const { id, name, price, text, asks, paused, changeable } = reward
  const pause = useChange({
    ask: () =>
      answerOf(
        api.PUT('/desk/platform-rewards/{outside}', {
          params: { path: { outside: id } },
          body: { name, price: price ?? 1, text, asks, paused: !paused, icon: null },
        }),
      ),
    invalidates: ['platformRewards'],
    said: paused ? `${name} is on offer again.` : `${name} is paused.`,
  })
  if (!changeable) return <span className="text-note text-muted">made on the platform</span>
  return (
    <span className="flex flex-wrap gap-2">
      <Button
        needs="change"
        onClick={() => pause.mutate()}
        disabled={pause.isPending}
        aria-label={`${paused ? 'Resume' : 'Pause'} ${name}`}
      >
        {paused ? 'Resume' : 'Pause'}
      </Button>
      <Button needs="change" onClick={() => open(reward)} aria-label={`Change ${name}`}>
        Change
      </Button>
    </span>
  )
}
