import { useQuery } from '@tanstack/react-query'
import { clsx } from 'clsx'
import type { ReactNode } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { firstFault } from '#core/faults'
import { NEAREST_GUESS, RaffleSettings, SAME_CHANCE, SPEND_FOR_MORE } from '#core/raffles'
import { Button } from '../../../parts/Button.tsx'
import { Loading, Problem } from '../../../parts/feedback/Notice.tsx'
import { AllSettings, Differs, type FormPart, usePartsShown } from '../../../parts/form/allSettings.tsx'
import { DraftConflict } from '../../../parts/form/DraftConflict.tsx'
import { DraftFields } from '../../../parts/form/DraftFields.tsx'
import { useDraft } from '../../../parts/form/drafts.tsx'
import { faultsIn } from '../../../parts/form/faultsIn.ts'
import { PageHead } from '../../../parts/page/PageHead.tsx'
import { Panel } from '../../../parts/page/Panel.tsx'
import { commandsQuery } from '../../commands/view.ts'
import { formQuery, raffleQuery } from '../view.ts'
import { EntryPart, WhoPart } from './EntryPart.tsx'
import { OutlookPanel, useOutlook } from './OutlookPanel.tsx'
import type { PartProps } from './part.ts'
import { DrawPart, OpenPart } from './RunPart.tsx'
import { StartFoot } from './StartFoot.tsx'
import { TicketPart } from './TicketPart.tsx'
import { WhatPart } from './WhatPart.tsx'

/** Where the form begins: with a kept set-up, with a raffle that is run again, or with one that is changed. */
function useBeginning() {
  const [asked] = useSearchParams()
  const id = (name: string) => Number(asked.get(name)) || null
  const [setup, raffle] = [id('setup'), id('again') ?? id('change')]
  const form = useQuery(formQuery)
  const one = useQuery({ ...raffleQuery(raffle ?? 0), enabled: raffle !== null })
  const commands = useQuery(commandsQuery)
  const from = form.data?.setups.find((row) => row.id === setup)
  const settings = from?.settings ?? one.data?.raffle.settings
  return {
    form: form.data,
    commands: commands.data,
    error: form.error ?? one.error ?? commands.error,
    waits: form.isPending || commands.isPending || (raffle !== null && one.isPending),
    settings,
    setup: from ?? null,
    changed: id('change') === null ? null : (one.data?.raffle ?? null),
  }
}

/** Sets a raffle up: what there is to win, who may enter and how, what tickets cost and count, and how it is drawn. */
export function SetupPage() {
  const beginning = useBeginning()
  const { form, commands, waits, error } = beginning
  if (error) return <Problem error={error} />
  if (waits || form === undefined || commands === undefined) return <Loading what="the form" />
  const key = `${beginning.setup?.id ?? ''}/${beginning.changed?.id ?? ''}`
  return <SetupForm key={key} {...beginning} form={form} commands={commands} />
}

type SetupFormProps = Pick<ReturnType<typeof useBeginning>, 'settings' | 'setup' | 'changed'> &
  Pick<PartProps, 'form' | 'commands'>

function SetupForm({ settings, setup, changed, form, commands }: SetupFormProps) {
  const kept = useDraft<RaffleSettings>(draftKey(setup?.id, changed?.id), settings ?? SAME_CHANCE)
  const { draft, put: setDraft, discard } = kept
  const outlook = useOutlook(draft).data
  const go = useNavigate()
  const fixed = changed !== null && changed.status !== 'planned'
  const put = (patch: Partial<RaffleSettings>) => setDraft({ ...draft, ...patch })
  const parts: PartProps = { draft, put, form, commands, fixed }
  const faults = { ...outlook?.faults, ...faultsIn(RaffleSettings, draft, missingIn(draft)) }
  return (
    <div className="flex max-w-6xl flex-col gap-4">
      <PageHead
        title={titleOf(setup?.settings.title, changed?.settings.title)}
        back={{ to: '/raffles', name: 'Raffles' }}
      />
      {settings === undefined && <Beginnings draft={draft} setDraft={setDraft} />}
      {kept.changed && <Unsaved discard={discard} />}
      <DraftConflict conflict={kept.conflict} />
      {fixed && <Fixed />}
      <div className="grid lg:cols-main-rail items-start gap-4">
        <DraftFields kept={kept} faults={faults}>
          <Parts {...parts} />
        </DraftFields>
        <OutlookPanel outlook={outlook} />
      </div>
      <StartFoot
        draft={draft}
        setup={setup}
        changed={changed}
        fault={firstFault(faults)}
        zone={form.timeZone}
        now={form.now}
        done={(raffle) => {
          discard()
          void go(raffle === undefined ? '/raffles' : `/raffles/${raffle}`)
        }}
      />
    </div>
  )
}

