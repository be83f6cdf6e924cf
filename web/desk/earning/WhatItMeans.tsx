import { TriangleAlert } from 'lucide-react'
import type { Currency } from '#core/currency'
import { type EarningPlan, exampleSentence, planInWords, planWarnings, watchingPays } from '#core/earning'
import { Figure } from '../../parts/Figure.tsx'
import { Panel } from '../../parts/Panel.tsx'

const EXAMPLES = [
  { name: 'Half an hour', seconds: 1800 },
  { name: 'Two hours', seconds: 7200 },
  { name: 'A week of three shows, 2½ h each', seconds: 3 * 9000 },
  { name: 'A month of such weeks', seconds: 13 * 9000 },
]

/** What the plan in the form would pay, beside what the live one pays. Computed by the rules, while typing. */
export function WhatItMeans({ live, draft, currency }: { live: EarningPlan; draft: EarningPlan; currency: Currency }) {
  const same = JSON.stringify(live) === JSON.stringify(draft)
  return (
    <Panel title="What it means" bodyClassName="flex flex-col gap-4 p-4">
      <p aria-live="polite" className="text-lg text-balance">
        {exampleSentence(draft, currency, 7200)}
      </p>
      <p className="text-muted">
        {planInWords(draft, currency)}. Minutes that do not fill a payment are kept for the next one.
      </p>
      {planWarnings(draft, currency).map((warning) => (
        <p key={warning} className="flex gap-2 text-brass-text">
          <TriangleAlert aria-hidden="true" className="mt-0.5 size-4 shrink-0" />
          {warning}
        </p>
      ))}
      <table className="w-full">
        <thead className="text-left text-sm text-muted">
          <tr>
            <th className="py-1.5 font-medium">Who watches for, spending nothing</th>
            <th className="py-1.5 text-right font-medium">{same ? `gets ${currency.many}` : 'gets now'}</th>
            {!same && <th className="py-1.5 pl-4 text-right font-medium">would get</th>}
          </tr>
        </thead>
        <tbody>
          {EXAMPLES.map(({ name, seconds }) => (
            <tr key={name} className="border-t border-line">
              <td className="py-2">{name}</td>
              <td className="py-2 text-right">
                <Figure value={watchingPays(live, seconds)} />
              </td>
              {!same && (
                <td className="py-2 pl-4 text-right font-semibold text-brass-text">
                  <Figure value={watchingPays(draft, seconds)} />
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </Panel>
  )
}
