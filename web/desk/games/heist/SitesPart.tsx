import { useState } from 'react'
import { crewsOf, type HeistSite, heistOdds, inPercent, roomChance, type SettingsOf } from '#core/games'
import { Button } from '../../../parts/Button.tsx'
import { FaultsAt } from '../../../parts/form/DraftField.tsx'
import { Field, INPUT, NumberInput, Select, TextInput } from '../../../parts/form/inputs.tsx'
import { DecimalInput } from '../DecimalInput.tsx'
import { SiteCurve } from './SiteCurve.tsx'

interface SitesPartProps {
  readonly draft: SettingsOf['heist']
  readonly put: (patch: never) => void
}

const FRESH_ROOM = {
  name: 'a room',
  throughPpm: 800_000,
  multiplier: 120,
  through: 'Through.',
  caught: 'Somebody is caught.',
}
const MOST_SITES = 10
const MOST_ROOMS = 8

/** Where a heist goes: the sites by crew size, their rooms, and what every plan pays back. */
export function SitesPart({ draft, put }: SitesPartProps) {
  const [chosen, setChosen] = useState(0)
  const at = Math.min(chosen, draft.sites.length - 1)
  const site = draft.sites[at]
  const set = (sites: readonly HeistSite[], next: number) => {
    put({ sites } as never)
    setChosen(next)
  }
  if (site === undefined) return null
  const change = (patch: Partial<HeistSite>) =>
    set(
      draft.sites.map((one, i) => (i === at ? { ...one, ...patch } : one)),
      at,
    )
  return (
    <div className="flex flex-col gap-5">
      <FaultsAt name="sites">
        <WhichSite sites={draft.sites} at={at} choose={setChosen} set={set} />
        <SiteFields site={site} change={change} />
      </FaultsAt>
      <Odds draft={draft} site={site} at={at} />
      <Rooms site={site} change={change} />
    </div>
  )
}

interface WhichSiteProps {
  readonly sites: readonly HeistSite[]
  readonly at: number
  readonly choose: (at: number) => void
  /** Puts other sites in place of these, and shows one of them. */
  readonly set: (sites: readonly HeistSite[], at: number) => void
}

function WhichSite({ sites, at, choose, set }: WhichSiteProps) {
  const add = () => {
    const from = Math.max(...sites.map(({ fromCrew }) => fromCrew)) + 5
    const like = sites[at] as HeistSite
    set([...sites, { ...like, name: `${like.name} again`.slice(0, 40), fromCrew: from }], sites.length)
  }
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Field label="Site">
        <Select
          label="Site"
          value={String(at)}
          choices={sites.map((one, i) => ({ value: String(i), name: `${one.name}, from ${one.fromCrew}` }))}
          onChoose={(next) => choose(Number(next))}
        />
      </Field>
      {sites.length < MOST_SITES && <Button onClick={add}>Add a site</Button>}
      {sites.length > 1 && (
        <Button
          look="quiet"
          onClick={() =>
            set(
              sites.filter((_, i) => i !== at),
              0,
            )
          }
        >
          Remove this site
        </Button>
      )}
    </div>
  )
}

function SiteFields({ site, change }: { site: HeistSite; change: (patch: Partial<HeistSite>) => void }) {
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
      <Field label="Name">
        <input
          value={site.name}
          maxLength={40}
          onChange={(event) => change({ name: event.target.value })}
          className={`w-52 ${INPUT}`}
        />
      </Field>
      <span className="flex items-center gap-2">
        Crews of
        <NumberInput
          label="From a crew of"
          value={site.fromCrew}
          most={100_000}
          className="w-20"
          onValue={(n) => change({ fromCrew: Math.max(1, n) })}
        />
        or more
      </span>
      <span className="flex items-center gap-2">
        Each member beyond the first raises a chance by
        <PercentInput
          label="Bonus for each beyond the first"
          ppm={site.bonusPpm}
          onPpm={(bonusPpm) => change({ bonusPpm: Math.min(100_000, bonusPpm) })}
        />
        up to
        <PercentInput label="Up to" ppm={site.capPpm} onPpm={(capPpm) => change({ capPpm: Math.max(1, capPpm) })} />
      </span>
    </div>
  )
}

/** A chance in per cent, kept as parts per million. */
function PercentInput({ label, ppm, onPpm }: { label: string; ppm: number; onPpm: (ppm: number) => void }) {
  return (
    <span className="flex items-center gap-1">
      <DecimalInput label={label} value={ppm} per={10_000} most={1_000_000} onValue={onPpm} />%
    </span>
  )
}

