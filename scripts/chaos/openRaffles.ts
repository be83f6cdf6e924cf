import type { Intent } from '#core/engine'
import { type RaffleSettings, SPEND_FOR_MORE } from '#core/raffles'

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

type Submit = (key: string, intent: Intent) => Promise<{ readonly ok: boolean; readonly value?: unknown }>

/** Raffles that close and draw by themselves while servers die: a trigger draws as soon as one is closed. */
export async function openRaffles(submit: Submit): Promise<void> {
  for (const [word, seconds] of [
    ['in', 15],
    ['late', 25],
  ] as const) {
    const settings = raffle(word, seconds)
    const kept = await submit(`setup/${word}`, { kind: 'raffle.saveSetup', setup: null, settings, digit: null })
    const setup = Number((kept.value as { setup: number }).setup)
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
