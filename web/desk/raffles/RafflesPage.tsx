import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { digits } from '#core/currency'
import type { SetupRow } from '#core/raffles'
import { api } from '../../parts/api.ts'
import { Button, ButtonLink, Key } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { leftText, useNow } from '../../parts/time.ts'
import { StartsSoon } from '../running/StartsSoon.tsx'
import { useStartKeys } from '../running/startKeys.ts'
import { useStatus } from '../status.ts'
import { CallOffButton, NextAction } from './Actions.tsx'
import { EndedRaffles } from './EndedRaffles.tsx'
import { stateInWords } from './next.ts'
import { type DeskRaffle, formAddress, rafflesQuery, useRaffleAction } from './view.ts'

/** All raffles: those that are on, the set-ups to start from, and those that have ended. */
export function RafflesPage() {
  const view = useQuery(rafflesQuery)
  const starting = useStartKeys(view.data?.setups ?? NONE, useStart())
  const go = useNavigate()
  return (
    <div className="flex max-w-5xl flex-col gap-5">
      <PageActions>
        <Button needs="act" look="main" onClick={() => void go('/raffles/new')}>
          Set up a raffle
        </Button>
      </PageActions>
      {view.isPending && <Loading what="the raffles" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      <StartsSoon starting={starting} name={({ settings }) => settings.title} />
      {view.data && (
        <>
          <Running running={view.data.running} />
          <Setups setups={view.data.setups} start={starting.start} />
          <EndedRaffles />
        </>
      )}
    </div>
  )
}

const NONE: readonly SetupRow[] = []

/** Starts a raffle from a set-up that is kept. */
function useStart() {
  const action = useRaffleAction()
  return ({ id, settings }: SetupRow) => {
    const body = { settings, opens: { of: 'now' }, setup: id } as const
    action.mutate({ send: () => api.POST('/desk/raffles', { body }), said: `“${settings.title}” is open.` })
  }
}

function Running({ running }: { running: readonly DeskRaffle[] }) {
  if (running.length === 0)
    return <p className="text-muted">No raffle is on. Set one up, or start a saved one below with its key.</p>
  return (
    <ul className="flex flex-col gap-3">
      {running.map((raffle) => (
        <RunningCard key={raffle.id} raffle={raffle} />
      ))}
    </ul>
  )
}

function RunningCard({ raffle }: { raffle: DeskRaffle }) {
  const { ahead, currency } = useStatus()
  const now = useNow(ahead)
  const { settings, people, tickets, paid, status, closesAt, opensAt, why } = raffle
  const until = status === 'planned' ? opensAt : closesAt
  return (
    <li className="flex flex-wrap items-center gap-4 rounded-md border border-line bg-panel px-4 py-3">
      <div className="min-w-0 flex-1 max-sm:basis-full">
        <p className="break-words">
          <Link to={`/raffles/${raffle.id}`} className="font-semibold underline-offset-2 hover:underline">
            {settings.title}
          </Link>{' '}
          {settings.byWord && <code className="text-muted">!{settings.word.word}</code>}
        </p>
        <p className="tabular text-muted">
          {stateInWords(raffle)} · {digits(people)} in · {digits(tickets)} tickets
          {paid > 0 && ` · ${digits(paid)} ${currency.many} in the pot`}
        </p>
        {why !== null && status === 'planned' && <p className="text-brick-text">{why}</p>}
      </div>
      {until !== null && (
        <p className="tabular text-right">
          <span className="block font-display text-xl font-semibold">{leftText(until - now)}</span>
          <span className="text-sm text-muted">{status === 'planned' ? 'until it opens' : 'left'}</span>
        </p>
      )}
      <NextAction raffle={raffle} />
      {raffle.won === 0 && status !== 'returning' && <CallOffButton raffle={raffle} />}
    </li>
  )
}

function Setups({ setups, start }: { setups: readonly SetupRow[]; start: (setup: SetupRow) => void }) {
  return (
    <Panel title="Saved raffles" aside={setups.length > 0 && 'a key opens it after three seconds'}>
      {setups.length === 0 ? (
        <p className="px-4 py-3 text-muted">
          Save a raffle from the form as a template, give it a key from 1 to 9, and your weekly raffle is one key away.
        </p>
      ) : (
        <ul>
          {setups.map((setup) => (
            <SetupLine key={setup.id} setup={setup} start={() => start(setup)} />
          ))}
        </ul>
      )}
    </Panel>
  )
}

function SetupLine({ setup: { id, settings, digit }, start }: { setup: SetupRow; start: () => void }) {
  const action = useRaffleAction()
  return (
    <li className="flex flex-wrap items-center gap-3 border-b border-line px-4 py-2 last:border-b-0">
      <span className="w-7 text-center">{digit === null ? '' : <Key>{String(digit)}</Key>}</span>
      <span className="min-w-0 flex-1 break-words max-sm:basis-2/3">
        {settings.title} <code className="text-muted">!{settings.word.word}</code>
        {digit !== null && <span className="sr-only">, key {digit}</span>}
      </span>
      <Button needs="act" onClick={start} aria-label={`Open now: “${settings.title}”`}>
        Open now
      </Button>
      <ButtonLink look="quiet" to={formAddress({ setup: id })} aria-label={`Change “${settings.title}”`}>
        Change
      </ButtonLink>
      <Button
        look="quiet"
        aria-label={`Remove “${settings.title}”`}
        onClick={() =>
          action.mutate({
            send: () => api.POST('/desk/raffle-setups/{id}/remove', { params: { path: { id } } }),
            said: 'Removed.',
          })
        }
      >
        Remove
      </Button>
    </li>
  )
}
