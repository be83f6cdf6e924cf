import { useState } from 'react'
import { digits } from '#core/currency'
import type { Opens, RaffleSettings, SetupRow } from '#core/raffles'
import type { Body } from '../../../parts/api/called.ts'
import { api, type Sent } from '../../../parts/api.ts'
import { Button } from '../../../parts/Button.tsx'
import { FormDialog } from '../../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../../parts/feedback/Notice.tsx'
import { changedFrom } from '../../../parts/form/changedFrom.ts'
import { Field, INPUT, Select } from '../../../parts/form/inputs.tsx'
import { TimeField } from '../../store/LimitsPart.tsx'
import { type DeskRaffle, useRaffleAction } from '../view.ts'

interface StartFootProps {
  readonly draft: RaffleSettings
  /** The kept set-up that the form began with. */
  readonly setup: SetupRow | null
  /** The raffle that is changed. */
  readonly changed: DeskRaffle | null
  /** What keeps it from being started. */
  readonly fault: string | undefined
  readonly zone: string
  readonly now: number
  readonly done: (raffle: number | undefined) => void
}

/** What can be done with the form: open it now, at a time, by hand later, or keep it to start from again. */
export function StartFoot(props: StartFootProps) {
  const { draft, changed, fault } = props
  const { start, change, isPending } = useStart(props)
  const [asking, setAsking] = useState<Asking>()
  const off = fault !== undefined || isPending
  // Where the team knows what is guessed, it is asked for the number first.
  const begin: Start = (opens, said) =>
    draft.guess?.answer === 'set' ? setAsking({ opens, said }) : start(opens, said)
  return (
    <div className="sticky -bottom-5 -mx-5 -mb-5 flex flex-wrap items-center gap-2 border-t border-line bg-panel px-5 py-3">
      {changed !== null ? (
        <Button look="main" disabled={off} onClick={() => change(changed.id)}>
          Save the change
        </Button>
      ) : (
        <StartButtons title={draft.title} off={off} start={begin} ask={setAsking} />
      )}
      <p role="status" className="text-brick-text">
        {fault}
      </p>
      <Asked {...props} asking={asking} setAsking={setAsking} start={start} begin={begin} />
    </div>
  )
}

interface AskedProps extends StartFootProps {
  readonly asking: Asking | undefined
  readonly setAsking: (asking: Asking | undefined) => void
  readonly start: Start
  readonly begin: Start
}

/** What is asked for before it starts. */
function Asked({ draft, setup, zone, now, done, asking, setAsking, start, begin }: AskedProps) {
  return (
    <>
      {asking === 'time' && (
        <OpenAt
          zone={zone}
          now={now}
          close={() => setAsking(undefined)}
          go={(at) => begin({ of: 'at', at }, 'It opens at that time.')}
        />
      )}
      {typeof asking === 'object' && draft.guess !== null && (
        <Answer
          guess={draft.guess}
          close={() => setAsking(undefined)}
          go={(answer) => start(asking.opens, asking.said, answer)}
        />
      )}
      {asking === 'keep' && (
        <Keep draft={draft} setup={setup} close={() => setAsking(undefined)} done={() => done(undefined)} />
      )}
    </>
  )
}

type Asking = 'time' | 'keep' | { readonly opens: Opens; readonly said: string }
type Start = (opens: Opens, said: string, answer?: number) => void

/** Starts a raffle as the form has it, or changes the one that it is of. */
function useStart({ draft, setup, changed, done }: StartFootProps) {
  const action = useRaffleAction<{ readonly raffle: number }>()
  const start: Start = (opens, said, answer) =>
    action.mutate(
      {
        send: () =>
          api.POST('/desk/raffles', {
            body: { settings: draft, opens, setup: setup?.id ?? null, ...(answer !== undefined && { answer }) },
          }),
        said,
      },
      { onSuccess: ({ raffle }) => done(raffle) },
    )
  const change = (id: number) =>
    action.mutate(
      {
        send: () =>
          api.PUT('/desk/raffles/{raffle}', {
            params: { path: { raffle: id } },
            body: draft,
            ...changedFrom(changed?.settings),
          }),
        said: 'Changed.',
      },
      { onSuccess: () => done(id) },
    )
  return { start, change, isPending: action.isPending }
}

interface StartButtonsProps {
  readonly title: string
  readonly off: boolean
  readonly start: Start
  readonly ask: (what: Asking) => void
}

