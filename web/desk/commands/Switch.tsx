import { Switch as HeadlessSwitch } from '@headlessui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { change } from '../../parts/api.ts'
import { useToast } from '../../parts/toasts.tsx'

/** Switches something on or off at once. */
export function Switch({
  path,
  on,
  label,
  refreshes = 'commands',
}: {
  path: string
  on: boolean
  label: string
  /** What of the desk is outdated by it. */
  refreshes?: string
}) {
  const client = useQueryClient()
  const toast = useToast()
  const turn = useMutation({
    mutationFn: (next: boolean) => change('POST', path, { on: next }),
    onSuccess: () => client.invalidateQueries({ queryKey: [refreshes] }),
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
  return (
    <HeadlessSwitch
      checked={turn.isPending ? !on : on}
      onChange={(next) => turn.mutate(next)}
      aria-label={`${label} is on`}
      className="group inline-flex h-5 w-9 items-center rounded-full border border-line bg-surface data-checked:border-moss data-checked:bg-moss"
    >
      <span className="size-3.5 translate-x-0.5 rounded-full bg-muted transition-transform group-data-checked:translate-x-[1.15rem] group-data-checked:bg-panel" />
    </HeadlessSwitch>
  )
}
