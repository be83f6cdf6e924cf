import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Light } from '../../parts/feedback/Light.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { useChange } from '../../parts/useChange.ts'
import type { ChannelView } from './view.ts'

const SAYS = {
  goes: 'The channel is open.',
  owner: 'The channel is paused. Viewers see what they have, and can buy, play and enter nothing.',
  operator: 'Whoever runs this installation has paused the channel. Only they can resume it: ask them.',
} as const

/** Pauses the channel for a while, or resumes it. */
export function PausePanel({ channel: { pausedBy } }: { readonly channel: ChannelView }) {
  const paused = pausedBy !== null
  const change = useChange({
    ask: () => answerOf(api.POST('/desk/channel/pause', { body: { paused: !paused } })),
    invalidates: ['channelState', 'status'],
    said: paused ? 'The channel is open again.' : 'The channel is paused.',
  })
  return (
    <Panel title="Pause" bodyClassName="flex flex-col items-start gap-3 p-4">
      <Light good={!paused}>{SAYS[pausedBy ?? 'goes']}</Light>
      {!paused && (
        <p className="text-muted">
          For a holiday, say. Pausing ends a show that is on air and calls off games with every stake refunded. The bot
          leaves the room. Nothing anybody has is lost; support that comes in meanwhile is counted.
        </p>
      )}
      {pausedBy !== 'operator' && (
        <Button look={paused ? 'main' : 'plain'} onClick={() => change.mutate()} disabled={change.isPending}>
          {paused ? 'Resume the channel' : 'Pause the channel'}
        </Button>
      )}
    </Panel>
  )
}
