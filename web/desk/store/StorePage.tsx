import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { digits, inWords } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT } from '../../parts/form/inputs.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
import { dayText } from '../../parts/time.ts'
import { commandsQuery } from '../commands/view.ts'
import { useStatus } from '../status.ts'
import { RewardPanel } from './RewardPanel.tsx'
import { RewardTable } from './RewardTable.tsx'
import { type RewardShown, type StoreView, storeQuery } from './view.ts'

/** What the store sells: every reward with its price, what is left, what it sold tonight, and whether it works. */
export function StorePage() {
  const store = useQuery(storeQuery)
  const commands = useQuery(commandsQuery)
  const [search] = useSearchParams()
  const asks = search.get('open')
  const [open, setOpen] = useState<number | 'new' | RewardShown | undefined>(asks === null ? undefined : Number(asks))
  const [asked, setAsked] = useState('')
  const chosen = typeof open === 'number' ? store.data?.rewards.find(({ id }) => id === open) : undefined
  const failed = store.error ?? commands.error
  return (
    <div className="flex flex-col gap-4">
      <PageActions>
        <input
          aria-label="Find a reward"
          placeholder="Find a reward"
          value={asked}
          onChange={(event) => setAsked(event.target.value)}
          className={`w-44 ${INPUT} placeholder:text-muted`}
        />
        <Button look="main" onClick={() => setOpen('new')}>
          Add a reward
        </Button>
      </PageActions>
      {(store.isPending || commands.isPending) && !failed && <Loading what="the store" />}
      {failed && <Problem error={failed} retry={() => void store.refetch()} />}
      {store.data && <Tonight view={store.data} />}
      <UnsavedList
        kind="reward"
        nameOf={(id) => store.data && draftName(id, store.data.rewards)}
        open={(id) => store.data && setOpen(draftOpens(id, store.data.rewards))}
      />
      {store.data && store.data.rewards.length === 0 && (
        <Empty action={<Button onClick={() => setOpen('new')}>Add the first one</Button>}>
          Nothing is for sale yet. A reward is something viewers spend their currency on: you do it, it happens
          automatically, or it gives out a code.
        </Empty>
      )}
      {store.data && store.data.rewards.length > 0 && <RewardTable view={store.data} asked={asked} open={setOpen} />}
      {store.data && store.data.archived.length > 0 && <Archived archived={store.data.archived} />}
      {store.data && commands.data && (open === 'new' || typeof open === 'object' || chosen !== undefined) && (
        <RewardPanel
          key={typeof open === 'object' ? `copy-${open.id}` : String(open)}
          store={store.data}
          view={commands.data}
          reward={chosen}
          copyOf={typeof open === 'object' ? open : undefined}
          copy={(reward) => setOpen(reward)}
          close={() => setOpen(undefined)}
        />
      )}
    </div>
  )
}

const copiedIn = (id: string) => /^copy-(\d+)$/.exec(id)?.[1]

/** What a draft is of: a new reward, a copy of one, or one that is for sale. */
function draftName(id: string, rewards: StoreView['rewards']): string | undefined {
  if (id === 'new') return 'New reward'
  const copied = copiedIn(id)
  const name = rewards.find((one) => String(one.id) === (copied ?? id))?.settings.name
  return name !== undefined && copied !== undefined ? `Copy of ${name}` : name
}

function draftOpens(id: string, rewards: StoreView['rewards']): number | 'new' | RewardShown | undefined {
  if (id === 'new') return 'new'
  const copied = copiedIn(id)
  return copied === undefined ? Number(id) : rewards.find((one) => String(one.id) === copied)
}

function Tonight({ view }: { view: StoreView }) {
  const { currency, show } = useStatus()
  const on = view.rewards.filter(({ settings }) => settings.on).length
  const tonight = view.rewards.reduce((sum, { sold }) => sum + sold.show, 0)
  return (
    <p className="text-muted">
      {view.rewards.length} {view.rewards.length === 1 ? 'reward' : 'rewards'}, {on} switched on.
      {view.onAir
        ? ` This show: ${digits(tonight)} ${tonight === 1 ? 'order' : 'orders'}, ${inWords(show?.spent ?? 0, currency)} spent.`
        : ' Off air.'}
    </p>
  )
}

function Archived({ archived }: { archived: StoreView['archived'] }) {
  return (
    <details className="text-muted">
      <summary className="cursor-pointer">
        {archived.length} archived {archived.length === 1 ? 'reward' : 'rewards'}: their orders stay
      </summary>
      <ul className="mt-2 flex flex-col gap-1 pl-5">
        {archived.map(({ id, name, goneAt }) => (
          <li key={id}>
            {name}
            {goneAt !== null && `, since ${dayText(goneAt)}`}
          </li>
        ))}
      </ul>
    </details>
  )
}