function StartButtons({ title, off, start, ask }: StartButtonsProps) {
  return (
    <>
      <Button look="main" disabled={off} onClick={() => start({ of: 'now' }, `“${title}” is open.`)}>
        Open now
      </Button>
      <Button disabled={off} onClick={() => ask('time')}>
        Open at …
      </Button>
      <Button disabled={off} onClick={() => start({ of: 'hand' }, 'It waits for you to open it.')}>
        Save as a draft
      </Button>
      <Button disabled={off} onClick={() => ask('keep')}>
        Save as a template …
      </Button>
    </>
  )
}

function OpenAt({ zone, now, close, go }: { zone: string; now: number; close: () => void; go: (at: number) => void }) {
  const [at, setAt] = useState<number | null>(Math.ceil((now + 600) / 300) * 300)
  return (
    <FormDialog title="Open at a time" close={close}>
      <TimeField label="It opens" at={at} setAt={setAt} zone={zone} />
      <div className="flex gap-2">
        <Button look="main" disabled={at === null || at <= now} onClick={() => at !== null && go(at)}>
          Schedule it
        </Button>
        <Button onClick={close}>Not yet</Button>
      </div>
    </FormDialog>
  )
}

interface AnswerProps {
  readonly guess: NonNullable<RaffleSettings['guess']>
  readonly close: () => void
  readonly go: (answer: number) => void
}

/** The number that is guessed: typed where nobody on the stream can read it. */
function Answer({ guess: { least, most }, close, go }: AnswerProps) {
  const [typed, setTyped] = useState('')
  const answer = Number(typed)
  const fits = /^\d+$/.test(typed) && answer >= least && answer <= most
  return (
    <FormDialog title="The number" close={close}>
      <Field
        label={`From ${digits(least)} to ${digits(most)}`}
        hint="It is hidden while you type, sealed at once, and told to nobody before the raffle ends, not even to your team."
      >
        <input
          type="password"
          inputMode="numeric"
          autoComplete="off"
          value={typed}
          maxLength={10}
          onChange={(event) => setTyped(event.target.value)}
          className={INPUT}
        />
      </Field>
      {typed !== '' && !fits && <p className="text-brick-text">Type a whole number within those bounds.</p>}
      <div className="flex gap-2">
        <Button look="main" disabled={!fits} onClick={() => go(answer)}>
          Start with this number
        </Button>
        <Button onClick={close}>Not yet</Button>
      </div>
    </FormDialog>
  )
}

const DIGITS = [
  { value: '', name: 'no key' },
  ...Array.from({ length: 9 }, (_, i) => ({ value: String(i + 1), name: `the key ${i + 1}` })),
]

/** @param over - The template that it takes the place of; null: it is a new one. */
function keepAs(over: SetupRow | null, body: Body<'/desk/raffle-setups'>): Sent<unknown> {
  if (over === null) return api.POST('/desk/raffle-setups', { body })
  const { id, settings, digit } = over
  return api.PUT('/desk/raffle-setups/{id}', { params: { path: { id } }, body, ...changedFrom({ settings, digit }) })
}

interface KeepProps extends Pick<StartFootProps, 'draft' | 'setup'> {
  readonly close: () => void
  readonly done: () => void
}

function Keep({ draft, setup, close, done }: KeepProps) {
  const action = useRaffleAction({ inPlace: true })
  const [digit, setDigit] = useState(String(setup?.digit ?? ''))
  const keep = (over: SetupRow | null) =>
    action.mutate(
      {
        send: () => keepAs(over, { settings: draft, digit: digit === '' ? null : Number(digit) }),
        said: `“${draft.title}” is saved.`,
      },
      { onSuccess: done },
    )
  return (
    <FormDialog title="Save as a template" close={close}>
      <p>
        You can start it again from the Raffles page, by its key there, or from a command’s step. If another template
        has the key, this one takes it.
      </p>
      <p className="flex items-center gap-2">
        It is started by
        <Select label="Key that starts it" value={digit} choices={DIGITS} onChoose={setDigit} />
      </p>
      {action.error && <Problem error={action.error} />}
      <div className="flex gap-2">
        {setup !== null && (
          <Button look="main" disabled={action.isPending} onClick={() => keep(setup)}>
            Save the change
          </Button>
        )}
        <Button look={setup === null ? 'main' : 'plain'} disabled={action.isPending} onClick={() => keep(null)}>
          {setup === null ? 'Save' : 'Save as a new one'}
        </Button>
        <Button onClick={close}>Not now</Button>
      </div>
    </FormDialog>
  )
}
