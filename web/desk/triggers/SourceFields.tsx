import { GAME_NAMES, GAMES, type Game } from '#core/games'
import type { Source, SourceKind } from '#core/triggers'
import { Checkbox, Field, NumberInput, Select, TextInput } from '../../parts/form/inputs.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import type { CommandsView } from '../commands/view.ts'
import { freshSource, SOURCES, setupsFor, unitOf } from './sources.ts'

interface SourceFieldsProps {
  readonly source: Source
  readonly setSource: (source: Source) => void
  readonly view: CommandsView
}

/** What sets it off. */
export function SourceFields({ source, setSource, view }: SourceFieldsProps) {
  return (
    <div className="flex flex-col gap-3">
      <Field label="What sets it off">
        <Select
          label="What sets it off"
          value={source.of as SourceKind}
          choices={SOURCES}
          onChoose={(of) => setSource(freshSource(of, view))}
        />
      </Field>
      <More source={source} setSource={setSource} view={view} />
    </div>
  )
}

function More({ source, setSource, view }: SourceFieldsProps) {
  const anyOf = anyOfSource(source, setSource, view)
  if (anyOf !== undefined) return <AnyOf {...anyOf} />
  switch (source.of) {
    case 'outside':
      return <Outside source={source} setSource={setSource} view={view} />
    case 'button':
      return <OnBoard source={source} setSource={setSource} view={view} />
    case 'timer':
      return <Timer source={source} setSource={setSource} />
    case 'subscription':
    case 'gift':
    case 'raid':
    case 'tip':
    case 'cheer':
      return <Range source={source} setSource={setSource} />
    case 'gameWon':
    case 'gameLost':
      return (
        <>
          <InGame source={source} setSource={setSource} />
          <Range source={source} setSource={setSource} />
        </>
      )
    default:
      return null
  }
}

/** What one of a kind can be chosen of, where a source is about one or any of them. */
function anyOfSource(
  source: Source,
  setSource: SourceFieldsProps['setSource'],
  view: CommandsView,
): AnyOfProps | undefined {
  if ('setup' in source)
    return {
      label: source.of.startsWith('bet') ? 'Bet' : 'Raffle',
      any: source.of.startsWith('bet') ? 'any bet' : 'any raffle',
      value: source.setup,
      choices: setupsFor(source.of, view).map(({ id, name }) => ({ id, name: `started from “${name}”` })),
      onValue: (setup) => setSource({ ...source, setup }),
    }
  if (source.of === 'rankReached')
    return {
      label: 'Rank',
      any: 'any rank',
      value: source.rank,
      choices: view.names.ranks,
      onValue: (rank) => setSource({ ...source, rank }),
    }
  if (source.of === 'orderPlaced')
    return {
      label: 'Reward',
      any: 'any reward',
      value: source.reward,
      choices: view.rewards,
      onValue: (reward) => setSource({ ...source, reward }),
    }
  return undefined
}

const COLOURS = [
  { value: 'plain', name: 'plain' },
  { value: 'brass', name: 'gold' },
  { value: 'moss', name: 'green' },
  { value: 'brick', name: 'red' },
] as const

interface OnBoardProps extends SourceFieldsProps {
  readonly source: Extract<Source, { of: 'button' }>
}

/** Where a button is, how it looks, and whether it asks. */
function OnBoard({ source, setSource, view }: OnBoardProps) {
  const boards = view.triggers.flatMap(({ settings }) =>
    settings.source.of === 'button' ? [settings.source.board] : [],
  )
  const known = [...new Set(boards)].filter((board) => board !== '')
  return (
    <>
      <div className="grid gap-4 sm:grid-cols-2">
        <Field label="Board" hint="Empty: the main board.">
          <TextInput
            most={40}
            list="boards"
            value={source.board}
            onValue={(board) => setSource({ ...source, board })}
          />
        </Field>
        <datalist id="boards">
          {known.map((board) => (
            <option key={board} value={board} />
          ))}
        </datalist>
        <Field label="Colour">
          <Select
            label="Colour"
            value={source.colour}
            choices={COLOURS}
            onChoose={(colour) => setSource({ ...source, colour })}
          />
        </Field>
      </div>
      <Checkbox on={source.confirm} onTick={(confirm) => setSource({ ...source, confirm })}>
        Ask for a second press
      </Checkbox>
    </>
  )
}

