import { durationInWords } from '#core/currency'
import { Panel } from '../../parts/page/Panel.tsx'
import { RoomLacks } from '../rooms/RoomLacks.tsx'
import { CapRow } from './CapRow.tsx'
import type { Draft, Earning } from './draft.ts'
import { AmountInput, NumberRow, TimeRow, TimesInput } from './fields.tsx'

export interface SectionProps {
  readonly draft: Draft
  readonly earning: Earning
}

const INTERVAL = { least: 10, most: 86_400 }

/** What is paid while the show is off. */
function OffAirRows({ draft }: Pick<SectionProps, 'draft'>) {
  const { plan, set } = draft
  const { offAir } = plan
  return (
    <>
      <NumberRow
        draft={draft}
        name="offAirBase"
        label="Each payment off air"
        value={offAir.base}
        onValue={(base) => set({ offAir: { ...offAir, base } })}
        hint={
          offAir.base === 0
            ? 'Nothing is paid while the show is off.'
            : 'The base amount only, without bonuses. It does not count as watch time.'
        }
      />
      {offAir.base > 0 && (
        <TimeRow
          draft={draft}
          name="offAirInterval"
          label="Off air, pay viewers every"
          value={offAir.intervalSeconds}
          range={INTERVAL}
          onValue={(intervalSeconds) => set({ offAir: { ...offAir, intervalSeconds } })}
        />
      )}
    </>
  )
}

/** How watching is paid, on air and off. */
export function WatchingSection({ draft, earning: { currency } }: SectionProps) {
  const { plan, set } = draft
  return (
    <Panel title="Watching" bodyClassName="flex flex-col gap-3 p-4">
      <TimeRow
        draft={draft}
        name="interval"
        label="Pay viewers every"
        value={plan.intervalSeconds}
        range={INTERVAL}
        onValue={(intervalSeconds) => set({ intervalSeconds })}
        hint="Leftover minutes count towards the next payment."
      />
      <NumberRow
        draft={draft}
        name="base"
        label={`Each payment, in ${currency.many}`}
        value={plan.base}
        onValue={(base) => set({ base })}
      />
      {(plan.base > 0 || plan.offAir.base > 0) && (
        <RoomLacks lack="silent">
          Viewers it does not show are paid for watching only after they have spoken. Choose a room that shows
          everybody, or pay more for chatting.
        </RoomLacks>
      )}
      <CapRow draft={draft} />
      <OffAirRows draft={draft} />
    </Panel>
  )
}

const PLAIN = [
  { standing: 'follower', name: 'Followers' },
  { standing: 'tier1', name: 'Subscribers, tier 1' },
  { standing: 'tier2', name: 'Subscribers, tier 2' },
  { standing: 'tier3', name: 'Subscribers, tier 3' },
  { standing: 'moderator', name: 'Moderators' },
  { standing: 'linked', name: 'With a linked account' },
] as const

/** What each standing adds to a payment, and by how much it multiplies it. */
export function BonusSection({ draft, earning: { circles } }: SectionProps) {
  const rows = [...PLAIN, ...circles.map(({ id, name }) => ({ standing: `circle:${id}`, name: `Circle "${name}"` }))]
  const wrong = rows.flatMap(
    ({ standing }) => draft.problems[`${standing}-plus`] ?? draft.problems[`${standing}-times`] ?? [],
  )
  return (
    <Panel title="Bonuses" aside="added first, then the highest multiplier" bodyClassName="flex flex-col gap-3 p-4">
      <table className="w-full">
        <BonusHead />
        <tbody>
          {rows.map((row) => (
            <BonusRow key={row.standing} draft={draft} {...row} />
          ))}
        </tbody>
      </table>
      {draft.plan.standings.moderator !== undefined && (
        <RoomLacks lack="moderators">So nobody gets this bonus: give it to a circle instead.</RoomLacks>
      )}
      {wrong.length > 0 && <p className="text-brick-text">{wrong[0]}</p>}
      <ActiveRows draft={draft} />
    </Panel>
  )
}

const BonusHead = () => (
  <thead className="text-left text-sm text-muted">
    <tr>
      <th scope="col" className="pb-1.5 font-medium">
        Who
      </th>
      <th scope="col" className="w-28 pb-1.5 text-right font-medium">
        Bonus
      </th>
      <th scope="col" className="w-28 pb-1.5 text-right font-medium">
        Multiplier
      </th>
    </tr>
  </thead>
)

interface BonusRowProps extends Pick<SectionProps, 'draft'> {
  readonly standing: string
  readonly name: string
}

function BonusRow({ draft, standing, name }: BonusRowProps) {
  const { plan, set } = draft
  const bonus = { plus: 0, times: 100, ...plan.standings[standing] }
  const put = (patch: Partial<typeof bonus>) =>
    set({ standings: { ...plan.standings, [standing]: { ...bonus, ...patch } } })
  return (
    <tr className="border-t border-line">
      <td className="py-1.5">{name}</td>
      <td className="py-1.5 text-right">
        <AmountInput
          draft={draft}
          name={`${standing}-plus`}
          label={`${name}: bonus`}
          value={bonus.plus}
          onValue={(plus) => put({ plus })}
        />
      </td>
      <td className="py-1.5 text-right">
        <TimesInput
          draft={draft}
          name={`${standing}-times`}
          label={`${name}: times`}
          value={bonus.times}
          onValue={(times) => put({ times })}
        />
      </td>
    </tr>
  )
}

function ActiveRows({ draft }: Pick<SectionProps, 'draft'>) {
  const { plan, set } = draft
  return (
    <>
      <NumberRow
        draft={draft}
        name="active"
        label="For recent chatters"
        value={plan.active.plus}
        onValue={(plus) => set({ active: { ...plan.active, plus } })}
        hint={`within ${durationInWords(plan.active.withinSeconds)} before the payment`}
      />
      {plan.active.plus > 0 && (
        <TimeRow
          draft={draft}
          name="activeWithin"
          label="Recent means within"
          value={plan.active.withinSeconds}
          range={INTERVAL}
          onValue={(withinSeconds) => set({ active: { ...plan.active, withinSeconds } })}
        />
      )}
    </>
  )
}
