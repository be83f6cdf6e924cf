import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { digits } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { presentQuery } from '../people/present.ts'

const today = (): string => new Date().toISOString().slice(0, 10)

/** Where there is no file: those who are in the room now are counted as followers since a day. */
export function Bring() {
  const here = useQuery(presentQuery).data?.total ?? 0
  const [since, setSince] = useState(today)
  const bring = useChange({
    ask: () => answerOf(api.POST('/desk/people/present/followers', { body: { since: Date.parse(since) / 1000 } })),
    invalidates: ['starter', 'people', 'corrections'],
    said: ({ changed }) => `${digits(changed)} more count as followers. You can undo it on the page People for a day.`,
    inPlace: true,
  })
  if (here === 0) return null
  return (
    <div className="mt-3 flex flex-col gap-2 border-t border-line pt-3">
      <form
        className="flex flex-wrap items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          bring.mutate(undefined)
        }}
      >
        <label className="flex flex-wrap items-center gap-2">
          Or count the {digits(here)} in your room as followers since
          <input
            type="date"
            required
            max={today()}
            value={since}
            onChange={(event) => setSince(event.target.value)}
            className={INPUT}
          />
        </label>
        <Button type="submit" disabled={since === '' || bring.isPending}>
          Count them
        </Button>
      </form>
      {bring.error && <Problem error={bring.error} />}
    </div>
  )
}
