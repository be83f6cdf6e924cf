import { clsx } from 'clsx'
import { digits } from '#core/currency'
import { priceInWatching, watchingInWords } from '#core/store'
import { api } from '../../parts/api.ts'
import { Ready } from '../../parts/feedback/Ready.tsx'
import { Switch } from '../../parts/form/Switch.tsx'
import { mediaBase, smallAddress } from '../../parts/media.ts'
import type { Column } from '../../parts/table/column.ts'
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
    cell: ({ settings }) => digits(settings.price),
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

function Left({ reward: { settings, left, codes } }: { reward: RewardShown }) {
  if (left === null) return <span className="text-muted">no limit</span>
  const low = left === 0 || (settings.kind === 'code' && codes.count - codes.given <= settings.low)
  return (
    <span className={clsx(low && 'text-brick-text')}>
      {digits(left)}
      {settings.kind === 'code' && (left === 1 ? ' code' : ' codes')}
    </span>
  )
}
