import { durationInWords, inWords } from '#core/currency'
import { checkInPays, type EarningPlan, weekdayName } from '#core/earning'
import { Select } from '../../parts/form/inputs.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { NumberRow, TickRow, TimeRow } from './fields.tsx'
import type { SectionProps } from './sections.tsx'

/** What a line of chat and a check-in pay. */
export function ChatSection(props: SectionProps) {
  const { chat, checkIn } = props.draft.plan
  return (
    <Panel title="Chatting and checking in" bodyClassName="flex flex-col gap-3 p-4">
      <LineRow {...props} />
      {chat.amount > 0 && <ChatRows {...props} />}
      <CheckInRow {...props} />
      {checkIn.amount > 0 && <StreakRows {...props} />}
    </Panel>
  )
}

function LineRow({ draft }: SectionProps) {
  const { chat } = draft.plan
  return (
    <NumberRow
      draft={draft}
      name="chat"
      label="A line of chat"
      value={chat.amount}
      onValue={(amount) => draft.set({ chat: { ...chat, amount } })}
      hint={
        chat.amount === 0
          ? 'Chat pays nothing.'
          : `at most once every ${durationInWords(chat.everySeconds)} for each viewer`
      }
    />
  )
}

function ChatRows({ draft }: SectionProps) {
  const { plan, set } = draft
  const { chat } = plan
  return (
    <>
      <TimeRow
        draft={draft}
        name="chatEvery"
        label="At most once every"
        value={chat.everySeconds}
        range={{ least: 1, most: 86_400 }}
        onValue={(everySeconds) => set({ chat: { ...chat, everySeconds } })}
      />
      <TickRow
        label="Commands count as chat, too"
        value={chat.commands}
        onValue={(commands) => set({ chat: { ...chat, commands } })}
      />
      <TickRow
        label="Chat is paid off air, too"
        value={chat.offAir}
        onValue={(offAir) => set({ chat: { ...chat, offAir } })}
      />
    </>
  )
}

function CheckInRow({ draft }: SectionProps) {
  const { checkIn } = draft.plan
  return (
    <NumberRow
      draft={draft}
      name="checkIn"
      label="A check-in, once a show"
      value={checkIn.amount}
      onValue={(amount) => draft.set({ checkIn: { ...checkIn, amount } })}
      hint={checkIn.amount === 0 ? 'There is no check-in.' : 'by a word in chat or the button on the viewer page'}
    />
  )
}

function StreakRows({ draft, earning: { currency } }: SectionProps) {
  const { plan, set } = draft
  const { checkIn } = plan
  return (
    <>
      <NumberRow
        draft={draft}
        name="streakPlus"
        label="Bonus for each show in a row"
        value={checkIn.streakPlus}
        onValue={(streakPlus) => set({ checkIn: { ...checkIn, streakPlus } })}
      />
      <NumberRow
        draft={draft}
        name="streakMost"
        label="Bonus cap"
        value={checkIn.streakMost}
        onValue={(streakMost) => set({ checkIn: { ...checkIn, streakMost } })}
        hint={`A long streak earns ${inWords(checkInPays(checkIn, 100), currency)} a show.`}
      />
      <TickRow
        label="One missed show does not end a streak"
        value={checkIn.missedAllowed}
        onValue={(missedAllowed) => set({ checkIn: { ...checkIn, missedAllowed } })}
      />
    </>
  )
}

const TO = [
  { standing: 'follower', name: 'followers' },
  { standing: 'subscriber', name: 'subscribers' },
  { standing: 'moderator', name: 'moderators' },
  { standing: 'linked', name: 'whoever has linked a second account' },
]

/** The weekly allowance, and what newcomers get and wait for. */
export function WeekSection({ draft, earning: { circles, zone } }: SectionProps) {
  const { plan, set } = draft
  const { allowance } = plan
  return (
    <Panel title="Every week, and at first" bodyClassName="flex flex-col gap-3 p-4">
      <NumberRow
        draft={draft}
        name="allowance"
        label="A weekly allowance"
        value={allowance.amount}
        onValue={(amount) => set({ allowance: { ...allowance, amount } })}
        hint={
          allowance.amount > 0 && allowance.to.length === 0
            ? 'Choose whom it goes to, below.'
            : `${weekdayName(allowance.weekday)} at ${allowance.hour}:00, time of ${zone}`
        }
      />
      {allowance.amount > 0 && <Allowance allowance={allowance} circles={circles} set={set} />}
      <NumberRow
        draft={draft}
        name="welcome"
        label="For a first visit"
        value={plan.welcome}
        onValue={(welcome) => set({ welcome })}
      />
      <TimeRow
        draft={draft}
        name="wait"
        label="Newcomers can spend after"
        value={plan.newcomerWaitSeconds}
        range={{ least: 0, most: 366 * 86_400 }}
        onValue={(newcomerWaitSeconds) => set({ newcomerWaitSeconds })}
        hint={plan.newcomerWaitSeconds === 0 ? 'at once' : 'keeps out people who only come for prizes'}
      />
    </Panel>
  )
}

interface AllowanceProps {
  readonly allowance: EarningPlan['allowance']
  readonly circles: SectionProps['earning']['circles']
  readonly set: (patch: Pick<EarningPlan, 'allowance'>) => void
}

const DAYS = [1, 2, 3, 4, 5, 6, 7].map((day) => ({ value: String(day), name: weekdayName(day) }))
const HOURS = Array.from({ length: 24 }, (_, hour) => ({ value: String(hour), name: `${hour}:00` }))

/** When the weekly allowance is paid, and to whom. */
function Allowance({ allowance, circles, set }: AllowanceProps) {
  const all = [...TO, ...circles.map(({ id, name }) => ({ standing: `circle:${id}`, name: `circle "${name}"` }))]
  const put = (patch: Partial<EarningPlan['allowance']>) => set({ allowance: { ...allowance, ...patch } })
  const toggle = (standing: string, on: boolean) =>
    put({ to: on ? [...allowance.to, standing] : allowance.to.filter((one) => one !== standing) })
  return (
    <>
      <div className="flex items-center gap-2">
        <Select
          label="Weekday of the allowance"
          value={String(allowance.weekday)}
          choices={DAYS}
          onChoose={(day) => put({ weekday: Number(day) })}
        />
        at
        <Select
          label="Hour of the allowance"
          value={String(allowance.hour)}
          choices={HOURS}
          onChoose={(hour) => put({ hour: Number(hour) })}
          className="tabular"
        />
      </div>
      <fieldset className="flex flex-wrap gap-x-5 gap-y-1">
        <legend className="mb-1 text-muted">It goes to</legend>
        {all.map(({ standing, name }) => (
          <TickRow
            key={standing}
            label={name}
            value={allowance.to.includes(standing)}
            onValue={(on) => toggle(standing, on)}
          />
        ))}
      </fieldset>
    </>
  )
}
