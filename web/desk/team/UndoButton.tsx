import { useState } from 'react'
import type { RankPlan } from '#core/ranks'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { MovesOf } from '../ranks/MovesShown.tsx'

type Change = Answer<'/desk/changes'>['changes'][number]

/** What follows from setting some things back, which is read before it is done. */
const FOLLOWS: Readonly<Record<string, string>> = {
  ranks: 'Everyone gets the rank they would have under the earlier ranks. Nothing is said in chat.',
  circle: 'Whoever meets the earlier rules joins at once; whoever does not leaves. Nothing is said in chat.',
  earning: 'Time watched so far is paid under the current plan; after that the earlier one applies.',
  room: 'The bot leaves the current room and goes to the earlier one.',
}

/** What follows from setting a change back that is more than a figure being as it was; undefined: nothing. */
function followsOf({ of, what, before, after }: Change): string | undefined {
  if (before === null) return `This removes the ${what} that was added here.`
  if (after === null)
    return `This adds the ${what} again with the settings it had. Orders, codes and figures of the removed one stay with that.`
  return FOLLOWS[of]
}

/** Sets one change back; where that moves people, money or the bot, what follows is shown first. */
export function UndoButton({ change }: { readonly change: Change }) {
  const { id, of, at, name, before, after } = change
  const changed = before !== null && after !== null
  const [asking, setAsking] = useState(false)
  const undo = useChange({
    ask: () => answerOf(api.POST('/desk/changes/{id}/undo', { params: { path: { id } } })),
    invalidates: 'all',
    said: changed ? `${name} is what it was before.` : `${name} was ${before === null ? 'removed' : 'added again'}.`,
    onDone: () => setAsking(false),
    inPlace: asking,
  })
  const follows = followsOf(change)
  return (
    <>
      <Button
        disabled={undo.isPending}
        onClick={() => (follows === undefined ? undo.mutate() : setAsking(true))}
        aria-label={`Undo: ${name}, ${dayText(at)}`}
      >
        {follows === undefined ? 'Undo' : 'Undo …'}
      </Button>
      {asking && (
        <DialogForm
          title={`Undo: ${name}, ${dayText(at)}`}
          close={() => setAsking(false)}
          does="Undo the change"
          go={() => undo.mutate()}
          change={undo}
        >
          <p>{follows}</p>
          {of === 'ranks' && changed && <MovesOf plan={before as unknown as RankPlan} />}
        </DialogForm>
      )}
    </>
  )
}
