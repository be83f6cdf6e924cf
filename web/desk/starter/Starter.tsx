import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { type Audience, LOOKS } from '#core/starter'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Checkbox, NumberInput, Select } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { type Offered, offerQuery } from './view.ts'

const LOOK_NAMES = { plain: 'plain', warm: 'warm, rounded', quiet: 'quiet, see-through' } as const

const GROUPS: readonly { readonly of: readonly string[]; readonly name: string }[] = [
  { of: ['earning', 'ranks'], name: 'Earning and ranks' },
  { of: ['reward'], name: 'Rewards' },
  { of: ['command', 'trigger'], name: 'Commands and triggers' },
  { of: ['game', 'raffle'], name: 'Games and raffles' },
  { of: ['overlay'], name: 'On the stream' },
]

interface StarterProps {
  readonly usual: Audience
  /** Whether the channel has rewards already: then it is folded away. */
  readonly begun: boolean
}

/** A starter for the audience that one has: everything is shown first, and taken piece by piece. */
export function Starter({ usual, begun }: StarterProps) {
  const [open, setOpen] = useState(!begun)
  const [audience, setAudience] = useState(usual)
  if (!open)
    return (
      <Button look="quiet" className="mt-2" onClick={() => setOpen(true)}>
        See what it would add
      </Button>
    )
  return (
    <div className="mt-3 flex flex-col gap-3 border-t border-line pt-3">
      <AudienceFields audience={audience} setAudience={setAudience} />
      <Offer audience={audience} done={() => setOpen(false)} />
    </div>
  )
}

interface AudienceProps {
  readonly audience: Audience
  readonly setAudience: (audience: Audience) => void
}

function AudienceFields({ audience, setAudience }: AudienceProps) {
  const put = (patch: Partial<Audience>) => setAudience({ ...audience, ...patch })
  const { people, shows, hours, look } = audience
  return (
    <p className="flex flex-wrap items-center gap-2">
      About
      <NumberInput
        label="People who are usually there"
        value={people}
        most={100_000}
        className="w-24"
        onValue={(n) => put({ people: Math.max(1, n) })}
      />
      people,
      <NumberInput
        label="Shows in a week"
        value={shows}
        most={14}
        className="w-16"
        onValue={(n) => put({ shows: Math.max(1, n) })}
      />
      shows a week of
      <NumberInput
        label="Hours of a show"
        value={hours}
        most={24}
        className="w-16"
        onValue={(n) => put({ hours: Math.max(1, n) })}
      />
      hours; on the stream it looks
      <Select
        label="How it looks on the stream"
        value={look}
        choices={LOOKS.map((value) => ({ value, name: LOOK_NAMES[value] }))}
        onChoose={(value) => put({ look: value })}
      />
    </p>
  )
}

/** Makes what was chosen, and says what could not be made. */
function useTake(audience: Audience, chosen: readonly Offered[], done: () => void) {
  return useChange({
    ask: () => answerOf(api.POST('/desk/starter', { body: { audience, take: chosen.map(({ key }) => key) } })),
    invalidates: 'all',
    inPlace: true,
    said: ({ taken, welcomed, refused }) =>
      refused.length === 0
        ? `${taken === 1 ? '1 thing is' : `${taken} things are`} set up. Change any of them on its page.${welcomed === 0 ? '' : ` The ${welcomed} who are here got their welcome.`}`
        : {
            text: `${taken} are set up; not ${refused.map(({ name, why }) => `${name}: ${why}`).join(' ')}`,
            look: 'problem',
          },
    onDone: done,
  })
}

function Offer({ audience, done }: { readonly audience: Audience; readonly done: () => void }) {
  const offer = useQuery(offerQuery(audience))
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set())
  const pieces = offer.data?.pieces ?? []
  const chosen = pieces.filter(({ key, there }) => !there && !without.has(key))
  const take = useTake(audience, chosen, done)
  if (offer.error) return <Problem error={offer.error} retry={() => void offer.refetch()} />
  if (offer.data === undefined) return <Loading what="the starter" />
  const tick = (key: string, on: boolean) =>
    setWithout(new Set(on ? [...without].filter((one) => one !== key) : [...without, key]))
  return (
    <>
      <div className="gap-8 md:columns-2">
        {GROUPS.map(({ of, name }) => (
          <Group
            key={name}
            name={name}
            pieces={pieces.filter((piece) => of.includes(piece.of))}
            without={without}
            tick={tick}
          />
        ))}
      </div>
      {take.error && <Problem error={take.error} />}
      <p className="flex flex-wrap items-center gap-3">
        <Button look="main" disabled={chosen.length === 0 || take.isPending} onClick={() => take.mutate()}>
          {chosen.length === 0 ? 'Nothing is left to take' : `Set up these ${chosen.length}`}
        </Button>
        <span className="text-muted">What you have already stays as it is.</span>
      </p>
    </>
  )
}

interface GroupProps {
  readonly name: string
  readonly pieces: readonly Offered[]
  readonly without: ReadonlySet<string>
  readonly tick: (key: string, on: boolean) => void
}

const Group = ({ name, pieces, without, tick }: GroupProps) => (
  <fieldset className="mb-4 flex break-inside-avoid flex-col gap-1.5">
    <legend className="mb-1 font-semibold">{name}</legend>
    {pieces.map(({ key, name: own, says, there }) =>
      there ? (
        <p key={key} className="pl-6 text-muted">
          {own} <span className="text-note">you have it</span>
        </p>
      ) : (
        <Checkbox key={key} on={!without.has(key)} onTick={(on) => tick(key, on)}>
          {own} <span className="block text-note text-muted">{says}</span>
        </Checkbox>
      ),
    )}
  </fieldset>
)
