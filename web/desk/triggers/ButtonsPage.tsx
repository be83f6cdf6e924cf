import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Select } from '../../parts/form/inputs.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
import { IfMayIn, useMay } from '../rights.tsx'
import { ButtonForm } from './ButtonForm.tsx'
import { buttonsQuery } from './buttons.ts'
import { PressButton } from './PressButton.tsx'

/** Of a board without a name. */
const nameOf = (board: string): string => (board === '' ? 'Main board' : board)

/** Large buttons of one's own, for a phone or a tablet beside the keyboard: each runs its steps. */
export function ButtonsPage() {
  const found = useQuery(buttonsQuery)
  const [chosen, setChosen] = useState<string>()
  const [changing, setChanging] = useState(false)
  const [open, setOpen] = useState<number | 'new'>()
  const buttons = found.data?.buttons ?? []
  const boards = [...new Set(buttons.map(({ board }) => board))]
  const board = boards.find((one) => one === chosen) ?? boards[0] ?? ''
  return (
    <div className="flex flex-col gap-4">
      <PageActions>
        {boards.length > 1 && (
          <Select
            label="Board"
            value={board}
            choices={boards.map((value) => ({ value, name: nameOf(value) }))}
            onChoose={setChosen}
          />
        )}
        <Changing any={buttons.length > 0} changing={changing} setChanging={setChanging} add={() => setOpen('new')} />
      </PageActions>
      {found.isPending && <Loading what="the buttons" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && buttons.length === 0 && <None add={() => setOpen('new')} />}
      <div className="grid gap-3 cols-buttons">
        {buttons
          .filter((one) => one.board === board)
          .map((one) => (
            <PressButton
              key={one.id}
              button={one}
              ahead={found.data?.ahead ?? 0}
              change={changing ? () => setOpen(one.id) : undefined}
            />
          ))}
      </div>
      {open !== undefined && <ButtonForm key={open} id={open} board={board} close={() => setOpen(undefined)} />}
    </div>
  )
}

interface ChangingProps {
  readonly any: boolean
  readonly changing: boolean
  readonly setChanging: (changing: boolean) => void
  readonly add: () => void
}

function Changing({ any, changing, setChanging, add }: ChangingProps) {
  return (
    <IfMayIn area="commands" level="change">
      {any && (
        <Button aria-pressed={changing} onClick={() => setChanging(!changing)}>
          {changing ? 'Done changing' : 'Change buttons'}
        </Button>
      )}
      <Button look="main" onClick={add}>
        Add a button
      </Button>
    </IfMayIn>
  )
}

function None({ add }: { readonly add: () => void }) {
  const mayChange = useMay()('commands', 'change')
  return (
    <Empty action={mayChange && <Button onClick={add}>Add the first one</Button>}>
      {mayChange
        ? 'There are no buttons yet. A button runs steps of your own at a press: show an alert, say a line, open a raffle, pay everybody. Keep this page open on a phone or a tablet beside the keyboard.'
        : 'There are no buttons yet. Whoever may change commands can add some.'}
    </Empty>
  )
}
