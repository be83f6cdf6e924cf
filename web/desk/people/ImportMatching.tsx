import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { digits } from '#core/currency'
import { type DateOrder, dateOrderOf, type ImportColumn, type ImportColumns, readImport } from '#core/people'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Checkbox } from '../../parts/form/inputs.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { dayText } from '../../parts/time.ts'
import { FIRST_LINE, guessColumns, type ImportFile, without } from './importFile.ts'
import { LinesFound } from './LinesFound.tsx'
import { useRanks } from './people.ts'
import { type Lines, useImport } from './useImport.ts'

const FIELD = 'rounded-md border border-line bg-surface px-2.5 py-1.5'

const ASKED = [
  { column: 'name', label: 'Name' },
  { column: 'account', label: 'Account' },
  { column: 'balance', label: 'Balance' },
  { column: 'hours', label: 'Hours watched' },
  { column: 'follower_since', label: 'Follower since' },
  { column: 'tier', label: 'Subscriber tier' },
  { column: 'subscribed_since', label: 'Subscriber since' },
  { column: 'subscribed_until', label: 'Subscriber until' },
  { column: 'moderator', label: 'Moderator' },
  { column: 'circles', label: 'Circles' },
  { column: 'account_made', label: 'Account made on' },
] as const satisfies readonly { readonly column: ImportColumn; readonly label: string }[]

const isAsked = (column: string): boolean => ASKED.some((one) => one.column === column)
const DATED = ['follower_since', 'subscribed_since', 'subscribed_until', 'account_made'] as const

/** Columns that say who it is, and nothing else. */
const NAMING: ReadonlySet<string> = new Set(['name', 'account', 'issuer'])

/** Which column holds what, what comes of it, and taking it in. */
export function Matching({ file, close }: { file: ImportFile; close: () => void }) {
  const matched = useMatched(file)
  const { columns, more, used, told, order, nameless, read } = matched
  const [how, setHow] = useState<'add' | 'set'>('add')
  const before = useBefore(file.name, read.lines)
  const useless = Object.keys(used).every((column) => NAMING.has(column))
  return (
    <>
      <ColumnChoices heads={file.heads} columns={columns} setColumns={matched.setColumns} />
      {more.length > 0 && (
        <Checkbox on={matched.all} onTick={matched.setAll}>
          Also import: {more.map((one) => one.replaceAll('_', ' ')).join(', ')}.
        </Checkbox>
      )}
      {told === undefined && (
        <Radios legend="A date like 3/4/2026 means" inRow value={order} choices={ORDERS} onChoose={matched.setOrder} />
      )}
      <Radios legend="The file’s figures are" inRow value={how} choices={HOWS} onChoose={setHow} />
      {before.brought && how === 'add' && (
        <Checkbox on={before.leave} onTick={before.setLeave}>
          A file of this name was imported on {dayText(before.brought.at ?? 0)}. Leave out the{' '}
          {digits(before.brought.accounts.length)} people it brought then, so that nothing is added twice.
        </Checkbox>
      )}
      {!nameless && <LinesFound file={file} lines={read.lines.length} problems={read.problems} />}
      <TakeIn
        called={file.name}
        lines={how === 'add' ? before.left : read.lines}
        how={how}
        useless={nameless || useless || before.waiting}
        close={close}
      />
    </>
  )
}

/** Which column holds what, and what the lines say by that. */
function useMatched(file: ImportFile) {
  const [columns, setColumns] = useState<ImportColumns>(() => guessColumns(file.heads))
  const [all, setAll] = useState(true)
  const [chosen, setOrder] = useState<DateOrder>()
  const more = Object.keys(columns).filter((column) => !isAsked(column))
  const used = useMemo(
    () => (all ? columns : Object.fromEntries(Object.entries(columns).filter(([column]) => isAsked(column)))),
    [all, columns],
  )
  const told = useMemo(() => orderIn(file, used), [file, used])
  const order = told === 'none' ? 'day' : (told ?? chosen ?? usualOrder())
  const nameless = used.name === undefined && used.account === undefined
  const read = useRead(file, used, order, nameless)
  return { columns, setColumns, all, setAll, more, used, told, order, setOrder, nameless, read }
}

