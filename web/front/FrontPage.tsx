import { useQuery } from '@tanstack/react-query'
import { answerOf } from '../parts/api.ts'
import { ButtonLink } from '../parts/Button.tsx'
import { Light } from '../parts/feedback/Light.tsx'
import { Loading, Problem } from '../parts/feedback/Notice.tsx'
import { installation } from '../parts/installation.ts'
import { Empty, Panel } from '../parts/page/Panel.tsx'
import { keyOf } from '../parts/queryKey.ts'
import { FrontFrame } from './FrontFrame.tsx'
import { openingQuery } from './opening.ts'

/** The channels that anybody may find here, and the ways to one's own desk. */
export function FrontPage() {
  const found = useQuery({
    queryKey: keyOf('openChannels'),
    queryFn: ({ signal }) => answerOf(installation.GET('/api/channels', { signal })),
  })
  const opening = useQuery(openingQuery).data
  return (
    <FrontFrame title="Channels">
      {found.isPending && <Loading what="the channels" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && <Channels channels={found.data.channels} />}
      <div className="flex flex-wrap gap-2">
        <ButtonLink to="/desk" reloadDocument>
          To your desk
        </ButtonLink>
        {opening?.possible && <ButtonLink to="/claim">Open a channel</ButtonLink>}
      </div>
    </FrontFrame>
  )
}

interface ChannelsProps {
  readonly channels: readonly { readonly slug: string; readonly name: string; readonly onAir: boolean }[]
}

const Channels = ({ channels }: ChannelsProps) => (
  <Panel title="Channels to visit" aside={channels.length === 1 ? '1 channel' : `${channels.length} channels`}>
    {channels.length === 0 ? (
      <Empty>No channel can be found here yet. If you know the address of one, open that.</Empty>
    ) : (
      <ul>
        {channels.map(({ slug, name, onAir }) => (
          <li key={slug} className="border-b border-line last:border-b-0">
            <a href={`/c/${slug}`} className="flex min-h-touch items-center gap-3 px-4 py-2.5 hover:bg-raised">
              <span className="min-w-0 flex-1 font-semibold break-words">{name}</span>
              {onAir && <Light good>on air</Light>}
            </a>
          </li>
        ))}
      </ul>
    )}
  </Panel>
)
