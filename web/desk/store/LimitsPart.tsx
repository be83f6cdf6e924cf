import { DateTime } from 'luxon'
import { OVERS, type RewardSettings } from '#core/store'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { Checkbox, INPUT, NumberInput, Select, TextInput } from '../../parts/form/inputs.tsx'
import type { PartProps } from './part.ts'

/** Stock, the limit per viewer, the cooldown, and when it is for sale. */
export function LimitsPart({ draft, put, store }: PartProps) {
  return (
    <div className="flex flex-col gap-5">
      <MostFields legend="Stock" most={draft.stock} setMost={(stock) => put({ stock })} />
      <Refill draft={draft} put={put} />
      <MostFields legend="Limit per viewer" most={draft.each} setMost={(each) => put({ each })} />
      <fieldset className="flex flex-col gap-2">
        <legend className="mb-1 font-semibold">Cooldown after an order</legend>
        <RestField
          label="For everyone"
          seconds={draft.rest.everyoneSeconds}
          setSeconds={(everyoneSeconds) => put({ rest: { ...draft.rest, everyoneSeconds } })}
        />
        <RestField
          label="For each viewer"
          seconds={draft.rest.eachSeconds}
          setSeconds={(eachSeconds) => put({ rest: { ...draft.rest, eachSeconds } })}
        />
      </fieldset>
      <fieldset className="flex flex-col gap-2">
        <legend className="mb-1 font-semibold">When it is for sale</legend>
        <Checkbox on={draft.onAir} onTick={(onAir) => put({ onAir })}>
          Only while the show is on air
        </Checkbox>
        <TimeField label="From" at={draft.from} setAt={(from) => put({ from })} zone={store.timeZone} />
        <FaultsAt name="to">
          <TimeField label="Until" at={draft.to} setAt={(to) => put({ to })} zone={store.timeZone} />
        </FaultsAt>
      </fieldset>
      <Requirements draft={draft} put={put} />
    </div>
  )
}

/** Filling the shelf again with one press, and being told in time. */
function Refill({ draft, put }: Pick<PartProps, 'draft' | 'put'>) {
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-2">
      {draft.kind !== 'code' && (
        <FaultsAt name="refill">
          <span className="flex items-center gap-2">
            <span>Refill to</span>
            <NumberInput
              label="Refill to"
              value={draft.refill ?? 0}
              most={1_000_000}
              none="never"
              className="w-20"
              onValue={(n) => put({ refill: n === 0 ? null : n })}
            />
            <span>with one press in the list</span>
          </span>
        </FaultsAt>
      )}
      <span className="flex items-center gap-2">
        <span>Tell me when</span>
        <NumberInput
          label="Tell me when so many are left"
          value={draft.lowStock}
          most={1_000_000}
          none="never"
          className="w-20"
          onValue={(lowStock) => put({ lowStock })}
        />
        <span>are left</span>
      </span>
    </div>
  )
}

function Requirements({ draft, put }: Pick<PartProps, 'draft' | 'put'>) {
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">Requirements</legend>
      <p className="flex items-center gap-2">
        <NumberInput
          label="Hours watched at least"
          value={draft.hours}
          none="no"
          most={100_000}
          className="w-20"
          onValue={(hours) => put({ hours })}
        />
        <span>hours watched or more</span>
      </p>
      <p className="flex flex-wrap items-center gap-2">
        <TextInput
          aria-label="Secret word"
          value={draft.secret}
          most={30}
          placeholder="no secret word"
          onValue={(secret) => put({ secret: secret.replace(/\s/g, '') })}
          className="w-44"
        />
        <span className="text-muted">
          unlocks it; until then it is hidden. Viewers type it on the page, or to the bot after the command.
        </span>
      </p>
    </fieldset>
  )
}

interface MostFieldsProps {
  readonly legend: string
  readonly most: RewardSettings['stock']
  readonly setMost: (most: RewardSettings['stock']) => void
}

function MostFields({ legend, most, setMost }: MostFieldsProps) {
  return (
    <fieldset>
      <legend className="mb-1.5 font-semibold">{legend}</legend>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        {OVERS.map(({ over, name }) => (
          <span key={over} className="flex items-center gap-2">
            <NumberInput
              label={`${legend}, ${name}`}
              value={most[over] ?? 0}
              most={1_000_000}
              none="no limit"
              className="w-24"
              onValue={(n) => setMost({ ...most, [over]: n === 0 ? null : n })}
            />
            <span>{name}</span>
          </span>
        ))}
      </div>
    </fieldset>
  )
}

const UNITS = [
  { value: '1', name: 'seconds' },
  { value: '60', name: 'minutes' },
  { value: '3600', name: 'hours' },
  { value: '86400', name: 'days' },
] as const

interface RestFieldProps {
  readonly label: string
  readonly seconds: number
  readonly setSeconds: (seconds: number) => void
  readonly none?: string
  readonly most?: number
}

/** A duration in the unit that fits it. */
export function RestField({ label, seconds, setSeconds, none = 'none', most = 2_592_000 }: RestFieldProps) {
  const unit = [...UNITS].reverse().find(({ value }) => seconds > 0 && seconds % Number(value) === 0) ?? UNITS[1]
  return (
    <p className="grid cols-limit-2 items-center gap-2">
      <span>{label}</span>
      <NumberInput
        label={`${label}, how long`}
        value={seconds / Number(unit.value)}
        none={none}
        className="w-20"
        onValue={(n) => setSeconds(Math.min(most, n * Number(unit.value)))}
      />
      <Select
        label={`${label}, unit`}
        value={unit.value}
        choices={UNITS}
        onChoose={(next) => setSeconds(Math.min(most, Math.max(1, seconds / Number(unit.value)) * Number(next)))}
      />
    </p>
  )
}

interface TimeFieldProps {
  readonly label: string
  readonly at: number | null
  readonly setAt: (at: number | null) => void
  readonly zone: string
  /** What it means that there is none. */
  readonly none?: string
}

/** A day and a time in the channel's time zone. */
export function TimeField({ label, at, setAt, zone, none = 'always' }: TimeFieldProps) {
  const value = at === null ? '' : DateTime.fromSeconds(at, { zone }).toFormat("yyyy-MM-dd'T'HH:mm")
  return (
    <label className="grid cols-limit items-center gap-2">
      <span>{label}</span>
      <input
        type="datetime-local"
        value={value}
        onChange={(event) => {
          const next = DateTime.fromISO(event.target.value, { zone })
          setAt(next.isValid ? Math.floor(next.toSeconds()) : null)
        }}
        className={INPUT}
      />
      <span className="text-muted">{at === null ? none : zone}</span>
    </label>
  )
}