const HOWS = [
  { value: 'add', name: 'added to what people have here' },
  { value: 'set', name: 'replacing what people have here' },
] as const
const ORDERS = [
  { value: 'day', name: '3 April' },
  { value: 'month', name: 'March 4' },
] as const

/** What the language of this browser puts first. */
const usualOrder = (): DateOrder => (navigator.language === 'en-US' ? 'month' : 'day')

function* cellsOf({ rows }: ImportFile, columns: readonly (number | undefined)[]): Generator<string> {
  for (const at of columns) if (at !== undefined) for (const cells of rows) yield cells[at] ?? ''
}

const orderIn = (file: ImportFile, columns: ImportColumns) =>
  dateOrderOf(
    cellsOf(
      file,
      DATED.map((column) => columns[column]),
    ),
  )

function useRead(file: ImportFile, columns: ImportColumns, order: DateOrder, nameless: boolean) {
  const circles = useRanks()?.circles
  return useMemo(
    () => (nameless ? { lines: [], problems: [] } : readImport(file.rows, columns, FIRST_LINE, circles ?? [], order)),
    [file, columns, order, nameless, circles],
  )
}

interface ColumnChoicesProps {
  readonly heads: readonly string[]
  readonly columns: ImportColumns
  readonly setColumns: (columns: ImportColumns) => void
}

const ColumnChoices = ({ heads, columns, setColumns }: ColumnChoicesProps) => (
  <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
    {ASKED.map(({ column, label }) => (
      <label key={column} className="flex flex-col gap-1">
        {label}
        <select
          value={columns[column] ?? ''}
          onChange={({ target: { value } }) =>
            setColumns(value === '' ? without(columns, column) : { ...columns, [column]: Number(value) })
          }
          className={FIELD}
        >
          <option value="">{column === 'name' ? 'choose a column' : 'not in the file'}</option>
          {heads.map((head, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: headings may repeat, and their place is what they are known by
            <option key={i} value={i}>
              {head}
            </option>
          ))}
        </select>
      </label>
    ))}
  </div>
)

interface TakeInProps {
  readonly called: string
  readonly lines: Lines
  readonly how: 'add' | 'set'
  readonly useless: boolean
  readonly close: () => void
}

function TakeIn({ called, lines, how, useless, close }: TakeInProps) {
  const { run, progress } = useImport(called, close)
  return (
    <>
      {run.error && <Problem error={run.error} />}
      <div className="sticky -bottom-5 flex items-center justify-end gap-2 bg-panel py-3">
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
          {lines.length === 0 && !useless
            ? 'Nothing new to import'
            : `Import ${digits(lines.length)} ${lines.length === 1 ? 'person' : 'people'}`}
        </Button>
      </div>
    </>
  )
}

/** Whom a file of the same name has brought, and which lines are left without them. */
function useBefore(called: string, lines: Lines) {
  const [leave, setLeave] = useState(true)
  const found = useQuery({
    queryKey: keyOf('imports', called),
    queryFn: ({ signal }) =>
      answerOf(api.GET('/desk/people/import/before', { params: { query: { called: called.slice(0, 100) } }, signal })),
    staleTime: 0,
  }).data
  const left = useMemo(() => {
    if (!leave || found === undefined) return lines
    const known = new Set(found.accounts.map((one) => JSON.stringify(one)))
    return lines.filter(({ issuer, account }) => !known.has(JSON.stringify([issuer ?? found.network, account])))
  }, [lines, found, leave])
  return { left, leave, setLeave, waiting: found === undefined, brought: found?.at == null ? undefined : found }
}
