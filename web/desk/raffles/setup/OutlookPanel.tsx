import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { CircleAlert, CircleCheck } from 'lucide-react'
import { useDeferredValue } from 'react'
import { Link } from 'react-router'
import { digits } from '#core/currency'
import type { RaffleSettings } from '#core/raffles'
import { watchingInWords } from '#core/store'
import { answerOf, api } from '../../../parts/api.ts'
import { Panel } from '../../../parts/page/Panel.tsx'
import { keyOf } from '../../../parts/queryKey.ts'
import { useStatus } from '../../status.ts'
import type { OutlookView } from '../view.ts'

/** What a raffle with these settings would mean now. */
export function useOutlook(draft: RaffleSettings) {
  const asked = useDeferredValue(draft)
  return useQuery({
    queryKey: keyOf('raffleOutlook', JSON.stringify(asked)),
    queryFn: () => answerOf(api.POST('/desk/raffles/outlook', { body: asked })),
    enabled: asked.title.trim() !== '' && (asked.prize.of !== 'text' || asked.prize.text.trim() !== ''),
    placeholderData: keepPreviousData,
    refetchInterval: 15_000,
  })
}

const REASONS: Readonly<Record<string, string>> = {
  raffle_not_for_you: 'are not among those who may',
  raffle_hours: 'have not watched long enough',
  raffle_follow: 'do not follow, or not for long enough',
  raffle_seen: 'were at too few shows',
  raffle_won_lately: 'won lately',
}

/** Before it opens: who could enter, what it costs in hours, and whether all that it needs is there. */
export function OutlookPanel({ outlook }: { outlook: OutlookView | undefined }) {
  return (
    <Panel title="Before it opens" className="sticky top-0" bodyClassName="flex flex-col gap-3 px-4 py-3">
      {outlook === undefined ? (
        <p className="text-muted">Give it a title and a prize: then you see here what it would mean tonight.</p>
      ) : (
        <>
          <Could outlook={outlook} />
          {outlook.shares.map((share) => (
            <p key={share}>{share}</p>
          ))}
          <Priciest outlook={outlook} />
          <ul className="flex flex-col gap-1.5 border-t border-line pt-3">
            {outlook.checks.map(({ ok, sentence, fix }) => (
              <Check key={sentence} ok={ok}>
                {sentence}{' '}
                {fix && (
                  <Link to={fix.page} className="whitespace-nowrap underline underline-offset-2">
                    {fix.label}
                  </Link>
                )}
              </Check>
            ))}
            {outlook.hints.map((hint) => (
              <Check key={hint} ok={false}>
                {hint}
              </Check>
            ))}
          </ul>
        </>
      )}
    </Panel>
  )
}

const Check = ({ ok, children }: { ok: boolean; children: React.ReactNode }) => (
  <li className="flex items-start gap-2">
    {ok ? (
      <CircleCheck aria-label="Ready:" className="mt-0.5 size-4 shrink-0 text-moss-text" />
    ) : (
      <CircleAlert aria-label="Look:" className="mt-0.5 size-4 shrink-0 text-brass-text" />
    )}
    <span>{children}</span>
  </li>
)

function Could({ outlook: { here, could, reasons } }: { outlook: OutlookView }) {
  return (
    <div>
      <p className="tabular">
        <span className="font-display text-2xl font-semibold">{digits(could)}</span> of {digits(here)} who are here
        could enter
      </p>
      {reasons.map(({ code, count }) => (
        <p key={code} className="tabular text-muted">
          {digits(count)} {REASONS[code] ?? 'could not'}
        </p>
      ))}
    </div>
  )
}

function Priciest({ outlook: { priciest } }: { outlook: OutlookView }) {
  const { currency } = useStatus()
  const [first] = priciest.watching
  if (priciest.cost === 0) return <p>It costs nobody anything.</p>
  return (
    <p className="tabular">
      All tickets a viewer can have cost {digits(priciest.cost)} {currency.many}
      {first?.seconds != null && `: ${watchingInWords(first.seconds)} of watching, without bonuses`}.
    </p>
  )
}
