import { useState } from 'react'
import { Link } from 'react-router'
import { digits } from '#core/currency'
import type { CircleRow } from '#core/people'
import { Button } from '../../parts/Button.tsx'
import { UnsavedList } from '../../parts/form/UnsavedList.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { CorrectDialog, type Whom } from '../people/CorrectDialog.tsx'
import { CircleDialog } from './CircleDialog.tsx'
import { rulesInWords } from './circleDraft.ts'
import type { Ranks } from './ranks.ts'

const AddButton = ({ add }: { readonly add: () => void }) => (
  <Button needs="change" onClick={add}>
    Add a circle …
  </Button>
)

/** The circles, what makes somebody a member, and how many there are. */
export function Circles({ ranks }: { ranks: Ranks }) {
  const [open, setOpen] = useState<CircleRow | 'new'>()
  const [whom, setWhom] = useState<Whom>()
  const add = <AddButton add={() => setOpen('new')} />
  return (
    <Panel title="Circles" aside="count as a role everywhere: bonuses, team commands, allowance">
      <UnsavedList
        kind="circle"
        nameOf={(id) => (id === 'new' ? 'New circle' : ranks.circles.find((one) => String(one.id) === id)?.name)}
        open={(id) => setOpen(id === 'new' ? 'new' : ranks.circles.find((one) => String(one.id) === id))}
      />
      {ranks.circles.length === 0 ? (
        <Empty action={add}>
          No circles yet. A circle is a group you name; you add people, or they join automatically when they meet its
          rules.
        </Empty>
      ) : (
        <>
          <ul>
            {ranks.circles.map((circle) => (
              <CircleLine
                key={circle.id}
                circle={circle}
                ranks={ranks}
                change={() => setOpen(circle)}
                adjust={() => setWhom({ viewers: `circle:${circle.id}`, words: `everyone in "${circle.name}"` })}
              />
            ))}
          </ul>
          <div className="p-4">{add}</div>
        </>
      )}
      {whom && <CorrectDialog whom={whom} close={() => setWhom(undefined)} done={() => {}} />}
      {open !== undefined && (
        <CircleDialog circle={open === 'new' ? null : open} ranks={ranks.plan.ranks} close={() => setOpen(undefined)} />
      )}
    </Panel>
  )
}

interface CircleLineProps {
  readonly circle: CircleRow
  readonly ranks: Ranks
  readonly change: () => void
  readonly adjust: () => void
}

function CircleLine({ circle, ranks, change, adjust }: CircleLineProps) {
  const count = ranks.counts.circles.find(({ id }) => id === circle.id)?.count ?? 0
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line px-4 py-2.5">
      <div className="min-w-0 flex-1 max-sm:basis-full">
        <p className="font-semibold">{circle.name}</p>
        <p className="text-note text-muted">{rulesInWords(circle, ranks.plan.ranks)}</p>
      </div>
      <Link to={`/people?standing=circle:${circle.id}`} className="tabular underline underline-offset-2">
        {digits(count)} {count === 1 ? 'person' : 'people'}
      </Link>
      <Button needs="act" disabled={count === 0} onClick={adjust}>
        Adjust all …
      </Button>
      <Button needs="change" onClick={change}>
        Change …
      </Button>
    </li>
  )
}
