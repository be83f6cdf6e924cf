import { Field, INPUT } from '../../parts/form/inputs.tsx'

interface UntilFieldProps {
  readonly until: number | null
  readonly setUntil: (until: number | null) => void
}

const DAY_SECONDS = 86_400

/** The last day of a membership; none: without end. */
export const UntilField = ({ until, setUntil }: UntilFieldProps) => (
  <Field label="Last day" hint="Empty: until you end it.">
    <input
      type="date"
      value={until === null ? '' : new Date((until - 1) * 1000).toISOString().slice(0, 10)}
      onChange={({ target }) =>
        setUntil(target.value === '' ? null : Math.floor(Date.parse(target.value) / 1000) + DAY_SECONDS)
      }
      className={`w-44 ${INPUT}`}
    />
  </Field>
)