function Odds({ draft, site, at }: { draft: SettingsOf['heist']; site: HeistSite; at: number }) {
  const crews = crewsOf(draft, at)
  const [small, large] = [crews[0] ?? 1, crews.at(-1) ?? 1]
  const [asked, setAsked] = useState<number>()
  const crew = Math.min(large, Math.max(small, asked ?? small))
  return (
    <section aria-label="Payback of every plan" className="rounded-md border border-line px-4 py-3">
      <label className="flex items-center gap-3">
        <span className="shrink-0">With a crew of</span>
        <input
          type="range"
          min={small}
          max={Math.min(large, Math.max(small + 1, 60))}
          value={Math.min(crew, 60)}
          onChange={(event) => setAsked(Number(event.target.value))}
          className="min-w-0 flex-1 accent-brass"
        />
        <span className="tabular w-10 text-right font-semibold">{crew}</span>
      </label>
      <SiteCurve site={site} crew={crew} />
      <p className="mb-2 text-note text-muted">
        Columns: the chance to get so far. Line: how much of a stake is paid back on average, against 100 %.
      </p>
      <OddsTable site={site} crew={crew} />
    </section>
  )
}

const ODDS_COLUMNS = ['Leave after', 'through this room', 'so far', 'pays', 'pays back']

function OddsTable({ site, crew }: { site: HeistSite; crew: number }) {
  const odds = heistOdds(site, crew)
  return (
    <table className="tabular w-full text-note">
      <thead className="text-muted">
        <tr>
          {ODDS_COLUMNS.map((name) => (
            <th key={name} scope="col" className="py-1 text-right font-normal first:text-left">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {site.rooms.map((room, i) => {
          const odd = odds[i]
          const too = odd !== undefined && odd.returns.top > odd.returns.bottom
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: rooms are told apart by their place
            <tr key={i} className="border-t border-line text-right">
              <td className="py-1 text-left">
                {i + 1}. {room.name}
              </td>
              <td>{(roomChance(room, site, crew) / 10_000).toFixed(1)} %</td>
              <td>{odd && inPercent(odd.reaches)}</td>
              <td>× {(room.multiplier / 100).toFixed(2)}</td>
              <td className={`font-semibold ${too ? 'text-brick-text' : ''}`}>{odd && inPercent(odd.returns)}</td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}

function Rooms({ site, change }: { site: HeistSite; change: (patch: Partial<HeistSite>) => void }) {
  const { rooms } = site
  return (
    <section aria-label="Rooms" className="flex flex-col gap-3">
      <h3 className="font-sans font-semibold">Rooms, in the order in which they are gone through</h3>
      {rooms.map((room, i) => (
        <RoomFields
          // biome-ignore lint/suspicious/noArrayIndexKey: rooms are told apart by their place
          key={i}
          room={room}
          place={i + 1}
          set={(patch) => change({ rooms: rooms.map((one, k) => (k === i ? { ...one, ...patch } : one)) })}
          remove={rooms.length > 1 ? () => change({ rooms: rooms.filter((_, k) => k !== i) }) : undefined}
        />
      ))}
      {rooms.length < MOST_ROOMS && (
        <Button
          className="self-start"
          onClick={() => change({ rooms: [...rooms, { ...FRESH_ROOM, name: `room ${rooms.length + 1}` }] })}
        >
          Add a room
        </Button>
      )}
    </section>
  )
}

type Room = HeistSite['rooms'][number]

interface RoomFieldsProps {
  readonly room: Room
  /** From 1. */
  readonly place: number
  readonly set: (patch: Partial<Room>) => void
  /** Undefined: it is the only one. */
  readonly remove: (() => void) | undefined
}

function RoomFields({ room, place, set, remove }: RoomFieldsProps) {
  return (
    <fieldset className="flex flex-col gap-2 rounded-md border border-line px-4 py-3">
      <legend className="px-1 text-muted">Room {place}</legend>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <TextInput
          aria-label={`Name of room ${place}`}
          value={room.name}
          most={40}
          onValue={(name) => set({ name })}
          className="w-44"
        />
        <RoomOdds room={room} place={place} set={set} />
        {remove && (
          <Button look="quiet" className="ml-auto" onClick={remove}>
            Remove
          </Button>
        )}
      </div>
      <StoryField label="Said when nobody was caught" value={room.through} onText={(through) => set({ through })} />
      <StoryField label="Said when somebody was" value={room.caught} onText={(caught) => set({ caught })} />
    </fieldset>
  )
}

function RoomOdds({ room, place, set }: Omit<RoomFieldsProps, 'remove'>) {
  return (
    <>
      <span className="flex items-center gap-2">
        through with
        <PercentInput
          label={`Chance to get through room ${place}`}
          ppm={room.throughPpm}
          onPpm={(ppm) => set({ throughPpm: Math.max(1, ppm) })}
        />
      </span>
      <span className="flex items-center gap-2">
        leaving pays ×
        <DecimalInput
          label={`Leaving after room ${place} pays`}
          value={room.multiplier}
          per={100}
          least={1}
          most={100_000}
          onValue={(multiplier) => set({ multiplier })}
        />
      </span>
    </>
  )
}

function StoryField({ label, value, onText }: { label: string; value: string; onText: (text: string) => void }) {
  return (
    <label className="grid cols-named items-center gap-2 max-sm:grid-cols-1">
      <span className="text-muted">{label}</span>
      <input value={value} maxLength={160} onChange={(event) => onText(event.target.value)} className={INPUT} />
    </label>
  )
}
