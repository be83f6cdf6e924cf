import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { digits } from '#core/currency'
import { type ImportColumns, readImport } from '#core/people'
import { ApiProblem, change } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/FormDialog.tsx'
import { Problem } from '../../parts/Notice.tsx'
import { useToast } from '../../parts/toasts.tsx'
import {
  bytesOf,
  ENCODINGS,
  type Encoding,
  guessColumns,
  type ImportFile,
  type Part,
  parsed,
  partsOf,
  without,
} from './importFile.ts'
import { useRanks } from './people.ts'

const FIELD = 'rounded-md border border-line bg-surface px-2.5 py-1.5'
const HOWS = [
  { how: 'add', name: 'on top of what people have here' },
  { how: 'set', name: 'in place of what people have here' },
] as const

interface Chosen {
  readonly name: string
  readonly bytes: Uint8Array
}

/** Takes people in from a file: columns are matched, problems are listed by line, and only then is anything written. */
export function ImportDialog({ close }: { close: () => void }) {
  const [chosen, setChosen] = useState<Chosen>()
  const [encoding, setEncoding] = useState<Encoding>()
  const [fault, setFault] = useState<Error>()
  const take = (file: File | undefined) => {
    setFault(undefined)
    setEncoding(undefined)
    if (file) bytesOf(file).then((bytes) => setChosen({ name: file.name, bytes }), setFault)
  }
  const read = useMemo(() => (chosen === undefined ? undefined : tried(chosen, encoding)), [chosen, encoding])
  return (
    <FormDialog title="Take people in from a CSV file" close={close} wide>
      <label className="flex flex-col gap-1">
        A file with a line of headings, then one line for each person
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          onChange={(event) => take(event.target.files?.[0])}
          className={FIELD}
        />
      </label>
      {(fault ?? read?.fault) && <Problem error={(fault ?? read?.fault) as Error} />}
      {read?.file && (
        <>
          <Preview file={read.file} setEncoding={setEncoding} />
          <Matching key={read.file.name + read.file.heads.join()} file={read.file} close={close} />
        </>
      )}
    </FormDialog>
  )
}

function tried({ name, bytes }: Chosen, encoding: Encoding | undefined): { file?: ImportFile; fault?: Error } {
  try {
    return { file: parsed(name, bytes, encoding) }
  } catch (fault) {
    return { fault: fault as Error }
  }
}

const PREVIEWED = 3

/** The first lines as they were read, so that wrong letters are seen before anything is taken in. */
function Preview({ file, setEncoding }: { file: ImportFile; setEncoding: (encoding: Encoding) => void }) {
  return (
    <div className="flex flex-col gap-2">
      <label className="flex items-center gap-2">
        Its letters are written as
        <select
          value={file.encoding}
          onChange={(event) => setEncoding(event.target.value as Encoding)}
          className={FIELD}
        >
          {ENCODINGS.map(({ encoding, name }) => (
            <option key={encoding} value={encoding}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <section
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard
        tabIndex={0}
        aria-label="The first lines of the file"
        className="overflow-x-auto rounded-md border border-line"
      >
        <table className="w-full text-[0.93rem] whitespace-nowrap">
          <thead className="text-muted">
            <Cells cells={file.heads} head />
          </thead>
          <tbody>
            {file.rows.slice(0, PREVIEWED).map((cells, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a line of a file is known by its place
              <Cells key={i} cells={cells} />
            ))}
          </tbody>
        </table>
      </section>
    </div>
  )
}

function Cells({ cells, head = false }: { cells: readonly string[]; head?: boolean }) {
  const Cell = head ? 'th' : 'td'
  return (
    <tr className="border-line border-b last:border-0">
      {cells.map((cell, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a cell of a file is known by its place
        <Cell key={i} className="max-w-56 truncate px-2 py-1 text-left font-normal" {...(head && { scope: 'col' })}>
          {cell}
        </Cell>
      ))}
    </tr>
  )
}

const ASKED = [
  { column: 'name', label: 'Name of the account' },
  { column: 'balance', label: 'Balance' },
  { column: 'hours', label: 'Hours watched' },
] as const
type Asked = (typeof ASKED)[number]['column']
const isAsked = (column: string): column is Asked => ASKED.some((one) => one.column === column)

function Matching({ file, close }: { file: ImportFile; close: () => void }) {
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
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            checked={all}
            onChange={(event) => setAll(event.target.checked)}
            className="size-4 accent-brass"
          />
          <span>Also take in what the file says of: {more.map((one) => one.replaceAll('_', ' ')).join(', ')}.</span>
        </label>
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
            {digits(progress)} taken in …
          </p>
        )}
        <Button onClick={close}>Not now</Button>
        <Button
          look="main"
          disabled={useless || lines.length === 0 || run.isPending}
          onClick={() => run.mutate({ lines, how })}
        >
          Take in {digits(lines.length)} {lines.length === 1 ? 'person' : 'people'}
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
          <span className="text-brick-text">, {digits(problems.length)} cannot be taken in and will be left out:</span>
        )}
        {problems.length === 0 && '.'}
      </p>
      {problems.length > 0 && (
        <section
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard
          tabIndex={0}
          aria-label="Lines with problems"
          className="mt-1 max-h-40 overflow-y-auto rounded-md border border-line p-2 text-[0.93rem]"
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

interface Taken {
  readonly again: boolean
  readonly added: number
  readonly changed: number
}

const WAIT_MS = 3000

/** Hands in a part; told to wait, it waits and goes on, so that a long file is not left half taken in. */
async function takeIn(part: Part): Promise<Taken> {
  for (;;) {
    try {
      return await change<Taken>('POST', '/desk/people/import', part)
    } catch (fault) {
      if (!(fault instanceof ApiProblem) || fault.status !== 429) throw fault
      await new Promise((later) => setTimeout(later, WAIT_MS))
    }
  }
}

type Lines = ReturnType<typeof readImport>['lines']

function useImport(close: () => void) {
  const client = useQueryClient()
  const toast = useToast()
  const [progress, setProgress] = useState<number>()
  const run = useMutation({
    mutationFn: async ({ lines, how }: { lines: Lines; how: 'add' | 'set' }) => {
      let [added, changed, again] = [0, 0, 0]
      for (const part of await partsOf(lines, how)) {
        const done = await takeIn(part)
        added += done.added
        changed += done.changed
        if (done.again) again += part.lines.length
        setProgress((before) => (before ?? 0) + part.lines.length)
      }
      return { added, changed, again }
    },
    onSuccess: async ({ added, changed, again }) => {
      const known = again > 0 ? ` ${digits(again)} had been taken in before and were left as they are.` : ''
      toast({ text: `${digits(changed)} people have the file’s figures, ${digits(added)} of them new.${known}` })
      close()
      await client.invalidateQueries({ queryKey: ['people'] })
    },
  })
  return { run, progress }
}
