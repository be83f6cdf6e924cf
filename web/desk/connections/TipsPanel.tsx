import { useState } from 'react'
import { inWords, moneyInWords } from '#core/currency'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { TextInput } from '../../parts/form/inputs.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'

export type TipToDecide = Answer<'/desk/connections'>['tips'][number]

/** Tips that wait because nothing says what their currency is worth: never paid by guess. */
export function TipsPanel({ tips }: { tips: readonly TipToDecide[] }) {
  if (tips.length === 0) return null
  return (
    <Panel title="Tips to decide" aside="in a currency that the earning plan has no rate for">
      <ul>
        {tips.map((tip) => (
          <TipLine key={tip.id} tip={tip} />
        ))}
      </ul>
    </Panel>
  )
}

/** Pays a tip by its rate, by hand, or not at all. */
function useDecision({ id, name }: TipToDecide) {
  const { currency } = useStatus()
  return useChange({
    ask: (pay: 'rate' | 'nothing' | number) =>
      answerOf(api.POST('/desk/tips/{tip}/decide', { params: { path: { tip: id } }, body: { pay } })),
    invalidates: ['connections'],
    said: ({ paid }) => (paid === 0 ? `${name} got nothing for it.` : `${name} got ${inWords(paid, currency)}.`),
  })
}

function TipLine({ tip }: { tip: TipToDecide }) {
  const { currency } = useStatus()
  const [amount, setAmount] = useState('')
  const decide = useDecision(tip)
  const whole = /^[1-9]\d{0,8}$/.test(amount) ? Number(amount) : undefined
  return (
    <li className="flex flex-wrap items-center gap-3 border-t border-line px-4 py-2 first:border-t-0">
      <p className="min-w-0 flex-1 break-words">
        <strong>{tip.name}</strong> tipped{' '}
        <strong className="tabular">{moneyInWords(tip.minorUnits, tip.currency)}</strong>
        <span className="text-muted"> · {dayText(tip.at)}</span>
      </p>
      {tip.hasRate && (
        <Button look="main" onClick={() => decide.mutate('rate')} disabled={decide.isPending}>
          Pay by the rate
        </Button>
      )}
      <span className="flex items-center gap-2">
        <TextInput
          aria-label={`Amount for ${tip.name}`}
          inputMode="numeric"
          value={amount}
          most={9}
          onValue={(text) => setAmount(text.trim())}
          className="tabular w-24 text-right"
        />
        {currency.many}
      </span>
      <Button onClick={() => whole && decide.mutate(whole)} disabled={whole === undefined || decide.isPending}>
        Pay
      </Button>
      <Button look="quiet" onClick={() => decide.mutate('nothing')} disabled={decide.isPending}>
        Pay nothing
      </Button>
    </li>
  )
}
