import { digits } from '#core/currency'
import type { ImportProblem } from '#core/people'
import { Button } from '../../parts/Button.tsx'
import { saveFile } from '../../parts/saveFile.ts'
import { fileOfProblems, type ImportFile } from './importFile.ts'

const MOST_SHOWN = 500

interface LinesFoundProps {
  readonly file: ImportFile
  /** How many are in order. */
  readonly lines: number
  readonly problems: readonly ImportProblem[]
}

/** How many lines of a file are in order, and what is wrong with each of the others. */
export function LinesFound({ file, lines, problems }: LinesFoundProps) {
  const mending = () => new Blob([fileOfProblems(file, problems)], { type: 'text/csv' })
  return (
    <div role="status">
      <p>
        {digits(lines)} {lines === 1 ? 'line is' : 'lines are'} in order
        {problems.length > 0 && (
          <span className="text-brick-text">, {digits(problems.length)} cannot be imported and will be skipped.</span>
        )}
        {problems.length === 0 && '.'}
      </p>
      {problems.length > 0 && (
        <Button className="mt-1" onClick={() => saveFile(`fix ${file.name.replace(/\.\w+$/, '')}.csv`, mending())}>
          Save {problems.length === 1 ? 'this line' : 'these lines'} as a file, to fix and import separately
        </Button>
      )}
      {problems.length > 0 && (
        <section
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard
          tabIndex={0}
          aria-label="Lines with problems"
          className="mt-1 max-h-40 overflow-y-auto rounded-md border border-line p-2 text-note"
        >
          {problems.slice(0, MOST_SHOWN).map(({ line, problem }) => (
            <p key={line}>
              <span className="tabular text-muted">Line {digits(line)}:</span> {problem}
            </p>
          ))}
          {problems.length > MOST_SHOWN && (
            <p className="text-muted">and {digits(problems.length - MOST_SHOWN)} more</p>
          )}
        </section>
      )}
    </div>
  )
}
