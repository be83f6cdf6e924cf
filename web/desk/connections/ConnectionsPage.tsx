import { useQuery } from '@tanstack/react-query'
import { answerOf, api, signOut } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Light } from '../../parts/feedback/Light.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { timeText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { useCopy } from '../../parts/useCopy.ts'
import { BotOut } from '../show/BotButtons.tsx'
import { useStatus } from '../status.ts'
import { type Connections, connectionsQuery } from './connections.ts'
import { EventLog } from './EventLog.tsx'
import { Secrets } from './Secrets.tsx'
import { SecurityPanel } from './SecurityPanel.tsx'
import { TipsPanel } from './TipsPanel.tsx'

/** What the channel is connected to, in plain sentences, each with a way to test it. */
export function ConnectionsPage() {
  const found = useQuery(connectionsQuery)
  return (
    <div className="flex max-w-4xl flex-col gap-4">
      {found.isPending && <Loading what="the connections" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && (
        <>
          <ChatPanel chat={found.data.chat} />
          <TipsPanel tips={found.data.tips} />
          <EventsPanel {...found.data} />
          <SignedInPanel />
          <SecurityPanel />
        </>
      )}
    </div>
  )
}

function ChatPanel({ chat }: { chat: Connections['chat'] }) {
  const { voice } = useStatus()
  const connected = chat.status === 'connected'
  const test = useChange({
    ask: () => answerOf(api.POST('/desk/connections/chat-test')),
    invalidates: [],
    said: ({ muted }) =>
      muted
        ? 'The bot is muted, so the test shows on the desk only.'
        : connected
          ? 'The bot says a test line in chat now. It also shows in the chat list of On air.'
          : 'Chat is not connected. The test line is said if it comes back within half a minute.',
  })
  return (
    <Panel title="Chat" aside={chat.since > 0 && `since ${timeText(chat.since)}`}>
      <div className="flex items-center gap-4 px-4 py-3">
        <Light good={connected}>{chat.sentence}</Light>
        <Button
          needs="act"
          className="ml-auto"
          onClick={() => test.mutate()}
          disabled={test.isPending || chat.status === 'off' || chat.status === 'out'}
        >
          Say a test line
        </Button>
      </div>
      <div className="px-4 pb-3">
        <BotOut voice={voice} />
      </div>
      {voice.muted && <p className="px-4 pb-3 text-muted">The bot is muted: it answers on the desk only.</p>}
    </Panel>
  )
}

function EventsPanel({ eventsAddress, secrets, events, refusals }: Connections) {
  const test = useChange({
    ask: () => answerOf(api.POST('/desk/connections/event-test')),
    invalidates: ['connections'],
    said: 'A test event was signed, sent and received.',
  })
  const copy = useCopy()
  return (
    <Panel title="Events from outside">
      <div className="flex flex-col gap-3 border-b border-line px-4 py-3">
        <p className="text-muted">
          Follows, subscriptions, tips and other events arrive here. Have the service that reports them send to this
          address, signed with one of the secrets.
        </p>
        <div className="flex items-center gap-3">
          <code className="min-w-0 flex-1 truncate rounded-md border border-line bg-surface px-3 py-1.5 text-note">
            {eventsAddress}
          </code>
          <Button
            onClick={() => copy(eventsAddress, 'The address is copied.', 'Select the address and copy it yourself.')}
          >
            Copy
          </Button>
          <Button needs="act" onClick={() => test.mutate()} disabled={test.isPending}>
            Send a test event
          </Button>
        </div>
      </div>
      <Secrets secrets={secrets} />
      <EventLog events={events} refusals={refusals} />
    </Panel>
  )
}

function SignedInPanel() {
  const { caller } = useStatus()
  const leave = () => void signOut('desk', 'everywhere').then(() => window.location.reload())
  return (
    <Panel title="Your sign-in">
      <div className="flex items-center gap-4 px-4 py-3">
        <p>
          Signed in as <strong>{caller}</strong>. If a device is lost, or a browser was left open somewhere:
        </p>
        <Button className="ml-auto" onClick={leave}>
          Sign out everywhere
        </Button>
      </div>
    </Panel>
  )
}
