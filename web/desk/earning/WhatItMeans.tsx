import { TriangleAlert } from 'lucide-react'
import { durationInWords } from '#core/currency'
import { type Difference, type EarningPlan, exampleSentence, examplesOf, getsOf, planWarnings } from '#core/earning'
import { Figure } from '../../parts/Figure.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import type { Earning } from './draft.ts'

/** What the plan in the form would pay, beside what the live one pays. Computed by the rules, while typing. */
export function WhatItMeans({ earning, draft }: { earning: Earning; draft: EarningPlan }) {
  const { plan, currency, circles, week } = earning
  return (
    <Panel title="What it means" bodyClassName="flex flex-col gap-3 p-4">
      <p aria-live="polite" className="text-balance">
        {exampleSentence(draft, currency, 7200)}
      </p>
      {planWarnings(draft, currency, circles, week).map((warning) => (
        <p key={warning} className="flex gap-2 text-brass-text">
          <TriangleAlert aria-hidden="true" className="mt-0.5 size-4 shrink-0" />
          {warning}
        </p>
      ))}
      <Examples live={plan} draft={draft} earning={earning} />
      <p className="text-sm text-muted">
        In {currency.many}, without support and without the limit.{' '}
        {week.usual ? 'A week is taken to be' : 'Your week is'} {week.shows} {week.shows === 1 ? 'show' : 'shows'},{' '}
        {durationInWords(week.seconds - (week.seconds % 60))} in all; they miss nothing of it.
      </p>
    </Panel>
  )
}

function Examples({ live, draft, earning }: { live: EarningPlan; draft: EarningPlan; earning: Earning }) {
  return (
    <table className="w-full text-note">
      <thead className="text-left text-sm text-muted">
        <tr>
          <th scope="col" className="py-1 font-medium">
            Somebody who
          </th>
          <th scope="col" className="py-1 text-right font-medium">
            payment
          </th>
          <th scope="col" className="py-1 text-right font-medium">
            hour
          </th>
          <th scope="col" className="py-1 text-right font-medium">
            week
          </th>
        </tr>
      </thead>
      <tbody>
        {examplesOf(earning.circles).map((example) => {
          const [before, after] = [getsOf(live, example, earning.week), getsOf(draft, example, earning.week)]
          return (
            <tr key={example.name} className="border-t border-line align-top">
              <th scope="row" className="py-1.5 pr-2 text-left font-normal">
                {example.name}
              </th>
              {(['interval', 'hour', 'week'] as const).map((per) => (
                <td key={per} className="py-1.5 pl-2 text-right">
                  <Change before={before[per]} after={after[per]} />
                </td>
              ))}
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}

function Change({ before, after }: { before: number; after: number }) {
  if (before === after) return <Figure value={after} />
  return (
    <>
      <Figure value={after} className="font-semibold text-brass-text" />
      <span className="block text-sm whitespace-nowrap text-muted">
        <span className="sr-only">instead of </span>
        <s aria-hidden="true" className="no-underline">
          was <Figure value={before} />
        </s>
        <span className="sr-only">{before}</span>
      </span>
    </>
  )
}

/** What differs from the live plan, line by line. */
export function Differences({ list }: { list: readonly Difference[] }) {
  if (list.length === 0) return <p className="text-muted">Nothing changes.</p>
  return (
    <ul className="flex flex-col">
      {list.map(({ what, before, after }) => (
        <li key={what} className="flex gap-3 border-t border-line py-1.5 first:border-0">
          <span className="min-w-0 flex-1">{what}</span>
          <span className="max-w-11/20 text-right text-muted">
            {before} <span aria-hidden="true">→</span>
            <span className="sr-only"> becomes </span> <span className="font-semibold text-text">{after}</span>
          </span>
        </li>
      ))}
    </ul>
  )
}
