import type { ViewerRow } from '../people/index.ts'
import type { RewardRow } from '../store/index.ts'
import type { Asker } from '../voice/index.ts'
import type { Need, World } from '../world/index.ts'
import { nearReward } from './nearReward.ts'
import {
  boughtInWords,
  buy,
  needPurchase,
  openWords,
  rewardByWord,
  splitOnce,
  takeWords,
  tellCode,
} from './purchase.ts'

/** What "!get word ..." needs. */
export function needGet(world: World, rest: string, account: string): Need[] {
  const reward = rewardByWord(world, splitOnce(rest)[0])
  return reward === undefined ? [] : needPurchase(world, reward, account)
}

/** Answers "!get word ..."; undefined: there is nothing to say. */
export function answerToGet(
  world: World,
  viewer: ViewerRow,
  get: string,
  rest: string,
  asker: Asker,
): string | undefined {
  const [word, text] = splitOnce(rest)
  const words = openWords(world)
  if (word === '')
    return words.length > 0
      ? `${viewer.name}: type !${get} and one of ${words.join(', ')}.`
      : 'The store is empty right now.'
  const reward = rewardByWord(world, word)
  if (reward !== undefined) return buyByChat(world, viewer, reward, text, asker)
  const meant = nearReward(world, rest)
  if (meant !== undefined)
    return `${viewer.name}: There is no reward "${word}". Did you mean !${get} ${meant.settings.word} (${meant.settings.name})?`
  const offer = words.length > 0 ? `There are: ${words.join(', ')}.` : 'The store is empty right now.'
  return `${viewer.name}: There is no reward "${word}". ${offer}`
}

/** Buys a reward as chat says it. @returns What is answered; undefined: the streamer wants nothing said of it. */
export function buyByChat(
  world: World,
  viewer: ViewerRow,
  reward: RewardRow,
  typed: string,
  asker: Asker,
): string | undefined {
  const said = takeWords(world, viewer, reward, typed)
  const bought = buy(world, viewer, reward, { ...said, address: null, asker })
  if (!bought.ok) return `${viewer.name}: ${bought.refusal.sentence}`
  tellCode(world, viewer, bought.value)
  const alone = bought.value.order.code === null ? '' : ' The code was sent to you alone.'
  return reward.settings.say || asker.privately ? `${boughtInWords(world, bought.value)}${alone}` : undefined
}
