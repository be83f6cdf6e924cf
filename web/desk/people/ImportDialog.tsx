import { useMemo, useState } from 'react'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Matching } from './ImportMatching.tsx'
import { bytesOf, ENCODINGS, type Encoding, type ImportFile, parsed } from './importFile.ts'

const FIELD = 'rounded-md border border-line bg-surface px-2.5 py-1.5'

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
    <FormDialog title="Import people from a CSV file" close={close} wide>
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
        Encoding
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
        <table className="w-full text-note whitespace-nowrap">
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
