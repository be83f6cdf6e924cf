import { useQuery } from '@tanstack/react-query'
import { inWords } from '#core/currency'
import type { Topic, Voice } from '#core/voice'
import { answerOf, api } from '../../parts/api.ts'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Checkbox, Select } from '../../parts/form/inputs.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { useChange } from '../../parts/useChange.ts'
import { useSampleNames } from '../people/sampleNames.ts'
import { BotOut } from '../show/BotButtons.tsx'
import { useStatus } from '../status.ts'
import { commandsQuery } from './view.ts'

const TOPICS: readonly { readonly topic: Topic; readonly says: string }[] = [
  { topic: 'answers', says: 'Replies to commands in chat' },
  { topic: 'store', says: 'Purchases on the viewer page' },
  { topic: 'games', says: 'Games' },
  { topic: 'raffles', says: 'Raffles' },
  { topic: 'thanks', says: 'Thanks for follows, subscriptions, raids, tips and cheers' },
  { topic: 'ranks', says: 'Promotions to a rank' },
  { topic: 'triggers', says: 'Triggers' },
]

const sampleOf = (name: string, has: string): Readonly<Record<Reply, string>> => ({
  plain: `${name} has ${has}.`,
  mention: `@${name} has ${has}.`,
  private: `to ${name} alone: ${name} has ${has}.`,
})

/** How the bot speaks, and about what. Every change is live at once. */
export function VoicePage() {
  const view = useQuery(commandsQuery)
  return (
    <div className="flex max-w-3xl flex-col gap-4">
      {view.isPending && <Loading what="how the bot speaks" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      {view.data && <VoiceForm fair={view.data.words.fair.word} voice={view.data.voice} />}
    </div>
  )
}

const REPLIES = [
  { value: 'plain', name: 'in the room, without their name' },
  { value: 'mention', name: 'in the room, with their name' },
  { value: 'private', name: 'privately' },
] as const

type Reply = Voice['reply']

function Replies({ reply, choose }: { readonly reply: Reply; readonly choose: (reply: Reply) => void }) {
  const [name] = useSampleNames()
  const sample = sampleOf(name, inWords(1204, useStatus().currency))
  return (
    <>
      <div className="flex flex-wrap items-center gap-3">
        <span>Replies</span>
        <Select label="How replies are written" value={reply} choices={REPLIES} onChoose={choose} />
      </div>
      <p className="rounded-md bg-surface px-3 py-1.5">
        <span className="font-semibold text-brass-text">Ricompensa</span> {sample[reply]}
      </p>
    </>
  )
}

interface SpeakingProps {
  /** The word by which viewers find the pages that check draws. */
  readonly fair: string
  readonly voice: Voice
  readonly put: (patch: Partial<Voice>) => void
}

/** Whether the bot speaks, and how it puts it. */
function Speaking({ fair, voice, put }: SpeakingProps) {
  return (
    <Panel title="Speaking" aside="live" bodyClassName="flex flex-col gap-3 p-4">
      <Checkbox on={!voice.muted} onTick={(on) => put({ muted: !on })}>
        The bot speaks in chat. When muted, everything keeps working and balances still change; it says nothing.
      </Checkbox>
      <Replies reply={voice.reply} choose={(reply) => put({ reply })} />
      <Checkbox on={voice.hints} onTick={(hints) => put({ hints })}>
        A mistyped command gets a hint: “did you mean !lamp?”; so does the word of a game that is off.
      </Checkbox>
      <Checkbox on={voice.commitments ?? false} onTick={(commitments) => put({ commitments })}>
        {`When a round or raffle opens, it says the first digits of the commitment. Their pages show it in any case, and !${fair} leads there.`}
      </Checkbox>
    </Panel>
  )
}

function VoiceForm({ fair, voice }: Pick<SpeakingProps, 'fair' | 'voice'>) {
  const save = useChange({
    ask: (patch: Partial<Voice>) => answerOf(api.PUT('/desk/voice', { body: patch })),
    invalidates: ['commands', 'status'],
    said: 'The bot’s settings are saved.',
  })
  const tick = (topic: Topic) => (on: boolean) =>
    save.mutate({ silent: on ? voice.silent.filter((one) => one !== topic) : [...voice.silent, topic] })
  return (
    <>
      <Speaking fair={fair} voice={voice} put={save.mutate} />
      <Panel title="In the room" aside="live" bodyClassName="flex flex-col items-start gap-3 p-4">
        <Checkbox on={voice.withShow ?? false} onTick={(withShow) => save.mutate({ withShow })}>
          It comes into the room with the show and leaves with it. Off air it hears nothing and nobody is seen to be
          there.
        </Checkbox>
        <BotOut voice={voice} />
      </Panel>
      <Panel title="What it talks about" aside="live" bodyClassName="flex flex-col gap-2 p-4">
        {TOPICS.map(({ topic, says }) => (
          <Checkbox key={topic} on={!voice.silent.includes(topic)} onTick={tick(topic)}>
            {says}
          </Checkbox>
        ))}
        <p className="text-muted">
          It keeps to the network’s rate limit. When many people ask the same at once, one line answers them all.
        </p>
      </Panel>
    </>
  )
}
