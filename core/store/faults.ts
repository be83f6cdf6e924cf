import { type Faults, foundFaults } from '../faults.ts'
import type { Amount } from '../schema.ts'
import { ALERT_FIELDS } from '../screen/index.ts'
import { faultsOf } from '../texts/index.ts'
import type { RewardSettings } from './schema.ts'
import { OVERS } from './sentences.ts'

/** What keeps a reward's settings from being saved, by their places, its words and steps left out. */
export function rewardFaults(settings: RewardSettings): Faults {
  const { from, to, post, kind, perk, doneText, steps, refill } = settings
  const [text] = faultsOf(doneText, ALERT_FIELDS)
  return foundFaults({
    asks: asksFault(settings),
    to:
      from !== null && to !== null && from >= to
        ? 'It would end before it begins. Change one of the two times.'
        : undefined,
    post:
      post !== null && kind !== 'hand'
        ? 'What comes by post cannot be automatic. Choose that you do it yourself.'
        : undefined,
    perk:
      perk !== null && kind === 'code' ? 'A code cannot be taken back after a time. Remove the time limit.' : undefined,
    steps:
      steps.length > 0 && kind !== 'itself' ? 'Steps run only if it happens automatically. Remove them.' : undefined,
    refill: refill !== null && kind === 'code' ? 'Codes are refilled by adding codes. Remove the number.' : undefined,
    doneText: text && `In the message to the buyer: ${text}`,
  })
}

/** What is wrong with what the buyer is asked. */
function asksFault({ asks }: RewardSettings): string | undefined {
  if (asks.of === 'text' && asks.least > asks.most)
    return `No text has ${asks.least} characters or more and ${asks.most} or fewer. Swap the two.`
  if (asks.of === 'number' && asks.from > asks.to) return `No number is from ${asks.from} to ${asks.to}. Swap the two.`
  const twice =
    asks.of === 'choice' && new Set(asks.choices.map((one) => one.trim().toLowerCase())).size < asks.choices.length
  return twice ? 'Two choices are the same. Remove one.' : undefined
}

/** What may not be meant so: it can be saved all the same. `cap`: the most anybody can hold; 0: without end. */
export function rewardHints(settings: RewardSettings, cap: Amount, codes: number): string[] {
  const { price, stock, each, kind, steps, alert, perk, onAir, rest } = settings
  const hints: string[] = []
  if (price === 0 && settings.tally === null) hints.push('It is free: anyone can take it as often as its limits allow.')
  if (price > 0 && cap > 0 && price > cap) hints.push(`Nobody can ever have ${price}: balances are capped at ${cap}.`)
  for (const { over } of OVERS) {
    const [mine, all] = [each[over], stock[over]]
    if (mine !== null && all !== null && mine > all)
      hints.push(`Each viewer may have ${mine}, but there are only ${all}: the limit for each does nothing.`)
  }
  if (stock.all !== null && stock.show !== null && stock.show > stock.all)
    hints.push(`There are ${stock.show} in each show, but only ${stock.all} in all.`)
  if (stock.day !== null && stock.show !== null && onAir && stock.show > stock.day)
    hints.push(`A show has ${stock.show}, but a day only ${stock.day}.`)
  if (kind === 'itself' && steps.length === 0 && alert === null && perk === null)
    hints.push('Nothing happens when it is bought: give it steps, an alert or a circle.')
  if (kind === 'code' && codes === 0) hints.push('Its list has no codes yet: it is sold out from the start.')
  if (rest.eachSeconds > 0 && rest.everyoneSeconds >= rest.eachSeconds)
    hints.push('The cooldown for everyone is as long as the one per viewer: the second does nothing.')
  return hints
}
