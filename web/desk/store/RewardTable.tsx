import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { clsx } from 'clsx'
import { GripVertical } from 'lucide-react'
import { useEffect, useState } from 'react'
import { digits } from '#core/currency'
import { priceInWatching, watchingInWords } from '#core/store'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Ready, SharedFaults, saidAbove } from '../../parts/feedback/Ready.tsx'
import { Switch } from '../../parts/form/Switch.tsx'
import { mediaBase, smallAddress } from '../../parts/media.ts'
import { WideTable } from '../../parts/table/WideTable.tsx'
import { useStatus } from '../status.ts'
import { useStoreAction } from './useStoreAction.ts'
import { groupsIn, type RewardShown, type StoreView } from './view.ts'

interface RewardTableProps {
  readonly view: StoreView
  readonly asked: string
  readonly open: (id: number) => void
}

/** The rewards by group, moved by dragging or by keys; a group is switched in one go. */
export function RewardTable({ view, asked, open }: RewardTableProps) {
  const act = useStoreAction()
  const [order, setOrder] = useState(() => view.rewards.map(({ id }) => id))
  const ids = view.rewards.map(({ id }) => id).join()
  useEffect(() => setOrder(ids === '' ? [] : ids.split(',').map(Number)), [ids])
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const wanted = asked.trim().toLowerCase()
  const sorted = order.flatMap((id) => view.rewards.find((reward) => reward.id === id) ?? [])
  const shown = sorted.filter(({ settings }) =>
    [settings.name, settings.word, settings.group].some((text) => text.toLowerCase().includes(wanted)),
  )
  const moved = ({ active, over }: DragEndEvent) => {
    if (over === null || active.id === over.id) return
    const next = arrayMove(order, order.indexOf(Number(active.id)), order.indexOf(Number(over.id)))
    setOrder(next)
    act.mutate({ send: () => api.POST('/desk/rewards/arrange', { body: { order: next } }) })
  }
  const all = shown.map(({ ready }) => ready)
  const said = saidAbove(all)
  if (shown.length === 0) return <p className="text-muted">No reward matches “{asked}”.</p>
  return (
    <>
      <SharedFaults all={all} many="rewards" />
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved}>
        <SortableContext items={shown.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <WideTable>
            <table className="w-full table-fixed rounded-md border border-line bg-panel">
              <thead className="text-left text-sm text-muted">
                <tr className="border-b border-line">
                  <th scope="col" className="w-8">
                    <span className="sr-only">Move</span>
                  </th>
                  <th scope="col" className="w-14 px-2 py-2 font-medium">
                    On
                  </th>
                  <th scope="col" className="w-[30%] px-2 py-2 font-medium">
                    Reward
                  </th>
                  <th scope="col" className="w-20 px-2 py-2 text-right font-medium">
                    Price
                  </th>
                  <th scope="col" className="w-32 px-2 py-2 text-right font-medium">
                    Watch time
                    <span className="block font-normal">without bonuses</span>
                  </th>
                  <th scope="col" className="w-20 px-2 py-2 text-right font-medium">
                    Left
                  </th>
                  <th scope="col" className="w-20 px-2 py-2 text-right font-medium">
                    This show
                  </th>
                  <th scope="col" className="px-3 py-2 font-medium">
                    Will it work?
                  </th>
                </tr>
              </thead>
              {groupsIn(shown).map(([group, rows]) => (
                <tbody key={group} className="border-b border-line last:border-0">
                  {group !== '' && <GroupRow group={group} rows={rows} act={act.mutate} />}
                  {rows.map((reward) => (
                    <Row key={reward.id} reward={reward} view={view} open={open} said={said} />
                  ))}
                </tbody>
              ))}
            </table>
          </WideTable>
        </SortableContext>
      </DndContext>
    </>
  )
}

interface GroupRowProps {
  readonly group: string
  readonly rows: readonly RewardShown[]
  readonly act: ReturnType<typeof useStoreAction>['mutate']
}

function GroupRow({ group, rows, act }: GroupRowProps) {
  const allOff = rows.every(({ settings }) => !settings.on)
  const turn = () =>
    act({
      send: () => api.POST('/desk/rewards/switch', { body: { rewards: rows.map(({ id }) => id), on: allOff } }),
      said: `“${group}” is switched ${allOff ? 'on' : 'off'}: ${rows.length} ${rows.length === 1 ? 'reward' : 'rewards'}.`,
    })
  return (
    <tr>
      <th colSpan={8} scope="rowgroup" className="px-3 pt-3 pb-1 text-left text-sm font-medium text-muted">
        <span className="flex items-center justify-between">
          {group}
          <Button look="quiet" className="py-0.5! text-sm" onClick={turn}>
            {allOff ? 'Switch the group on' : 'Switch the group off'}
          </Button>
        </span>
      </th>
    </tr>
  )
}

interface RowProps {
  readonly reward: RewardShown
  readonly view: StoreView
  readonly open: (id: number) => void
  /** What is said above the list. */
  readonly said: readonly string[]
}

function Row({ reward, view, open, said }: RowProps) {
  const { channel } = useStatus()
  const { id, settings, left, sold, ready, codes } = reward
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id })
  const [plain] = priceInWatching(view.plan, [], settings.price)
  const low = settings.kind === 'code' && codes.count - codes.given <= settings.low
  return (
    <tr
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={clsx('align-top hover:bg-raised', isDragging && 'relative z-10 bg-raised')}
    >
      <td className="py-2 pl-2">
        <button
          type="button"
          {...attributes}
          {...listeners}
          aria-label={`Move ${settings.name}`}
          className="cursor-grab rounded p-0.5 text-muted hover:text-text"
        >
          <GripVertical aria-hidden="true" className="size-4" />
        </button>
      </td>
      <td className="px-2 py-2">
        <Switch
          turn={(on) => api.POST('/desk/rewards/{id}/switch', { params: { path: { id } }, body: { on } })}
          on={settings.on}
          label={settings.name}
          refreshes="store"
        />
      </td>
      <td className="px-2 py-2">
        <span className="flex items-start gap-2.5">
          <img
            src={smallAddress(settings.picture, mediaBase(channel.slug))}
            alt=""
            className="size-8 shrink-0 rounded object-contain"
          />
          <span className="min-w-0">
            <button
              type="button"
              onClick={() => open(id)}
              className="text-left font-semibold break-words hover:underline"
            >
              {settings.name}
            </button>
            <span className="block truncate text-sm text-muted">
              {settings.command ? `!${settings.word}` : `!get ${settings.word}`}
            </span>
          </span>
        </span>
      </td>
      <td className="tabular px-2 py-2 text-right">{digits(settings.price)}</td>
      <td className="tabular px-2 py-2 text-right text-muted">
        {plain?.seconds == null ? '–' : watchingInWords(plain.seconds)}
      </td>
      <td
        className={clsx(
          'tabular px-2 py-2 text-right',
          (left === 0 || low) && 'text-brick-text',
          left === null && 'text-muted',
        )}
      >
        {left === null
          ? 'no limit'
          : settings.kind === 'code'
            ? `${digits(left)} ${left === 1 ? 'code' : 'codes'}`
            : digits(left)}
      </td>
      <td className="tabular px-2 py-2 text-right">{digits(sold.show)}</td>
      <td className="px-3 py-2">
        <Ready ready={ready} said={said} />
      </td>
    </tr>
  )
}
