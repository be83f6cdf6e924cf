import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { lazily } from '../../parts/lazily.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { StartsSoon } from '../running/StartsSoon.tsx'
import { useStartKeys } from '../running/startKeys.ts'
import { BetCard } from './BetCard.tsx'
import { EndedBets } from './EndedBets.tsx'
import type { Opening } from './OpenDialog.tsx'
import { Templates } from './Templates.tsx'
import { type BetsView, type BetTemplate, betsQuery, useBetAction } from './view.ts'

const OpenDialog = lazily(async () => (await import('./OpenDialog.tsx')).OpenDialog)
const TermsDialog = lazily(async () => (await import('./TermsDialog.tsx')).TermsDialog)

const NONE: readonly BetTemplate[] = []

/** All bets: those that are on, the templates to open from, and those that have ended. */
export function BetsPage() {
  const view = useQuery(betsQuery)
  const [opening, setOpening] = useState<Opening>()
  const [terms, setTerms] = useState(false)
  const starting = useStartKeys(view.data?.templates ?? NONE, useOpen())
  return (
    <div className="flex max-w-5xl flex-col gap-5">
      <PageActions>
        <Button needs="change" onClick={() => setTerms(true)}>
          Usual terms
        </Button>
        <Button needs="act" look="main" onClick={() => setOpening({ of: 'new' })}>
          Open a bet
        </Button>
      </PageActions>
      {view.isPending && <Loading what="the bets" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      <StartsSoon starting={starting} name={({ settings }) => settings.question} />
      {view.data && (
        <>
          <RunningBets view={view.data} change={(bet) => setOpening({ of: 'change', bet })} />
          <Templates
            templates={view.data.templates}
            open={starting.start}
            change={(template) => setOpening({ of: 'template', template })}
            create={() => setOpening({ of: 'template', template: null })}
          />
          <EndedBets again={(settings) => setOpening({ of: 'again', settings })} />
          {opening && <OpenDialog view={view.data} opening={opening} close={() => setOpening(undefined)} />}
          {terms && <TermsDialog view={view.data} close={() => setTerms(false)} />}
        </>
      )}
    </div>
  )
}

/** Opens a bet from a template at once. */
function useOpen() {
  const action = useBetAction()
  return ({ id, settings }: BetTemplate) =>
    action.mutate({
      send: () => api.POST('/desk/bets', { body: { settings, template: id } }),
      said: `“${settings.question}” is open.`,
    })
}

function RunningBets({ view, change }: { view: BetsView; change: (bet: BetsView['running'][number]) => void }) {
  if (view.running.length === 0)
    return <p className="text-muted">No bet is on. Open one: a question, what can happen, and for how long.</p>
  return (
    <ul className="flex flex-col gap-3">
      {view.running.map((bet) => (
        <BetCard key={bet.id} bet={bet} change={() => change(bet)} />
      ))}
    </ul>
  )
}
