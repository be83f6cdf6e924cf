import { useState } from 'react'
import { answerOf, type Sent } from '../api.ts'
import { Button } from '../Button.tsx'
import { useAreaRights } from '../page/areaRights.tsx'
import type { QueryName } from '../queryKey.ts'
import { useChange } from '../useChange.ts'

/** Takes something away, after asking. */
export function RemoveButton({
  send,
  name,
  close,
  refreshes = 'commands',
  how = 'Remove',
}: {
  send: () => Sent<unknown>
  name: string
  close: () => void
  /** What of the desk is outdated by it. */
  refreshes?: QueryName
  how?: string
}) {
  const [asking, setAsking] = useState(false)
  const remove = useChange({
    ask: () => answerOf(send()),
    invalidates: [refreshes],
    said: `${name} was removed.`,
    onDone: close,
  })
  if (!useAreaRights().change) return null
  if (!asking)
    return (
      <Button look="quiet" onClick={() => setAsking(true)}>
        {how}
      </Button>
    )
  return (
    <Button
      look="danger"
      ref={(button) => button?.focus()}
      onClick={() => remove.mutate()}
      onBlur={() => setAsking(false)}
    >
      {how} {name}?
    </Button>
  )
}
