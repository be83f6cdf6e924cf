import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { digits, inWords } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { TextInput } from '../../parts/form/inputs.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { dayText } from '../../parts/time.ts'
import { type CommandsView, commandsQuery } from '../commands/view.ts'
import { RewardPanel } from '../panels.tsx'
import { NothingYet } from '../starter/NothingYet.tsx'
import { useStatus } from '../status.ts'
import { RewardTable } from './RewardTable.tsx'
import { type RewardShown, type StoreView, storeQuery } from './view.ts'

const NoRewards = ({ add }: { readonly add: () => void }) => (
  <NothingYet add={add}>
    Nothing is for sale yet. A reward is something viewers spend their currency on: you do it, it happens automatically,
    or it gives out a code.
  </NothingYet>
)

/** What the store sells: every reward with its price, what is left, what it sold tonight, and whether it works. */
export function StorePage() {
  const store = useQuery(storeQuery)
  const commands = useQuery(commandsQuery)
  const [open, setOpen] = useOpened()
  const [asked, setAsked] = useState('')
  const failed = store.error ?? commands.error
  return (
    <div className="flex flex-col gap-4">
      <PageActions>
        <TextInput
          aria-label="Find a reward"
          placeholder="Find a reward"
          value={asked}
          most={60}
          onValue={setAsked}
          className="w-44"
        />
        <Button needs="change" look="main" onClick={() => setOpen('new')}>
          Add a reward
        </Button>
      </PageActions>
      {(store.isPending || commands.isPending) && !failed && <Loading what="the store" />}
      {failed && <Problem error={failed} retry={() => void store.refetch()} />}
      {store.data && store.data.rewards.length > 0 && <Tonight view={store.data} />}
      <UnsavedList
        kind="reward"
        nameOf={(id) => store.data && draftName(id, store.data.rewards)}
        open={(id) => store.data && setOpen(draftOpens(id, store.data.rewards))}
      />
      {store.data && store.data.rewards.length === 0 && <NoRewards add={() => setOpen('new')} />}
      {store.data && store.data.rewards.length > 0 && <RewardTable view={store.data} asked={asked} open={setOpen} />}
      {store.data && store.data.archived.length > 0 && <Archived archived={store.data.archived} />}
      {store.data && commands.data && open !== undefined && (
        <Opened open={open} setOpen={setOpen} store={store.data} view={commands.data} />
      )}
    </div>
  )
}

/** What is open: one that is for sale, a new one, or a copy of this one. */
type Open = number | 'new' | RewardShown

/** Nothing, unless the address asks for one. */
function useOpened() {
  const [search] = useSearchParams()
  const asks = search.get('open')
  return useState<Open | undefined>(asks === null ? undefined : Number(asks))
}

interface OpenedProps {
  readonly open: Open
  readonly setOpen: (open: Open | undefined) => void
  readonly store: StoreView
  readonly view: CommandsView
}

function Opened({ open, setOpen, store, view }: OpenedProps) {
  const chosen = typeof open === 'number' ? store.rewards.find(({ id }) => id === open) : undefined
  if (typeof open === 'number' && chosen === undefined) return null
  return (
    <RewardPanel
      key={typeof open === 'object' ? `copy-${open.id}` : String(open)}
      store={store}
      view={view}
      reward={chosen}
      copyOf={typeof open === 'object' ? open : undefined}
      copy={setOpen}
      close={() => setOpen(undefined)}
    />
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

function draftOpens(id: string, rewards: StoreView['rewards']): Open | undefined {
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
