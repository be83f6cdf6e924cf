import { useQuery } from '@tanstack/react-query'
import { digits } from '#core/currency'
import type { Answer } from '../../parts/api/called.ts'
import { Figure } from '../../parts/Figure.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { hoursText } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { presentQuery } from './present.ts'

/** Who is in the room, how long tonight, and what they hold. A row opens the person's trail. */
export function PresentList({ onViewer }: { onViewer: (id: number) => void }) {
  const present = useQuery(presentQuery)
  const list = present.data?.viewers ?? []
  const more = (present.data?.total ?? 0) - list.length
  return (
    <Panel
      title="Present"
      aside={present.data && `${present.data.total} in the room, ${present.data.chatting} chatting`}
      className="min-h-64"
    >
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard */}
      <section className="h-full overflow-y-auto" tabIndex={0} aria-label="People present">
        {present.isPending && <Loading what="who is present" />}
        {present.isError && (
          <div className="p-3">
            <Problem error={present.error} retry={() => void present.refetch()} />
          </div>
        )}
        {present.data && list.length === 0 && <Empty>Nobody is in the room. Who joins the chat shows up here.</Empty>}
        {list.length > 0 && <PresentTable list={list} onViewer={onViewer} />}
        {more > 0 && <p className="border-t border-line px-4 py-2 text-muted">and {more} more</p>}
      </section>
    </Panel>
  )
}

interface PresentTableProps {
  readonly list: Answer<'/desk/present'>['viewers']
  readonly onViewer: (id: number) => void
}

function PresentTable({ list, onViewer }: PresentTableProps) {
  const { currency, show } = useStatus()
  // Figures are never cut: their column is as wide as the longest of them, and names give way.
  const widest = Math.max(currency.many.length, ...list.map(({ balance }) => digits(balance).length)) + 1
  return (
    <table className="w-full table-fixed">
      <colgroup>
        <col />
        {show && <col className="w-18" />}
        <col style={{ width: `calc(${widest}ch + 2rem)` }} />
      </colgroup>
      <thead className="sticky top-0 bg-panel text-left text-sm text-muted">
        <tr>
          <th scope="col" className="py-1.5 pl-4 font-medium">
            Viewer
          </th>
          {show && (
            <th scope="col" className="px-2 py-1.5 text-right font-medium">
              Tonight
            </th>
          )}
          <th scope="col" className="py-1.5 pr-4 text-right font-medium">
            {currency.many}
          </th>
        </tr>
      </thead>
      <tbody>
        {list.map((viewer) => (
          <Present key={viewer.id} viewer={viewer} shows={show !== null} onViewer={onViewer} />
        ))}
      </tbody>
    </table>
  )
}

interface PresentProps extends Pick<PresentTableProps, 'onViewer'> {
  readonly viewer: PresentTableProps['list'][number]
  /** Whether it says how long they were there tonight. */
  readonly shows: boolean
}

function Present({ viewer: { id, name, moderator, balance, tonight }, shows, onViewer }: PresentProps) {
  return (
    <tr className="border-t border-line hover:bg-raised">
      <td className="py-1.5 pl-4">
        <div className="flex items-baseline">
          <button type="button" onClick={() => onViewer(id)} className="min-w-touch truncate text-left hover:underline">
            {name}
          </button>
          {moderator && <span className="ml-2 text-sm text-steel-text">mod</span>}
        </div>
      </td>
      {shows && <td className="tabular px-2 py-1.5 text-right text-muted">{hoursText(tonight ?? 0)}</td>}
      <td className="py-1.5 pr-4 text-right">
        <Figure value={balance} />
      </td>
    </tr>
  )
}
