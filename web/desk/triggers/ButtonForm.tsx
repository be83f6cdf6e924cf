import { useQuery } from '@tanstack/react-query'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { commandsQuery } from '../commands/view.ts'
import { TriggerPanel } from './TriggerPanel.tsx'

interface ButtonFormProps {
  readonly id: number | 'new'
  /** The board that is looked at: a new button comes onto it. */
  readonly board: string
  readonly close: () => void
}

/** The form of a button: that of any trigger. */
export function ButtonForm({ id, board, close }: ButtonFormProps) {
  const view = useQuery(commandsQuery)
  if (view.isError) return <Problem error={view.error} retry={() => void view.refetch()} />
  if (view.data === undefined) return null
  const trigger = view.data.triggers.find((one) => one.id === id)
  return <TriggerPanel view={view.data} trigger={trigger} close={close} button={{ board }} />
}