interface TimerProps {
  readonly source: Extract<Source, { of: 'timer' }>
  readonly setSource: (source: Source) => void
}

/** Every so many minutes, after so many lines. */
function Timer({ source, setSource }: TimerProps) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span>every</span>
      <NumberInput
        label="Minutes between"
        value={source.minutes}
        most={1440}
        onValue={(minutes) => setSource({ ...source, minutes: Math.max(1, minutes) })}
        className="w-16"
      />
      <span>minutes, and at least</span>
      <NumberInput
        label="Lines of chat since"
        value={source.lines}
        most={10_000}
        onValue={(lines) => setSource({ ...source, lines })}
        className="w-16"
      />
      <span>lines of chat since; on air only</span>
    </div>
  )
}

interface RangeProps {
  readonly source: Extract<Source, { to: number | null }>
  readonly setSource: (source: Source) => void
}

/** From so many to so many. */
function Range({ source, setSource }: RangeProps) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span>from</span>
      <NumberInput label="From" value={source.from} onValue={(from) => setSource({ ...source, from })} />
      <span>to</span>
      <NumberInput
        label="To"
        value={source.to ?? 0}
        none="any"
        onValue={(to) => setSource({ ...source, to: to === 0 ? null : to })}
      />
      <span>{unitOf(source.of)}</span>
    </div>
  )
}

interface InGameProps {
  readonly source: Extract<Source, { of: 'gameWon' | 'gameLost' }>
  readonly setSource: (source: Source) => void
}

const GAME_CHOICES = [
  { value: '', name: 'any game' },
  ...GAMES.map((game) => ({ value: game, name: GAME_NAMES[game] })),
] as const

/** In which game somebody wins or loses. */
const InGame = ({ source, setSource }: InGameProps) => (
  <Field label="Game">
    <Select<Game | ''>
      label="Game"
      value={source.game ?? ''}
      choices={GAME_CHOICES}
      onChoose={(game) => setSource({ ...source, game: game === '' ? null : game })}
    />
  </Field>
)

interface AnyOfProps {
  readonly label: string
  readonly any: string
  readonly value: number | null
  readonly choices: readonly { readonly id: number; readonly name: string }[]
  readonly onValue: (value: number | null) => void
}

/** One of some things, or any of them. */
const AnyOf = ({ label, any, value, choices, onValue }: AnyOfProps) => (
  <Select
    label={label}
    value={String(value ?? '')}
    choices={[{ value: '', name: any }, ...choices.map(({ id, name }) => ({ value: String(id), name }))]}
    onChoose={(chosen) => onValue(chosen === '' ? null : Number(chosen))}
  />
)

interface OutsideProps extends SourceFieldsProps {
  readonly source: Extract<Source, { of: 'outside' }>
}

const APPROVALS = [
  {
    value: 'itself',
    name: 'Runs automatically; if it cannot be done, it is rejected and the platform refunds its points',
  },
  { value: 'hand', name: 'Waits until you approve or reject it' },
] as const

function Outside({ source, setSource, view }: OutsideProps) {
  if (view.outside.length === 0)
    return (
      <p className="text-muted">
        The platform has reported no rewards yet. They appear here by themselves once it does; until then nothing can be
        chosen.
      </p>
    )
  const chosen = view.outside.find(({ id }) => id === source.reward)
  const choices = view.outside.map(({ id, name, price, listed }) => ({
    value: id,
    name: `${name}${price === null ? '' : `, ${price} points`}${listed ? '' : ' (no longer listed)'}`,
  }))
  return (
    <>
      <Field label="Reward, as the platform reports it">
        <Select
          label="Outside reward"
          value={source.reward}
          choices={chosen ? choices : [{ value: source.reward, name: 'choose …' }, ...choices]}
          onChoose={(reward) => setSource({ ...source, reward })}
        />
      </Field>
      <Radios
        legend="Approval"
        legendHidden
        value={source.approval}
        choices={APPROVALS}
        onChoose={(approval) => setSource({ ...source, approval })}
      />
      <p>
        Price <span className="text-muted">none: it was paid in platform points</span>
      </p>
    </>
  )
}
