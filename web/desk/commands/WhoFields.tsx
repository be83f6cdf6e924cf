import { Fragment } from 'react'
import { REQUIREMENT_KEYS, REQUIREMENTS, type RequirementKey, type Who, whoInWords } from '#core/access'
import { circleStanding, PLAIN_STANDINGS } from '#core/people'
import { Checkbox, NumberInput, Select } from '../../parts/form/inputs.tsx'
import { FindPerson } from '../people/FindPerson.tsx'
import { RoomLacks } from '../rooms/RoomLacks.tsx'
import type { CommandsView } from './view.ts'

const NAMES: Readonly<Record<string, string>> = {
  follower: 'Followers',
  tier1: 'Subscribers, tier 1',
  tier2: 'Subscribers, tier 2',
  tier3: 'Subscribers, tier 3',
  moderator: 'Moderators',
  linked: 'Viewers with a linked account',
}

interface WhoFieldsProps {
  readonly who: Who
  readonly view: CommandsView
  readonly setWho: (who: Who) => void
  /** Names of people chosen since the list was loaded. */
  readonly named: Readonly<Record<number, string>>
  readonly setNamed: (named: Readonly<Record<number, string>>) => void
  /** "may use it in chat", "may set it off". */
  readonly may: string
  /** What is asked elsewhere on the same form. */
  readonly without?: readonly RequirementKey[]
}

/** Who may use something: everyone, or any mix. Read back as a sentence. */
export function WhoFields(props: WhoFieldsProps) {
  const { who, view, setWho, named, may } = props
  const people = { ...view.names.people, ...named }
  const sentence = whoInWords(who, { ...view.names, people })
  return (
    <fieldset className="flex flex-col gap-3">
      <legend className="mb-1 font-semibold">Who {may}</legend>
      <p aria-live="polite" className="rounded-md bg-surface px-3 py-2">
        {sentence.charAt(0).toUpperCase() + sentence.slice(1)} {may}.
      </p>
      <Checkbox on={who.everyone} onTick={(everyone) => setWho({ ...who, everyone })}>
        Everyone
      </Checkbox>
      {!who.everyone && (
        <>
          <Standings {...props} />
          {who.standings.includes('moderator') && (
            <RoomLacks lack="moderators">So this allows nobody: choose a circle, or people by name.</RoomLacks>
          )}
          <RankAndNames {...props} />
          <NamedPeople who={who} setWho={setWho} people={people} />
        </>
      )}
      <AskedOfAll {...props} />
    </fieldset>
  )
}

/** What is asked of everybody of those, in figures. */
function AskedOfAll({ who, setWho, without = [] }: WhoFieldsProps) {
  const keys = REQUIREMENT_KEYS.filter((key) => !without.includes(key))
  const ask = (key: RequirementKey, value: number) => {
    const { [key]: _, ...others } = who.asks ?? {}
    const asks = value === 0 ? others : { ...others, [key]: value }
    const { asks: __, ...plain } = who
    setWho(Object.keys(asks).length === 0 ? plain : { ...plain, asks })
  }
  return (
    <div className="grid max-w-md cols-figures items-center gap-x-3 gap-y-2">
      {keys.map((key) => (
        <Fragment key={key}>
          <span>{REQUIREMENTS[key].name}</span>
          <NumberInput
            label={REQUIREMENTS[key].name}
            value={who.asks?.[key] ?? 0}
            most={REQUIREMENTS[key].most}
            none="–"
            onValue={(value) => ask(key, value)}
          />
          <span className="text-muted">{REQUIREMENTS[key].unit}</span>
        </Fragment>
      ))}
    </div>
  )
}

function Standings({ who, view, setWho }: WhoFieldsProps) {
  const tick = (standing: string, on: boolean) =>
    setWho({ ...who, standings: on ? [...who.standings, standing] : who.standings.filter((one) => one !== standing) })
  const standings = [
    ...PLAIN_STANDINGS.map((standing) => ({ standing, name: NAMES[standing] ?? standing })),
    ...view.circles.map(({ id, name }) => ({ standing: circleStanding(id), name: `Circle: ${name}` })),
  ]
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-1.5">
      <Checkbox on={who.streamer} onTick={(streamer) => setWho({ ...who, streamer })}>
        The streamer
      </Checkbox>
      {standings.map(({ standing, name }) => (
        <Checkbox key={standing} on={who.standings.includes(standing)} onTick={(on) => tick(standing, on)}>
          {name}
        </Checkbox>
      ))}
    </div>
  )
}

function RankAndNames({ who, view, setWho, named, setNamed }: WhoFieldsProps) {
  const choose = (person: { readonly id: number; readonly name: string } | undefined) => {
    if (person === undefined || who.people.includes(person.id)) return
    setNamed({ ...named, [person.id]: person.name })
    setWho({ ...who, people: [...who.people, person.id] })
  }
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span>Rank</span>
      <Select
        label="Rank and above"
        value={String(who.rank ?? '')}
        choices={[
          { value: '', name: 'by no rank' },
          ...view.names.ranks.map(({ id, name }) => ({ value: String(id), name: `${name} and above` })),
        ]}
        onChoose={(rank) => setWho({ ...who, rank: rank === '' ? null : Number(rank) })}
      />
      <span>Named</span>
      <FindPerson label="Somebody by name" chosen={undefined} choose={choose} />
    </div>
  )
}

interface NamedPeopleProps extends Pick<WhoFieldsProps, 'who' | 'setWho'> {
  readonly people: Readonly<Record<string, string>>
}

function NamedPeople({ who, setWho, people }: NamedPeopleProps) {
  return (
    <ul className="flex flex-wrap gap-2">
      {who.people.map((id) => (
        <li key={id}>
          <button
            type="button"
            onClick={() => setWho({ ...who, people: who.people.filter((one) => one !== id) })}
            className="rounded-md border border-line px-2 py-0.5 hover:bg-raised"
          >
            {people[id] ?? 'a removed viewer'} <span aria-hidden="true">×</span>
            <span className="sr-only">remove</span>
          </button>
        </li>
      ))}
    </ul>
  )
}
