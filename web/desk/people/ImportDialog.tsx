import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { digits } from '#core/currency'
import { readImport } from '#core/people'
import { ApiProblem, change } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/FormDialog.tsx'
import { Problem } from '../../parts/Notice.tsx'
import { useToast } from '../../parts/toasts.tsx'
import { type Columns, guessColumns, type ImportFile, type Part, partsOf, readFile } from './importFile.ts'

const FIELD = 'rounded-md border border-line bg-surface px-2.5 py-1.5'
const HOWS = [
  { how: 'add', name: 'on top of what people have here' },
  { how: 'set', name: 'in place of what people have here' },
] as const

/** Takes people in from a file: columns are matched, problems are listed by line, and only then is anything written. */
export function ImportDialog({ close }: { close: () => void }) {
  const [file, setFile] = useState<ImportFile>()
  const [fault, setFault] = useState<Error>()
  const take = (chosen: File | undefined) => {
    setFault(undefined)
    if (chosen) readFile(chosen).then(setFile, setFault)
  }
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
      {fault && <Problem error={fault} />}
      {file && <Matching key={file.name + file.rows.length} file={file} close={close} />}
    </FormDialog>
  )
}

const ASKED = [
  { column: 'name', label: 'Name of the account' },
  { column: 'balance', label: 'Balance' },
  { column: 'hours', label: 'Hours watched' },
] as const

function Matching({ file, close }: { file: ImportFile; close: () => void }) {
  const [columns, setColumns] = useState<Columns>(() => guessColumns(file.heads))
  const [how, setHow] = useState<'add' | 'set'>('add')
  const nameless = columns.name === undefined
  const read = nameless ? { lines: [], problems: [] } : readImport(file.rows, columns, 2)
  const useless = columns.balance === undefined && columns.hours === undefined
  const { run, progress } = useImport(close)
  return (
    <>
      <div className="grid grid-cols-3 gap-3">
        {ASKED.map(({ column, label }) => (
          <label key={column} className="flex flex-col gap-1">
            {label}
            <select
              value={columns[column] ?? ''}
              onChange={(event) =>
                setColumns({ ...columns, [column]: event.target.value === '' ? undefined : Number(event.target.value) })
              }
              className={FIELD}
            >
              <option value="">{column === 'name' ? 'choose a column' : 'not in the file'}</option>
              {file.heads.map((head, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: headings may repeat, and their place is what they are known by
                <option key={i} value={i}>
                  {head}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
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
      {!nameless && <Found lines={read.lines.length} problems={read.problems} />}
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
          disabled={nameless || useless || read.lines.length === 0 || run.isPending}
          onClick={() => run.mutate({ lines: read.lines, how })}
        >
          Take in {digits(read.lines.length)} {read.lines.length === 1 ? 'person' : 'people'}
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
