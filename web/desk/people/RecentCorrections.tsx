import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { type Currency, digits, durationInWords, inWords } from '#core/currency'
import { accountInWords } from '#core/people'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { timeText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'
import { useUndo } from './useUndo.ts'

type Correction = Answer<'/desk/people/corrections'>['corrections'][number]

function Told({ one }: { readonly one: Correction }) {
  const { currency } = useStatus()
  return (
    <p className="min-w-0 flex-1 truncate">
      {told(one, currency)}{' '}
      <span className="text-muted">
        {timeText(one.at)}, by {accountInWords(one.by)}
        {one.why === '' ? '' : `: ${one.why}`}
      </span>
    </p>
  )
}

/** What was corrected lately and can still be taken back: a message that has passed by must not be the only way. */
export function RecentCorrections() {
  const undo = useUndo()
  const takeBack = useChange({
    ask: undo,
    invalidates: ['people', 'corrections', 'viewer'],
    said: (words) => words,
  })
  const [all, setAll] = useState(false)
  const found = useQuery({
    queryKey: keyOf('corrections'),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/people/corrections', { signal })),
    refetchInterval: 30_000,
  })
  const list = found.data?.corrections ?? []
  if (list.length === 0) return null
  return (
    <section
      aria-label="Adjustments you can undo"
      className="max-h-40 shrink-0 overflow-y-auto rounded-md border border-line bg-panel text-note"
    >
      {(all ? list : list.slice(0, 1)).map((one) => (
        <div
          key={one.adjustments[0]}
          className="flex items-center gap-3 border-b border-line px-3 py-1.5 last:border-b-0"
        >
          <Told one={one} />
          <Button look="quiet" onClick={() => takeBack.mutate(one.adjustments)}>
            Undo
          </Button>
          {one === list[0] && list.length > 1 && (
            <Button look="quiet" aria-expanded={all} onClick={() => setAll(!all)}>
              {all ? 'Only the last' : `and ${list.length - 1} more`}
            </Button>
          )}
        </div>
      ))}
    </section>
  )
}

/** "Gave pia 50 rivets", "Took 1 h from 12 people in all". */
function told({ of, total, people, name }: Correction, currency: Currency): string {
  if (of === 'import') {
    const much = total === 0 ? '' : `: ${inWords(Math.abs(total), currency)} ${total > 0 ? 'more' : 'less'} in all`
    return `Imported ${name ?? `${digits(people)} people`}${much}`
  }
  const much = of === 'hours' ? durationInWords(Math.abs(total)) : inWords(Math.abs(total), currency)
  const whom = name ?? `${digits(people)} people`
  const all = people > 1 ? ' in all' : ''
  return total >= 0 ? `Gave ${whom} ${much}${all}` : `Took ${much} from ${whom}${all}`
}
