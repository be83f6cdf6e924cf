import type { AnswerTo } from '#core/engine'
import { type AdjustBalances, MOST_ADJUSTED } from '#core/people'
import type { Channels } from '../channels.ts'
import { answered } from '../http/index.ts'
import type { Adjusted } from './answers.ts'

/**
 * Corrects many people alike, so many in one intent that chat does not wait behind it.
 * @param key - Each part's key is made of it, so that a repeat changes nothing.
 * @throws the first refusal, as a problem.
 */
export async function adjustMany(
  channels: Channels,
  channel: number,
  key: string,
  ids: readonly number[],
  correction: Omit<AdjustBalances, 'kind' | 'viewers'>,
): Promise<Adjusted> {
  const done: AnswerTo<AdjustBalances>[] = []
  for (let i = 0; i < ids.length; i += MOST_ADJUSTED) {
    const viewers = ids.slice(i, i + MOST_ADJUSTED)
    done.push(
      answered(await channels.submit(channel, `${key}/${i}`, { kind: 'people.adjust', viewers, ...correction })),
    )
  }
  const sum = (name: 'asked' | 'changed' | 'total') => done.reduce((all, answer) => all + answer[name], 0)
  return {
    adjustments: done.map(({ adjustment }) => adjustment),
    asked: sum('asked'),
    changed: sum('changed'),
    total: sum('total'),
  }
}
