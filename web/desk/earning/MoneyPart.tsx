import { useState } from 'react'
import { minorDigits, moneyInWords } from '#core/currency'
import type { Money } from '#core/earning'
import { Button } from '../../parts/Button.tsx'

const CODES: readonly string[] = Intl.supportedValuesOf('currency')
const FIELD = 'rounded-md border border-line bg-surface px-3 py-1.5'

/** Millionths as people write a rate: 920000 -> "0.92". */
const rateText = (millionths: number): string => String(millionths / 1_000_000)

/** A rate as typed, in millionths; undefined for none. */
function readRate(text: string): number | undefined {
  const millionths = Math.round(Number(text.trim().replace(',', '.')) * 1_000_000)
  return text.trim() !== '' && Number.isSafeInteger(millionths) && millionths > 0 && millionths <= 1e12
    ? millionths
    : undefined
}

interface CodeChoiceProps {
  readonly label: string
  readonly value: string
  /** What stands there while none is chosen. */
  readonly none?: string
  readonly codes: readonly string[]
  readonly choose: (code: string) => void
}

const CodeChoice = ({ label, value, none, codes, choose }: CodeChoiceProps) => (
  <label className="flex items-center gap-3">
    <span className="min-w-0 flex-1">{label}</span>
    <select value={value} onChange={(event) => choose(event.target.value)} className={FIELD}>
      {none !== undefined && <option value="">{none}</option>}
      {codes.map((code) => (
        <option key={code}>{code}</option>
      ))}
    </select>
  </label>
)

/** What money tips are counted in, and what others are worth in it. A tip in any other waits to be decided. */
export function MoneyPart({ money, set }: { money: Money; set: (money: Money) => void }) {
  const rates = Object.entries(money.rates)
  const others = CODES.filter((code) => code !== money.currency && money.rates[code] === undefined)
  const without = (code: string) => Object.fromEntries(rates.filter(([one]) => one !== code))
  return (
    <fieldset className="flex min-w-0 flex-col gap-2 border-t border-line pt-3">
      <legend className="sr-only">Money of tips</legend>
      <CodeChoice
        label="Tips are counted in"
        value={money.currency}
        codes={CODES}
        choose={(currency) => set({ currency, rates: without(currency) })}
      />
      {rates.map(([code, rate]) => (
        <RateRow
          key={code}
          code={code}
          rate={rate}
          money={money}
          change={(next) => set({ ...money, rates: { ...money.rates, [code]: next } })}
          remove={() => set({ ...money, rates: without(code) })}
        />
      ))}
      <CodeChoice
        label="Add a rate for"
        value=""
        none="another currency …"
        codes={others}
        choose={(code) => set({ ...money, rates: { ...money.rates, [code]: 1_000_000 } })}
      />
      <p className="text-sm text-muted">
        A tip in a currency without a rate is never paid on a guess: it waits on the Connections page until you decide.
      </p>
    </fieldset>
  )
}

interface RateRowProps {
  readonly code: string
  readonly rate: number
  readonly money: Money
  readonly change: (rate: number) => void
  readonly remove: () => void
}

function RateRow({ code, rate, money, change, remove }: RateRowProps) {
  const [text, setText] = useState(rateText(rate))
  const read = readRate(text)
  return (
    <div className="flex flex-wrap items-center gap-3">
      <label className="flex items-center gap-3">
        <span>1 {code} is worth</span>
        <input
          inputMode="decimal"
          value={text}
          aria-invalid={read === undefined}
          onChange={(event) => {
            setText(event.target.value)
            const next = readRate(event.target.value)
            if (next !== undefined) change(next)
          }}
          className={`tabular w-28 text-right ${FIELD}`}
        />
        {money.currency}
      </label>
      <Button look="quiet" onClick={remove}>
        Remove {code}
      </Button>
      <p className="tabular text-sm text-muted">
        {read === undefined
          ? 'A number above 0, such as 0.92.'
          : `${moneyInWords(100_000, code)} counts as ${new Intl.NumberFormat('en', {
              style: 'currency',
              currency: money.currency,
            }).format((100_000 / 10 ** minorDigits(code)) * (read / 1_000_000))}`}
      </p>
    </div>
  )
}
