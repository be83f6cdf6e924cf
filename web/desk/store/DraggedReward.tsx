import { useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { clsx } from 'clsx'
import { GripVertical } from 'lucide-react'
import { createContext, use } from 'react'
import { useAreaRights } from '../../parts/page/areaRights.tsx'
import type { RowProps } from '../../parts/table/column.ts'
import type { RewardShown } from './view.ts'

type Handle = Pick<ReturnType<typeof useSortable>, 'attributes' | 'listeners'>

const Dragged = createContext<Handle | undefined>(undefined)

/** A reward of the list, as row or card, that can be moved by its handle. */
export function DraggedReward({ row: { id }, as: Tag, className, children }: RowProps<RewardShown>) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id })
  return (
    <Tag
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={clsx(className, isDragging && 'relative z-10 bg-raised')}
    >
      <Dragged value={{ attributes, listeners }}>{children}</Dragged>
    </Tag>
  )
}

/** What a reward is taken by, with a finger, a mouse or the keyboard. */
export function DragHandle({ name }: { name: string }) {
  const handle = use(Dragged)
  if (!useAreaRights().change) return null
  return (
    <button
      type="button"
      {...handle?.attributes}
      {...handle?.listeners}
      aria-label={`Move ${name}`}
      className="cursor-grab touch-none rounded p-0.5 text-muted hover:text-text"
    >
      <GripVertical aria-hidden="true" className="size-4" />
    </button>
  )
}
