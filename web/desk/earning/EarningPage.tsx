import { useQuery } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { EarningPlan, SupportPlan } from '#core/earning'
import { read } from '../../parts/api.ts'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { PlanForm } from './PlanForm.tsx'
import { SupportForm } from './SupportForm.tsx'

/** How watching is paid, and what that means for a viewer, computed while typing. */
export function EarningPage() {
  const earning = useQuery({
    queryKey: ['earning'],
    queryFn: ({ signal }) =>
      read<{ plan: EarningPlan; support: SupportPlan; currency: Currency }>('/desk/earning', signal),
  })
  return (
    <div className="flex max-w-5xl flex-col gap-4">
      <h1 className="text-[1.45rem] leading-tight">Earning</h1>
      {earning.isPending && <Loading what="the earning plan" />}
      {earning.isError && <Problem error={earning.error} retry={() => void earning.refetch()} />}
      {earning.data && (
        <>
          <PlanForm key={JSON.stringify(earning.data.plan)} plan={earning.data.plan} currency={earning.data.currency} />
          <SupportForm
            key={JSON.stringify(earning.data.support)}
            live={earning.data.support}
            currency={earning.data.currency}
          />
        </>
      )}
    </div>
  )
}
