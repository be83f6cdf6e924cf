import { clsx } from 'clsx'
import { digits } from '#core/currency'
import { priceInWatching, watchingInWords } from '#core/store'
import { tallyInWords } from '#core/tallies'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Ready } from '../../parts/feedback/Ready.tsx'
import { Switch } from '../../parts/form/Switch.tsx'
import { mediaBase, smallAddress } from '../../parts/media.ts'
import type { Column } from '../../parts/table/column.ts'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'
import { DragHandle } from './DraggedReward.tsx'
import type { RewardShown, StoreView } from './view.ts'

interface Shown {
  readonly view: StoreView
  readonly open: (id: number) => void
  /** What is said above the list. */
  readonly said: readonly string[]
}

const TurnOn = ({ id, settings }: RewardShown) => (
  <Switch
    turn={(on) => api.POST('/desk/rewards/{id}/switch', { params: { path: { id } }, body: { on } })}
    on={settings.on}
    label={settings.name}
    refreshes="store"
  />
)

const priceColumns = (view: Shown['view']): readonly Column<RewardShown>[] => [
  {
    id: 'price',
    head: 'Price',
    width: 'w-18',
    end: true,
    card: 'figure',
    cell: ({ settings }) => <Price settings={settings} view={view} />,
  },
  {
    id: 'watching',
    head: 'Watch time without bonuses',
    width: 'w-30',
    end: true,
    card: 'none',
    cell: ({ settings }) => <WatchTime view={view} price={settings.price} />,
  },
]

/** What the list of rewards says of each. */
export const rewardColumns = ({ view, open, said }: Shown): readonly Column<RewardShown>[] => [
  {
    id: 'move',
    head: 'Move',
    headHidden: true,
    width: 'w-10',
    card: 'aside',
    cell: ({ settings }) => <DragHandle name={settings.name} />,
  },
  {
    id: 'on',
    head: 'On',
    width: 'w-16',
    card: 'aside',
    cell: (reward) => <TurnOn {...reward} />,
  },
  { id: 'reward', head: 'Reward', width: 'w-1/4', card: 'title', cell: (reward) => <Name {...{ reward, open }} /> },
  ...priceColumns(view),
  { id: 'left', head: 'Left', width: 'w-20', end: true, card: 'figure', cell: (reward) => <Left reward={reward} /> },
  {
    id: 'show',
    head: 'This show',
    width: 'w-17',
    end: true,
    card: 'none',
    cell: ({ sold }) => digits(sold.show),
  },
  { id: 'ready', head: 'Will it work?', cell: ({ ready }) => <Ready ready={ready} said={said} /> },
]

function Price({ settings: { price, tally }, view }: Pick<RewardShown, 'settings'> & { readonly view: StoreView }) {
  const row = view.tallies.find(({ id }) => id === tally?.tally)
  return (
    <>
      {(price > 0 || tally === null) && digits(price)}
      {tally !== null && (
        <span className="block text-sm text-muted">{row ? tallyInWords(row, tally.count) : digits(tally.count)}</span>
      )}
    </>
  )
}

function WatchTime({ view, price }: { view: StoreView; price: number }) {
  const [plain] = priceInWatching(view.plan, [], price)
  return <span className="text-muted">{plain?.seconds == null ? '–' : watchingInWords(plain.seconds)}</span>
}

function Name({ reward: { id, settings }, open }: { reward: RewardShown; open: (id: number) => void }) {
  const { channel } = useStatus()
  return (
    <span className="flex items-start gap-2.5">
      <img
        src={smallAddress(settings.picture, mediaBase(channel.slug))}
        alt=""
        className="size-8 shrink-0 rounded object-contain"
      />
      <span className="min-w-0">
        <button type="button" onClick={() => open(id)} className="text-left font-semibold break-words hover:underline">
          {settings.name}
        </button>
        <span className="block truncate text-sm text-muted">
          {settings.command ? `!${settings.word}` : `!get ${settings.word}`}
        </span>
      </span>
    </span>
  )
}

function Left({ reward: { id, settings, left, codes } }: { reward: RewardShown }) {
  if (left === null) return <span className="text-muted">no limit</span>
  const few = settings.kind === 'code' ? codes.count - codes.given <= settings.low : left <= settings.lowStock
  return (
    <span className={clsx('flex flex-col items-end', (left === 0 || few) && 'text-brick-text')}>
      {digits(left)}
      {settings.kind === 'code' && (left === 1 ? ' code' : ' codes')}
      {settings.refill !== null && left < settings.refill && <RefillButton id={id} settings={settings} />}
    </span>
  )
}

function RefillButton({ id, settings: { name, refill } }: Pick<RewardShown, 'id' | 'settings'>) {
  const fill = useChange({
    ask: () => answerOf(api.POST('/desk/rewards/{id}/refill', { params: { path: { id } } })),
    invalidates: ['store'],
    said: ({ left }) => `${name}: ${digits(left)} left again.`,
  })
  return (
    <Button
      needs="act"
      look="quiet"
      className="-mr-3"
      aria-label={`Refill ${name} to ${refill}`}
      disabled={fill.isPending}
      onClick={() => fill.mutate()}
    >
      Refill
    </Button>
  )
}
