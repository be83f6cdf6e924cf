import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, channelSlug } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { desksQuery } from '../../parts/installation.ts'
import { useChange } from '../../parts/useChange.ts'

/** The other desks that whoever is signed in may use. */
export function OtherDesks() {
  const others = (useQuery(desksQuery).data?.desks ?? []).filter(({ slug }) => slug !== channelSlug())
  return others.map(({ slug, name }) => (
    <a key={slug} href={`/desk/${slug}`} className="rounded-md px-3 py-1.5 font-medium text-muted hover:bg-raised">
      To the desk of {name}
    </a>
  ))
}

/** Leaves the team, once it was asked whether that is meant. */
export function LeaveButton() {
  const [asking, setAsking] = useState(false)
  const leave = useChange({
    ask: () => answerOf(api.POST('/desk/leave')),
    invalidates: ['status'],
    onDone: () => window.location.reload(),
  })
  if (!asking)
    return (
      <Button look="quiet" className="justify-start!" onClick={() => setAsking(true)}>
        Leave the team
      </Button>
    )
  return (
    <Button
      look="danger"
      ref={(button) => button?.focus()}
      onClick={() => leave.mutate()}
      onBlur={() => setAsking(false)}
    >
      Leave for good?
    </Button>
  )
}
