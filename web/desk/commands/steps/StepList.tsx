import {
  type Announcements,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  type UniqueIdentifier,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { arrayMove, SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable'
import type { Step } from '#core/steps'
import { Select } from '../../../parts/form/inputs.tsx'
import { formOf, STEP_KINDS } from './forms.ts'
import { inPlaceOf, markOf } from './marks.ts'
import { NestedSteps, type StepListProps } from './nested.ts'
import { StepCard } from './StepCard.tsx'

const ADDED = [
  { value: '', name: 'Add a step …' },
  ...STEP_KINDS.map((kind) => ({ value: kind as string, name: formOf(kind).name })),
]

const useDragging = () =>
  useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )

interface CardsProps extends Omit<StepListProps, 'at' | 'label'>, Required<Pick<StepListProps, 'at' | 'label'>> {
  readonly marks: readonly string[]
}

function Cards({ steps, setSteps, at, label, marks, ...around }: CardsProps) {
  const put = (i: number, step: Step) => setSteps(steps.map((one, k) => (k === i ? inPlaceOf(one, step) : one)))
  return (
    <SortableContext items={[...marks]} strategy={verticalListSortingStrategy}>
      <ol aria-label={label} className="mb-2 flex flex-col gap-2">
        {steps.map((step, i) => (
          <StepCard
            key={marks[i]}
            mark={marks[i] ?? ''}
            step={step}
            at={[...at, i]}
            {...around}
            setStep={(next) => put(i, next)}
            remove={() => setSteps(steps.filter((_, k) => k !== i))}
          />
        ))}
      </ol>
    </SortableContext>
  )
}

/** Steps in their order: moved by dragging or by keys, each with its own check. */
export function StepList({ steps, setSteps, at = [], label = 'Steps', ...around }: StepListProps) {
  const sensors = useDragging()
  const marks = steps.map(markOf)
  const moved = ({ active, over }: DragEndEvent) => {
    if (over === null || active.id === over.id) return
    setSteps(arrayMove([...steps], marks.indexOf(String(active.id)), marks.indexOf(String(over.id))))
  }
  const add = (kind: string) => {
    const found = STEP_KINDS.find((one) => one === kind)
    if (found !== undefined) setSteps([...steps, formOf(found).fresh(around.view, around.around.viewer)])
  }
  return (
    <NestedSteps value={StepList}>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={moved}
        accessibility={{ announcements: spoken(marks), screenReaderInstructions: { draggable: HOW } }}
      >
        <Cards {...{ steps, setSteps, at, label, marks, ...around }} />
      </DndContext>
      <Select
        label={at.length === 0 ? 'Add a step' : `Add a step to ${label}`}
        value=""
        choices={ADDED}
        onChoose={add}
        className="w-56"
      />
    </NestedSteps>
  )
}

const HOW =
  'Press space to pick the step up, the arrow keys to move it, space again to put it down, escape to leave it.'

/** What a screen reader says while a step is moved. */
function spoken(marks: readonly string[]): Announcements {
  const place = (id: UniqueIdentifier) => marks.indexOf(String(id)) + 1
  return {
    onDragStart: ({ active }) => `Step ${place(active.id)} is picked up.`,
    onDragOver: ({ active, over }) => over && `Step ${place(active.id)} is over place ${place(over.id)}.`,
    onDragEnd: ({ active, over }) => over && `Step ${place(active.id)} is put down at place ${place(over.id)}.`,
    onDragCancel: ({ active }) => `Step ${place(active.id)} stays where it was.`,
  } as Announcements
}
