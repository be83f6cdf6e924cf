import { useState } from 'react'
import { digits } from '#core/currency'
import { type ImportColumns, readImport } from '#core/people'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Checkbox } from '../../parts/form/inputs.tsx'
import { guessColumns, type ImportFile, without } from './importFile.ts'
import { useRanks } from './people.ts'
import { type Lines, useImport } from './useImport.ts'

const FIELD = 'rounded-md border border-line bg-surface px-2.5 py-1.5'
const HOWS = [
  { how: 'add', name: 'added to what people have here' },
  { how: 'set', name: 'replacing what people have here' },
] as const

const ASKED = [
  { column: 'name', label: 'Name of the account' },
  { column: 'balance', label: 'Balance' },
  { column: 'hours', label: 'Hours watched' },
] as const
type Asked = (typeof ASKED)[number]['column']
const isAsked = (column: string): column is Asked => ASKED.some((one) => one.column === column)

/** Which column holds what, what comes of it, and taking it in. */
export function Matching({ file, close }: { file: ImportFile; close: () => void }) {
  const [columns, setColumns] = useState<ImportColumns>(() => guessColumns(file.heads))
  const [how, setHow] = useState<'add' | 'set'>('add')
  const [all, setAll] = useState(true)
  const circles = useRanks()?.circles ?? []
  const more = Object.keys(columns).filter((column) => !isAsked(column))
  const used = all ? columns : Object.fromEntries(Object.entries(columns).filter(([column]) => isAsked(column)))
  const nameless = used.name === undefined && used.account === undefined
  const read = nameless ? { lines: [], problems: [] } : readImport(file.rows, used, 2, circles)
  const useless = Object.keys(used).every((column) => NAMING.has(column))
  return (
    <>
      <div className="grid grid-cols-3 gap-3">
        {ASKED.map(({ column, label }) => (
          <ColumnChoice
            key={column}
            label={label}
            none={column === 'name' ? 'choose a column' : 'not in the file'}
            heads={file.heads}
            at={columns[column]}
            choose={(at) => setColumns(at === undefined ? without(columns, column) : { ...columns, [column]: at })}
          />
        ))}
      </div>
      {more.length > 0 && (
        <Checkbox on={all} onTick={setAll}>
          Also import: {more.map((one) => one.replaceAll('_', ' ')).join(', ')}.
        </Checkbox>
      )}
      <HowChoice how={how} setHow={setHow} />
      {!nameless && <Found lines={read.lines.length} problems={read.problems} />}
      <TakeIn lines={read.lines} how={how} useless={nameless || useless} close={close} />
    </>
  )
}

/** Columns that say who it is, and nothing else. */
const NAMING: ReadonlySet<string> = new Set(['name', 'account', 'issuer'])

interface ColumnChoiceProps {
  readonly label: string
  readonly none: string
  readonly heads: readonly string[]
  readonly at: number | undefined
  readonly choose: (at: number | undefined) => void
}

const ColumnChoice = ({ label, none, heads, at, choose }: ColumnChoiceProps) => (
  <label className="flex flex-col gap-1">
    {label}
    <select
      value={at ?? ''}
      onChange={(event) => choose(event.target.value === '' ? undefined : Number(event.target.value))}
      className={FIELD}
    >
      <option value="">{none}</option>
      {heads.map((head, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: headings may repeat, and their place is what they are known by
        <option key={i} value={i}>
          {head}
        </option>
      ))}
    </select>
  </label>
)

function HowChoice({ how, setHow }: { how: 'add' | 'set'; setHow: (how: 'add' | 'set') => void }) {
  return (
    <fieldset className="flex flex-wrap gap-x-5 gap-y-1">
      <legend className="mb-1 text-muted">The file’s figures count</legend>
      {HOWS.map(({ how: one, name }) => (
        <label key={one} className="flex items-center gap-2">
          <input
            type="radio"
            name="how"
            checked={how === one}
            onChange={() => setHow(one)}
            className="size-4 accent-brass"
          />
          {name}
        </label>
      ))}
    </fieldset>
  )
}

interface TakeInProps {
  readonly lines: Lines
  readonly how: 'add' | 'set'
  readonly useless: boolean
  readonly close: () => void
}

function TakeIn({ lines, how, useless, close }: TakeInProps) {
  const { run, progress } = useImport(close)
  return (
    <>
      {run.error && <Problem error={run.error} />}
      <div className="flex items-center justify-end gap-2">
        {progress !== undefined && (
          <p role="status" className="mr-auto text-muted">
            {digits(progress)} imported …
          </p>
        )}
        <Button onClick={close}>Not now</Button>
        <Button
          look="main"
          disabled={useless || lines.length === 0 || run.isPending}
          onClick={() => run.mutate({ lines, how })}
        >
          Import {digits(lines.length)} {lines.length === 1 ? 'person' : 'people'}
        </Button>
      </div>
    </>
  )
}

function Found({ lines, problems }: { lines: number; problems: readonly { line: number; problem: string }[] }) {
  return (
    <div role="status">
      <p>
        {digits(lines)} {lines === 1 ? 'line is' : 'lines are'} in order
        {problems.length > 0 && (
          <span className="text-brick-text">, {digits(problems.length)} cannot be imported and will be skipped:</span>
        )}
        {problems.length === 0 && '.'}
      </p>
      {problems.length > 0 && (
        <section
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard
          tabIndex={0}
          aria-label="Lines with problems"
          className="mt-1 max-h-40 overflow-y-auto rounded-md border border-line p-2 text-note"
        >
          {problems.slice(0, 500).map(({ line, problem }) => (
            <p key={line}>
              <span className="tabular text-muted">Line {digits(line)}:</span> {problem}
            </p>
          ))}
          {problems.length > 500 && <p className="text-muted">and {digits(problems.length - 500)} more</p>}
        </section>
      )}
    </div>
  )
}
