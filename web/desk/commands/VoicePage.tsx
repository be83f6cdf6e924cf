import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { Topic, Voice } from '#core/voice'
import { answerOf, api } from '../../parts/api.ts'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { PageTitle } from '../../parts/PageTitle.tsx'
import { Panel } from '../../parts/Panel.tsx'
import { useToast } from '../../parts/toasts.tsx'
import { Checkbox, Select } from './inputs.tsx'
import { commandsQuery } from './view.ts'

const TOPICS: readonly { readonly topic: Topic; readonly says: string }[] = [
  { topic: 'answers', says: 'Answers to who asked in chat' },
  { topic: 'store', says: 'What was bought on the viewer page' },
  { topic: 'games', says: 'What happens in the games' },
  { topic: 'raffles', says: 'What happens in raffles' },
  { topic: 'thanks', says: 'Thanks for follows, subscriptions, raids, tips and cheers' },
  { topic: 'ranks', says: 'Who has reached a rank' },
  { topic: 'triggers', says: 'What triggers say' },
]

const SAMPLE = {
  plain: 'valve_vera has 1,204 rivets.',
  mention: '@valve_vera has 1,204 rivets.',
  private: 'to valve_vera alone: valve_vera has 1,204 rivets.',
} as const

/** How the bot speaks, and about what. Every change is live at once. */
export function VoicePage() {
  const view = useQuery(commandsQuery)
  return (
    <div className="flex max-w-3xl flex-col gap-4">
      <PageTitle>The bot’s voice</PageTitle>
      {view.isPending && <Loading what="how the bot speaks" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      {view.data && <VoiceForm voice={view.data.voice} />}
    </div>
  )
}

function VoiceForm({ voice }: { voice: Voice }) {
  const client = useQueryClient()
  const toast = useToast()
  const save = useMutation({
    mutationFn: (patch: Partial<Voice>) => answerOf(api.PUT('/desk/voice', { body: patch })),
    onSuccess: async () => {
      toast({ text: 'The bot speaks like that from now on.' })
      await client.invalidateQueries({ queryKey: ['commands'] })
      await client.invalidateQueries({ queryKey: ['status'] })
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
  const tick = (topic: Topic) => (on: boolean) =>
    save.mutate({ silent: on ? voice.silent.filter((one) => one !== topic) : [...voice.silent, topic] })
  return (
    <>
      <Panel title="Speaking" aside="live" bodyClassName="flex flex-col gap-3 p-4">
        <Checkbox on={!voice.muted} onTick={(on) => save.mutate({ muted: !on })}>
          The bot speaks in chat. Muted, everything goes on and money still moves; nothing is said.
        </Checkbox>
        <div className="flex flex-wrap items-center gap-3">
          <span>Who asks is answered</span>
          <Select
            label="How who asks is answered"
            value={voice.reply}
            choices={[
              { value: 'plain', name: 'plainly, in the room' },
              { value: 'mention', name: 'by their name, in the room' },
              { value: 'private', name: 'privately' },
            ]}
            onChoose={(reply) => save.mutate({ reply })}
          />
        </div>
        <p className="rounded-md bg-surface px-3 py-1.5">
          <span className="font-semibold text-brass-text">Ricompensa</span> {SAMPLE[voice.reply]}
        </p>
        <Checkbox on={voice.hints} onTick={(hints) => save.mutate({ hints })}>
          A word that is nearly right gets a hint: “did you mean !lamp?”
        </Checkbox>
      </Panel>
      <Panel title="What it speaks about" aside="live" bodyClassName="flex flex-col gap-2 p-4">
        {TOPICS.map(({ topic, says }) => (
          <Checkbox key={topic} on={!voice.silent.includes(topic)} onTick={tick(topic)}>
            {says}
          </Checkbox>
        ))}
        <p className="text-muted">
          It says as much as the network takes; where ten people ask the same at once, their answers share a line.
        </p>
      </Panel>
    </>
  )
}
