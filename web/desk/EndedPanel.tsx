import type { ReactNode } from 'react'
import { Button } from '../parts/Button.tsx'
import { Loading, Problem } from '../parts/feedback/Notice.tsx'
import { INPUT } from '../parts/form/inputs.tsx'
import { Panel } from '../parts/page/Panel.tsx'
import type { Column } from '../parts/table/column.ts'
import { DataTable } from '../parts/table/DataTable.tsx'

/** How many are asked for at once: a shorter page is the last. */
export const ENDED_PAGE = 30

interface EndedPanelProps<R> {
  /** What they are, in the plural: "raffles". */
  readonly many: string
  readonly rows: readonly R[]
  readonly columns: readonly Column<R>[]
  /** How it goes with asking for them. */
  readonly asked: {
    readonly isPending: boolean
    readonly error: Error | null
    readonly hasNextPage: boolean
    readonly isFetchingNextPage: boolean
    readonly refetch: () => unknown
    readonly fetchNextPage: () => unknown
  }
  /** What is searched for. @param in - What it is searched in: "titles and winners". */
  readonly search: {
    readonly text: string
    readonly setText: (text: string) => void
    readonly in: string
    readonly example: string
  }
  readonly nothing: string
  readonly noMatch: string
  readonly aside?: ReactNode
}

/** What has ended, the latest first: searched, and shown page by page. */
export function EndedPanel<R extends { readonly id: number }>(props: EndedPanelProps<R>) {
  const { many, rows, columns, asked, search, nothing, noMatch, aside } = props
  return (
    <Panel title="Ended">
      <div className="flex flex-wrap items-center gap-3 border-b border-line px-4 py-2">
        <input
          aria-label={`Search in ${search.in}`}
          placeholder={search.example}
          value={search.text}
          maxLength={60}
          onChange={(event) => search.setText(event.target.value)}
          className={`w-72 ${INPUT}`}
        />
        {aside}
      </div>
      {asked.isPending && <Loading what="what has ended" />}
      {asked.error && <Problem error={asked.error} retry={() => void asked.refetch()} />}
      {!asked.isPending && asked.error === null && rows.length === 0 && (
        <p className="px-4 py-3 text-muted">{search.text.trim() === '' ? nothing : noMatch}</p>
      )}
      {rows.length > 0 && (
        <DataTable inPanel label={`Ended ${many}`} rows={rows} columns={columns} keyOf={({ id }) => id} />
      )}
      {asked.hasNextPage && (
        <Button className="m-3" disabled={asked.isFetchingNextPage} onClick={() => void asked.fetchNextPage()}>
          Show more
        </Button>
      )}
    </Panel>
  )
}
