import { FIGURES_OF_SHOW, type Piece, type RoundKind, TOP_LISTS } from '#core/screen'
import { CHANNEL_FIELDS } from '#core/texts'
import { Button } from '../../parts/Button.tsx'
import { Checkbox, Field, INPUT, NumberInput, Select } from '../../parts/form/inputs.tsx'
import type { AlertShown } from '../library/library.ts'
import { GameOff } from './GameOff.tsx'
import { LookFields } from './LookFields.tsx'
import { pieceName } from './pieces.ts'

interface PieceFieldsProps {
  readonly piece: Piece
  readonly put: (patch: Partial<Piece>) => void
  readonly remove: () => void
  /** To the overlay itself. */
  readonly back: () => void
  readonly alerts: readonly AlertShown[]
}

/** What a piece shows, where it is in figures, and how it looks. */
export function PieceFields({ piece, put, remove, back, alerts }: PieceFieldsProps) {
  return (
    <section aria-label={pieceName(piece)} className="flex flex-col gap-4">
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="text-base">{pieceName(piece)}</h2>
        <Button look="quiet" className="px-1! py-0! text-sm" onClick={back}>
          The overlay itself
        </Button>
      </div>
      <Own piece={piece} put={put} alerts={alerts} />
      <PlaceFields piece={piece} put={put} />
      <LookFields look={piece.look} setLook={(look) => put({ look })} size={piece.of !== 'alerts'} />
      <Button look="danger" disabled={piece.locked} onClick={remove}>
        Remove from the overlay
      </Button>
    </section>
  )
}

const FIGURE_NAMES = {
  paid: 'paid this show',
  spent: 'spent this show',
  orders: 'orders this show',
  present: 'people present',
}
const LIST_NAMES = { balance: 'who has most', hours: 'who watched longest', earned: 'who earned most' }

type OwnProps = Omit<PieceFieldsProps, 'remove' | 'back'>

function Own({ piece, put, alerts }: OwnProps) {
  switch (piece.of) {
    case 'alerts':
      return <WhichAlerts piece={piece} put={put} alerts={alerts} />
    case 'orders':
      return (
        <>
          <TitleField piece={piece} put={put} />
          <LinesField piece={piece} put={put} most={10} />
        </>
      )
    case 'top':
      return <TopFields piece={piece} put={put} />
    case 'counter':
      return <CounterFields piece={piece} put={put} />
    case 'text':
      return <TextFields piece={piece} put={put} />
    case 'chat':
      return <ChatFields piece={piece} put={put} />
    default:
      return (
        <>
          <GameOff of={piece.of} />
          <TitleField piece={piece} put={put} />
          <Checkbox on={piece.always} onTick={(always) => put({ always })}>
            Stay in view when nothing is on
          </Checkbox>
        </>
      )
  }
}

const TopFields = ({ piece, put }: FieldsOf<'top'>) => (
  <>
    <TitleField piece={piece} put={put} />
    <Select
      label="Which list"
      value={piece.list}
      choices={TOP_LISTS.map((value) => ({ value, name: LIST_NAMES[value] }))}
      onChoose={(list) => put({ list })}
    />
    <LinesField piece={piece} put={put} most={20} />
  </>
)

const CounterFields = ({ piece, put }: FieldsOf<'counter'>) => (
  <>
    <Select
      label="Which figure"
      value={piece.figure}
      choices={FIGURES_OF_SHOW.map((value) => ({ value, name: FIGURE_NAMES[value] }))}
      onChoose={(figure) => put({ figure })}
    />
    <TitleField piece={piece} put={put} />
  </>
)

const TextFields = ({ piece, put }: FieldsOf<'text'>) => (
  <Field label="Text" hint={`Fields: ${CHANNEL_FIELDS.map(({ path }) => path).join(', ')}`}>
    <textarea
      rows={3}
      value={piece.text}
      maxLength={500}
      onChange={(event) => put({ text: event.target.value })}
      className={INPUT}
    />
  </Field>
)

type FieldsOf<K extends Piece['of']> = {
  readonly piece: Exclude<Piece, { of: Exclude<Piece['of'], K> }>
  readonly put: OwnProps['put']
}

const TitleField = ({ piece, put }: FieldsOf<'orders' | 'top' | 'counter' | 'raffle' | 'bet' | 'goal' | RoundKind>) => (
  <Field label="Title">
    <input
      value={piece.title}
      maxLength={60}
      onChange={(event) => put({ title: event.target.value })}
      className={INPUT}
    />
  </Field>
)

const LinesField = ({ piece, put, most }: FieldsOf<'orders' | 'top' | 'chat'> & { most: number }) => (
  <p className="flex items-center gap-2">
    <NumberInput
      label="Lines"
      value={piece.many}
      most={most}
      className="w-16"
      onValue={(many) => put({ many: Math.max(1, many) })}
    />
    lines
  </p>
)

function ChatFields({ piece, put }: FieldsOf<'chat'>) {
  return (
    <>
      <LinesField piece={piece} put={put} most={20} />
      <p className="flex items-center gap-2">
        each for
        <NumberInput
          label="Seconds each line stays"
          value={piece.seconds}
          most={600}
          none="ever"
          className="w-16"
          onValue={(seconds) => put({ seconds })}
        />
        seconds
      </p>
      <Checkbox on={piece.bot} onTick={(bot) => put({ bot })}>
        The bot’s messages, too
      </Checkbox>
    </>
  )
}

interface WhichAlertsProps {
  readonly piece: Extract<Piece, { of: 'alerts' }>
  readonly put: (patch: Partial<Piece>) => void
  readonly alerts: readonly AlertShown[]
}

function WhichAlerts({ piece, put, alerts }: WhichAlertsProps) {
  const chosen = piece.which === 'all' ? [] : piece.which
  return (
    <fieldset className="flex flex-col gap-1.5">
      <legend className="sr-only">Which alerts it plays</legend>
      <Checkbox on={piece.which === 'all'} onTick={(all) => put({ which: all ? 'all' : alerts.map(({ id }) => id) })}>
        Plays every alert
      </Checkbox>
      {piece.which !== 'all' &&
        alerts.map(({ id, settings }) => (
          <Checkbox
            key={id}
            on={chosen.includes(id)}
            onTick={(on) => put({ which: on ? [...chosen, id] : chosen.filter((one) => one !== id) })}
          >
            {settings.name}
          </Checkbox>
        ))}
    </fieldset>
  )
}

const PLACE = [
  ['x', 'From the left'],
  ['y', 'From the top'],
  ['w', 'Width'],
  ['h', 'Height'],
] as const

function PlaceFields({ piece, put }: Pick<PieceFieldsProps, 'piece' | 'put'>) {
  return (
    <div className="grid grid-cols-2 gap-2">
      {PLACE.map(([key, label]) => (
        <label key={key} className="flex flex-col gap-0.5 text-sm">
          {label}
          <input
            type="number"
            value={piece[key]}
            disabled={piece.locked}
            min={key === 'w' || key === 'h' ? 20 : -8000}
            max={8000}
            onChange={(event) => {
              const n = Math.round(Number(event.target.value))
              const least = key === 'w' || key === 'h' ? 20 : -8000
              if (event.target.value !== '') put({ [key]: Math.max(least, Math.min(8000, n)) })
            }}
            className={`tabular ${INPUT}`}
          />
        </label>
      ))}
    </div>
  )
}
