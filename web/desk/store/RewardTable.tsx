import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { arrayMove, SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { useEffect, useMemo, useState } from 'react'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { SharedFaults, saidAbove } from '../../parts/feedback/Ready.tsx'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { DraggedReward } from './DraggedReward.tsx'
import { rewardColumns } from './rewardColumns.tsx'
import { useStoreAction } from './useStoreAction.ts'
import { groupsIn, type RewardShown, type StoreView } from './view.ts'

interface RewardTableProps {
  readonly view: StoreView
  readonly asked: string
  readonly open: (id: number) => void
}

/** The rewards by group, moved by dragging or by keys; a group is switched in one go. */
export function RewardTable({ view, asked, open }: RewardTableProps) {
  const { rewards, moved } = useArranged(view.rewards)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const wanted = asked.trim().toLowerCase()
  const shown = rewards.filter(({ settings }) =>
    [settings.name, settings.word, settings.group].some((text) => text.toLowerCase().includes(wanted)),
  )
  const all = shown.map(({ ready }) => ready)
  const said = saidAbove(all).join('\n')
  const columns = useMemo(() => rewardColumns({ view, open, said: said.split('\n') }), [view, open, said])
  if (shown.length === 0) return <p className="text-muted">No reward matches “{asked}”.</p>
  return (
    <>
      <SharedFaults all={all} many="rewards" />
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved}>
        <SortableContext items={shown.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <DataTable
            label="Rewards"
            rows={groupsIn(shown).flatMap(([, rows]) => rows)}
            columns={columns}
            keyOf={({ id }) => id}
            groupOf={({ settings }) => settings.group}
            groupAside={(group, rows) => group !== '' && <GroupSwitch group={group} rows={rows} />}
            rowAs={DraggedReward}
          />
        </SortableContext>
      </DndContext>
    </>
  )
}

/** The rewards in the order in which they were put, at once; the server hears of it. */
function useArranged(all: readonly RewardShown[]) {
  const act = useStoreAction()
  const ids = all.map(({ id }) => id).join()
  const [order, setOrder] = useState<readonly number[]>([])
  useEffect(() => setOrder(ids === '' ? [] : ids.split(',').map(Number)), [ids])
  const moved = ({ active, over }: DragEndEvent) => {
    if (over === null || active.id === over.id) return
    const next = arrayMove([...order], order.indexOf(Number(active.id)), order.indexOf(Number(over.id)))
    setOrder(next)
    act.mutate({ send: () => api.POST('/desk/rewards/arrange', { body: { order: next } }) })
  }
  // Until it is known, the order in which they come.
  const rewards = order.length === 0 ? all : order.flatMap((id) => all.find((reward) => reward.id === id) ?? [])
  return { rewards, moved }
}

function GroupSwitch({ group, rows }: { group: string; rows: readonly RewardShown[] }) {
  const act = useStoreAction()
  const allOff = rows.every(({ settings }) => !settings.on)
  const turn = () =>
    act.mutate({
      send: () => api.POST('/desk/rewards/switch', { body: { rewards: rows.map(({ id }) => id), on: allOff } }),
      said: `“${group}” is switched ${allOff ? 'on' : 'off'}: ${rows.length} ${rows.length === 1 ? 'reward' : 'rewards'}.`,
    })
  return (
    <Button needs="act" look="quiet" className="py-0.5! text-sm" onClick={turn}>
      {allOff ? 'Switch the group on' : 'Switch the group off'}
    </Button>
  )
}
