import { type BetOutcome, MOST_OUTCOMES } from '#core/bets'
import { Button } from '../../parts/Button.tsx'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { TextInput } from '../../parts/form/inputs.tsx'

interface OutcomeFieldsProps {
  readonly outcomes: readonly BetOutcome[]
  readonly put: (outcomes: BetOutcome[]) => void
}

/** The short word of an outcome, as its name gives it: what can be typed in chat. */
export const wordFor = (name: string): string =>
  (
    name
      .normalize('NFKC')
      .toLowerCase()
      .match(/[\p{L}\p{N}_-]+/gu) ?? []
  )
    .find((one) => one.length > 1)
    ?.slice(0, 20) ??
  name
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}_-]/gu, '')
    .slice(0, 20)

/** What can happen, each with its word for chat; the word follows the name until it is typed over. */
export function OutcomeFields({ outcomes, put }: OutcomeFieldsProps) {
  return (
    <FaultsAt name="outcomes">
      <fieldset className="flex flex-col gap-2">
        <legend className="mb-1">What can happen, and the word for it in chat</legend>
        {outcomes.map((outcome, i) => (
          <OutcomeRow
            // biome-ignore lint/suspicious/noArrayIndexKey: an outcome is its place in the list
            key={i}
            outcome={outcome}
            at={i}
            set={(next) => put(outcomes.map((one, place) => (place === i ? next : one)))}
            remove={outcomes.length > 2 ? () => put(outcomes.filter((_, place) => place !== i)) : undefined}
          />
        ))}
        {outcomes.length < MOST_OUTCOMES && (
          <div>
            <Button onClick={() => put([...outcomes, { name: '', word: '' }])}>Add an outcome</Button>
          </div>
        )}
      </fieldset>
    </FaultsAt>
  )
}

interface RowProps {
  readonly outcome: BetOutcome
  readonly at: number
  readonly set: (outcome: BetOutcome) => void
  readonly remove: (() => void) | undefined
}

function OutcomeRow({ outcome: { name, word }, at, set, remove }: RowProps) {
  const follows = word === '' || word === wordFor(name)
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="tabular w-5 text-right text-muted">{at + 1}</span>
      <TextInput
        aria-label={`Outcome ${at + 1}`}
        value={name}
        most={60}
        onValue={(typed) => set({ name: typed, word: follows ? wordFor(typed) : word })}
        className="min-w-0 flex-1"
      />
      <TextInput
        aria-label={`Word for outcome ${at + 1}`}
        value={word}
        most={20}
        onValue={(typed) => set({ name, word: typed.replace(/[^\p{L}\p{N}_-]/gu, '').toLowerCase() })}
        className="w-28 font-mono"
      />
      <Button look="quiet" disabled={remove === undefined} aria-label={`Remove outcome ${at + 1}`} onClick={remove}>
        Remove
      </Button>
    </div>
  )
}
