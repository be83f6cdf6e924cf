import type { AnswerTo, Intent } from '#core/engine'
import { type RaffleSettings, SPEND_FOR_MORE } from '#core/raffles'
import type { Result } from '#core/world'
import { systemClock } from '#server/clock.ts'
import { connectWriter } from '#server/database/index.ts'
import { ChannelWriter, envelope } from '#server/writer/index.ts'
import type { Stage } from './stage.ts'
import { openTogether } from './together.ts'

const raffle = (word: string, closeSeconds: number): RaffleSettings => ({
  ...SPEND_FOR_MORE,
  title: word,
  prize: { of: 'pot', share: 40 },
  word: { word, aliases: [] },
  price: 1,
  winners: 2,
  closeSeconds,
  remind: { everyMinutes: 1, beforeMinutes: [] },
  soonSeconds: 2,
  thisShow: false,
  suspenseSeconds: 1,
  claimSeconds: 3,
  redraw: 'itself',
  draw: 'all',
})

/**
 * Opens bets and goals, and raffles that close and draw by themselves while servers die: a trigger draws as soon as one is closed. To be called
 * once people have something to enter with.
 */
export async function openRaffles({ postgres, channel }: Stage): Promise<void> {
  const pool = connectWriter(postgres.url, 2)
  const writer = new ChannelWriter({ pool, channel, onFacts: () => {} })
  const submit: Submit = (key, intent) => writer.submit({ ...intent, ...envelope(key, systemClock()) })
  await open(submit)
  await openTogether(submit)
  await pool.end()
}

type Submit = <I extends Intent>(key: string, intent: I) => Promise<Result<AnswerTo<I>>>

async function open(submit: Submit): Promise<void> {
  for (const [word, seconds] of [
    ['in', 15],
    ['late', 25],
  ] as const) {
    const settings = raffle(word, seconds)
    const kept = await submit(`setup/${word}`, { kind: 'raffle.saveSetup', setup: null, settings, digit: null })
    const setup = Number(kept.ok && kept.value.setup)
    const who = { everyone: true, streamer: false, standings: [], rank: null, people: [] }
    const limits = { everyoneSeconds: 0, eachSeconds: 0, perViewer: 0, perShow: 0 }
    const draws = {
      name: word,
      group: '',
      on: true,
      source: { of: 'raffleClosed', setup },
      who,
      onAir: false,
      limits,
    } as const
    await submit(`draws/${word}`, {
      kind: 'trigger.save',
      trigger: null,
      settings: { ...draws, steps: [{ do: 'raffle', how: 'draw', setup }] },
    })
    await submit(`start/${word}`, { kind: 'raffle.start', settings, opens: { of: 'now' }, setup, by: 'wanda' })
  }
}
