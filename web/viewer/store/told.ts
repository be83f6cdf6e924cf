import type { FactBody } from '#core/engine'
import { restInWords } from '#core/store'
import type { Channel, Reward } from '../channel.ts'

/** How much somebody is short of the tally that a reward costs; 0: nothing, or they are not signed in. */
export const shortOfTally = ({ tally }: Pick<Reward, 'tally'>): number =>
  tally === null || tally.has === null ? 0 : Math.max(0, tally.count - tally.has)

function changed(channel: Channel, id: number, change: (reward: Reward) => Reward): Channel {
  return { ...channel, rewards: channel.rewards.map((one) => (one.id === id ? change(one) : one)) }
}

/** The store with how many are left of a reward, as it was told: nobody has to ask for all of it again. */
export const withLeft = (channel: Channel, { reward: id, left }: FactBody<'store.stock'>): Channel =>
  changed(channel, id, (reward) => ({ ...reward, left }))

/** Whether the last one has just gone, or there are some again: why it cannot be bought is then another matter. */
export const turnsOver = ({ rewards }: Channel, { reward: id, left }: FactBody<'store.stock'>): boolean =>
  rewards.some((reward) => reward.id === id && (reward.left === 0) !== (left === 0))

/** The store with a reward that rests for everybody, as it was told. @param now - Seconds since 1970 by the server's clock. */
export function withRest(channel: Channel, { reward: id, until }: FactBody<'store.rests'>, now: number): Channel {
  const { changesAt } = channel
  const sentence = (name: string) => restInWords('rests', name, Math.max(1, Math.round(until - now)))
  const rested = changed(channel, id, (reward) =>
    reward.why === null ? { ...reward, why: { code: 'rests', until, sentence: sentence(reward.name) } } : reward,
  )
  return { ...rested, changesAt: changesAt === null ? until : Math.min(changesAt, until) }
}
