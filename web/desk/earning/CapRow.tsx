import { readWhole } from './amounts.ts'
import type { Draft } from './draft.ts'
import { INPUT, Row, useTyped } from './fields.tsx'

const readCap = (text: string): { cap: number | null } | string => {
  if (text.trim() === '') return { cap: null }
  const read = readWhole(text, { least: 1, most: Number.MAX_SAFE_INTEGER })
  return typeof read === 'string' ? 'Type a whole number above 0, or leave it empty for no limit.' : { cap: read }
}

/** The most that one can hold: a number, or nothing for no limit. */
export function CapRow({ draft }: { draft: Draft }) {
  const { cap } = draft.plan
  const typed = useTyped(draft, 'cap', cap === null ? '' : String(cap), readCap, draft.set)
  return (
    <Row label="Balance cap" hint="Earning stops there. Empty: no limit." problem={draft.problems.cap}>
      {(field) => (
        <input
          {...field}
          {...typed}
          inputMode="numeric"
          placeholder="no limit"
          className={`tabular w-24 text-right placeholder:text-muted ${INPUT}`}
        />
      )}
    </Row>
  )
}
