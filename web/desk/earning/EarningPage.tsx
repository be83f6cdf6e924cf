import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { type EarningPlan, earningSetting, planDifference } from '#core/earning'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { AllSettings, type FormPart, usePartsShown } from '../../parts/form/allSettings.tsx'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { useOpenForm } from '../../parts/form/drafts.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { DraftBar } from './DraftBar.tsx'
import { type Earning, earningQuery, useDraft } from './draft.ts'
import { EconomySwitch } from './EconomySwitch.tsx'
import { ChatSection, WeekSection } from './moreSections.tsx'
import { History, Starters } from './PlanChoices.tsx'
import { SupportSection } from './SupportSection.tsx'
import { BonusSection, type SectionProps, WatchingSection } from './sections.tsx'
import { Differences, WhatItMeans } from './WhatItMeans.tsx'

/** Everything by which currency is earned, and what that means for viewers, computed while typing. */
export function EarningPage() {
  const earning = useQuery(earningQuery)
  useOpenForm('earning')
  if (earning.isPending) return <Loading what="the earning plan" />
  if (earning.isError) return <Problem error={earning.error} retry={() => void earning.refetch()} />
  return <EarningForm earning={earning.data} />
}

const NOTE = (
  <>
    Every change is saved as a draft until you apply it. The currency’s names:{' '}
    <Link to="/commands" className="underline underline-offset-2">
      Commands
    </Link>
    .
  </>
)

const SECTIONS: readonly (FormPart<EarningPlan> & { readonly Section: (props: SectionProps) => ReactNode })[] = [
  { name: 'Watching', Section: WatchingSection },
  { name: 'Bonuses', more: ['standings', 'active'], Section: BonusSection },
  { name: 'Chat', more: ['chat', 'checkIn'], Section: ChatSection },
  { name: 'Support', Section: SupportSection },
  { name: 'Week', Section: WeekSection },
]

function EarningForm({ earning }: { earning: Earning }) {
  const draft = useDraft(earning.plan, earning.draft.plan)
  const differences = planDifference(earning.plan, draft.plan, earning.circles)
  const parts = { draft, earning }
  const { shown } = usePartsShown(SECTIONS, draft.plan, earningSetting.initial)
  return (
    <div className="flex flex-1 flex-col gap-4">
      <PageActions note={NOTE} />
      <EconomySwitch />
      <Starters earning={earning} draft={draft.plan} take={draft.replace} />
      <div className="grid flex-1 lg:cols-main-aside items-start gap-4">
        <div key={draft.version} className="flex flex-col gap-4">
          <AllSettings />
          {SECTIONS.filter(({ name }) => shown.includes(name)).map(({ name, Section }) => (
            <Section key={name} {...parts} />
          ))}
          <History earning={earning} draft={draft.plan} take={draft.replace} />
        </div>
        <div className="sticky top-0 flex flex-col gap-4">
          <WhatItMeans earning={earning} draft={draft.plan} />
          {differences.length > 0 && (
            <Panel title="What changes" bodyClassName="px-4 py-2">
              <Differences list={differences} />
            </Panel>
          )}
        </div>
      </div>
      <DraftConflict conflict={draft.conflict} />
      {draft.changed && <DraftBar draft={draft} earning={earning} />}
    </div>
  )
}
