import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { inWords, moneyInWords } from '#core/currency'
import { FIRST_MONEY, type Support } from '#core/earning'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'
import { FindPerson } from './FindPerson.tsx'

type Waiting = Answer<'/desk/supporters'>['supporters'][number]

/** Support under names that chat does not know: who was it? Nothing is shown where nothing waits. */
export function Supporters() {
  const waiting = useQuery({
    queryKey: keyOf('supporters'),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/supporters', { signal })),
  })
  const list = waiting.data?.supporters ?? []
  if (list.length === 0) return null
  return (
    <Panel title="Who was this?" aside="supported under a name that is not known in chat" className="shrink-0">
      <ul className="max-h-48 overflow-y-auto">
        {list.map((one) => (
          <WaitingLine key={one.id} one={one} />
        ))}
      </ul>
    </Panel>
  )
}

const told = (support: Support): string =>
  support.kind === 'tip'
    ? `tipped ${moneyInWords(support.minorUnits, support.currency ?? FIRST_MONEY.currency)}`
    : support.kind

function WaitingLine({ one }: { one: Waiting }) {
  const { currency } = useStatus()
  const [person, setPerson] = useState<{ id: number; name: string }>()
  const match = useChange({
    ask: (viewer: number | null) =>
      answerOf(
        api.POST('/desk/supporters/{supporter}/match', { params: { path: { supporter: one.id } }, body: { viewer } }),
      ),
    invalidates: 'all',
    said: ({ paid }, viewer) => {
      const text =
        viewer === null ? 'Dismissed.' : `${person?.name} got ${inWords(paid, currency)}; the name is remembered.`
      return text
    },
  })
  return (
    <li className="flex items-center gap-3 border-t border-line px-4 py-2 first:border-t-0">
      <p className="flex min-w-0 flex-1 items-baseline gap-1.5">
        <span className="min-w-0 truncate font-semibold">{one.name}</span>
        <span className="tabular shrink-0">{told(one.support)}</span>
        <span className="min-w-0 shrink-3 truncate text-muted">{dayText(one.at)}</span>
      </p>
      <FindPerson label={`Who ${one.name} is`} chosen={person} choose={setPerson} />
      <Button
        look={person ? 'main' : 'plain'}
        disabled={!person || match.isPending}
        onClick={() => person && match.mutate(person.id)}
      >
        That is them
      </Button>
      <Button look="quiet" onClick={() => match.mutate(null)}>
        Dismiss
      </Button>
    </li>
  )
}