const missingIn = ({ title, prize }: RaffleSettings) => ({
  title: title.trim() === '' ? 'Type a title.' : undefined,
  'prize.text': prize.of === 'text' && prize.text.trim() === '' ? 'Say what there is to win.' : undefined,
})

const draftKey = (setup: number | undefined, changed: number | undefined) =>
  changed !== undefined ? `raffle/${changed}` : `raffle/${setup === undefined ? 'new' : `template-${setup}`}`

const Unsaved = ({ discard }: { readonly discard: () => void }) => (
  <p className="flex items-center gap-3 text-brass-text">
    Unsaved changes, kept on this device.
    <Button onClick={discard}>Discard changes</Button>
  </p>
)

const Fixed = () => (
  <p className="rounded-md border border-brass bg-brass-wash px-4 py-2.5">
    It is open, so the terms people entered on stay as they are. To change them, call it off (everybody is refunded) and
    start a new one.
  </p>
)

const PARTS: readonly (FormPart<RaffleSettings> & { readonly Fields: (props: PartProps) => ReactNode })[] = [
  { name: 'The prize', Fields: WhatPart },
  { name: 'Getting in', Fields: EntryPart },
  { name: 'Tickets', more: ['price', 'free', 'mostTickets', 'weights', 'guess'], Fields: TicketPart },
  { name: 'Who may enter', more: ['who', 'hours', 'followDays', 'seen', 'winnerDays'], Fields: WhoPart },
  { name: 'While it is open', more: ['remind', 'soonSeconds', 'entryAlert', 'entrySound'], Fields: OpenPart },
  { name: 'Draw and claim', more: ['draw', 'run', 'suspenseSeconds', 'claimSeconds', 'redraw'], Fields: DrawPart },
]

function Parts(parts: PartProps) {
  const { shown, marked } = usePartsShown(PARTS, parts.draft, SAME_CHANCE)
  return (
    <div className="flex flex-col gap-4">
      <AllSettings />
      {PARTS.filter(({ name }) => shown.includes(name)).map(({ name, Fields }) => (
        <Part
          key={name}
          title={
            <>
              {name}
              {marked.includes(name) && <Differs />}
            </>
          }
        >
          <Fields {...parts} />
        </Part>
      ))}
    </div>
  )
}

function titleOf(setup: string | undefined, changed: string | undefined): string {
  if (changed !== undefined) return `Change “${changed}”`
  return setup === undefined ? 'Set up a raffle' : `From the template “${setup}”`
}

const Part = ({ title, children }: { title: ReactNode; children: ReactNode }) => (
  <Panel title={title} bodyClassName="px-4 py-3">
    {children}
  </Panel>
)

const BEGINNINGS = [
  { name: 'Everyone the same chance', tells: 'one free ticket each', settings: SAME_CHANCE },
  { name: 'Spend for more chances', tells: 'the first ticket free, more for currency', settings: SPEND_FOR_MORE },
  { name: 'The nearest guess', tells: 'everybody guesses a number, once', settings: NEAREST_GUESS },
]

/** Ready beginnings; what has been typed stays. */
function Beginnings({ draft, setDraft }: { draft: RaffleSettings; setDraft: (settings: RaffleSettings) => void }) {
  const same = ({ price, mostTickets, guess }: RaffleSettings) =>
    (guess === null) === (draft.guess === null) &&
    (guess !== null || ((price === 0) === (draft.price === 0) && (mostTickets === 1) === (draft.mostTickets === 1)))
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      {BEGINNINGS.map(({ name, tells, settings }) => (
        <button
          key={name}
          type="button"
          aria-pressed={same(settings)}
          onClick={() => {
            const { price, free, mostTickets, guess } = settings
            const weights = guess === null ? draft.weights : []
            setDraft({ ...draft, price, free, mostTickets, weights, guess: guess && (draft.guess ?? guess) })
          }}
          className={clsx(
            'rounded-md border px-4 py-2.5 text-left',
            same(settings) ? 'border-brass bg-brass-wash' : 'border-line bg-panel hover:bg-raised',
          )}
        >
          <span className="block font-semibold">{name}</span>
          <span className="text-muted">{tells}</span>
        </button>
      ))}
    </div>
  )
}
