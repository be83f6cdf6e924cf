import { circleStanding, PLAIN_STANDINGS, standingName } from '#core/people'
import { MOST_TICKETS, MOST_WEIGHT } from '#core/raffles'
import { Button } from '../../../parts/Button.tsx'
import { FaultsAt } from '../../../parts/form/DraftField.tsx'
import { NumberInput, Select } from '../../../parts/form/inputs.tsx'
import { DecimalInput } from '../../games/DecimalInput.tsx'
import { GuessFields } from './GuessFields.tsx'
import type { PartProps } from './part.ts'

/** What tickets cost, how many one can have, and what they count. */
export function TicketPart(props: PartProps) {
  const { draft, put, form, fixed } = props
  return (
    <fieldset disabled={fixed} className="flex flex-col gap-4">
      <legend className="sr-only">Tickets</legend>
      <FaultsAt name="guess">
        <GuessFields draft={draft} put={put} />
      </FaultsAt>
      <Prices draft={draft} put={put} form={form} />
      {draft.price > 0 && draft.guess === null && (
        <FaultsAt name="free">
          <FreeTickets {...props} />
        </FaultsAt>
      )}
      {draft.guess === null && (
        <FaultsAt name="weights">
          <Weights {...props} />
        </FaultsAt>
      )}
    </fieldset>
  )
}

/** What a ticket costs, and how many one can have. */
function Prices({ draft, put, form }: Pick<PartProps, 'draft' | 'put' | 'form'>) {
  const { free } = draft
  return (
    <div className="grid cols-tickets items-center gap-x-3 gap-y-2">
      <span>{draft.guess === null ? 'A ticket costs' : 'A guess costs'}</span>
      <NumberInput label="Price of a ticket" value={draft.price} none="nothing" onValue={(price) => put({ price })} />
      <span className="text-muted">{form.currency.many}</span>
      {draft.guess === null && (
        <>
          <span>Tickets per person, at most</span>
          <NumberInput
            label="Tickets per person, at most"
            value={draft.mostTickets}
            most={MOST_TICKETS}
            onValue={(mostTickets) => put({ mostTickets: Math.max(1, mostTickets) })}
          />
          <span className="text-muted">tickets</span>
          <span>Of these free for everyone</span>
          <NumberInput
            label="Free for everyone"
            value={free.everyone}
            none="–"
            most={MOST_TICKETS}
            onValue={(everyone) => put({ free: { ...free, everyone } })}
          />
          <span className="text-muted">{draft.price === 0 ? 'all are free' : 'tickets'}</span>
        </>
      )}
    </div>
  )
}

/** Tickets that cost who holds a standing nothing. */
function FreeTickets(props: PartProps) {
  const { draft, put, form } = props
  const { free } = draft
  return (
    <Roles
      {...props}
      title="Free for a role (a viewer’s best role counts)"
      add="Free tickets for a role"
      chosen={free.standings.map(({ standing }) => standing)}
      setChosen={(standings) =>
        put({
          free: {
            ...free,
            standings: standings.map(
              (standing) => free.standings.find((one) => one.standing === standing) ?? { standing, tickets: 2 },
            ),
          },
        })
      }
      field={(standing) => (
        <NumberInput
          label={`Free tickets: ${standingName(standing, form.circles)}`}
          value={free.standings.find((one) => one.standing === standing)?.tickets ?? 1}
          most={MOST_TICKETS}
          className="w-20"
          onValue={(tickets) =>
            put({
              free: {
                ...free,
                standings: free.standings.map((one) =>
                  one.standing === standing ? { standing, tickets: Math.max(1, tickets) } : one,
                ),
              },
            })
          }
        />
      )}
    />
  )
}

/** What the tickets of who holds a standing count. */
function Weights(props: PartProps) {
  const { draft, put, form } = props
  return (
    <Roles
      {...props}
      title="Ticket weight (shown to everyone; 1 is normal)"
      add="Add a weight for a role"
      chosen={draft.weights.map(({ standing }) => standing)}
      setChosen={(standings) =>
        put({
          weights: standings.map(
            (standing) => draft.weights.find((one) => one.standing === standing) ?? { standing, weight: 150 },
          ),
        })
      }
      field={(standing) => (
        <DecimalInput
          label={`Weight: ${standingName(standing, form.circles)}`}
          value={draft.weights.find((one) => one.standing === standing)?.weight ?? 100}
          per={100}
          least={100}
          most={MOST_WEIGHT}
          onValue={(weight) =>
            put({ weights: draft.weights.map((one) => (one.standing === standing ? { standing, weight } : one)) })
          }
        />
      )}
    />
  )
}

interface StandingsProps extends PartProps {
  readonly title: string
  readonly add: string
  readonly chosen: readonly string[]
  readonly setChosen: (standings: string[]) => void
  readonly field: (standing: string) => React.ReactNode
}

/** Roles with a figure each, and a list to add one from. */
function Roles({ title, add, chosen, setChosen, field, form }: StandingsProps) {
  const all = ['subscriber', ...PLAIN_STANDINGS, ...form.circles.map(({ id }) => circleStanding(id))]
  const others = all.filter((one) => !chosen.includes(one))
  return (
    <div className="flex flex-col gap-2">
      <p>{title}</p>
      {chosen.map((standing) => (
        <p key={standing} className="flex items-center gap-3">
          <span className="w-48">{standingName(standing, form.circles)}</span>
          {field(standing)}
          <Button
            look="quiet"
            aria-label={`Remove ${standingName(standing, form.circles)}`}
            onClick={() => setChosen(chosen.filter((one) => one !== standing))}
          >
            Remove
          </Button>
        </p>
      ))}
      {others.length > 0 && (
        <Select
          label={add}
          value=""
          choices={[
            { value: '', name: `${add} …` },
            ...others.map((value) => ({ value, name: standingName(value, form.circles) })),
          ]}
          onChoose={(standing) => standing !== '' && setChosen([...chosen, standing])}
          className="self-start"
        />
      )}
    </div>
  )
}
