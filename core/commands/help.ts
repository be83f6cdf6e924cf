import { currencySetting, inWords } from '../currency/index.ts'
import { runningRaffles } from '../raffles/index.ts'
import { homeSetting, readSetting } from '../settings/index.ts'
import type { RewardRow } from '../store/index.ts'
import { takes, usageLine } from '../words/index.ts'
import type { World } from '../world/index.ts'
import { heard } from './match.ts'

/** Answers a call for help: where all commands are listed, or how one is called. */
export function helpAnswer(world: World, rest: string): string {
  const [typed = ''] = rest.split(/\s+/)
  const { address } = readSetting(world, homeSetting)
  const list = address === '' ? 'Ask the streamer for the list of commands.' : `All commands: ${address}/commands`
  if (typed === '') return list
  const found = heard(world, `!${typed.replace(/^!+/, '')}`)
  if (found === undefined) return `There is no !${typed.replace(/^!+/, '').slice(0, 30)} here. ${list}`
  if (found.kind === 'reward') return rewardHelp(world, found.reward)
  if (found.kind !== 'command') return `!${found.word} is explained here: ${list}`
  const { settings } = found.command
  const usage = usageLine(settings.word, settings.arguments)
  const how = settings.arguments.map((one) => `${one.name.replaceAll('_', ' ')}: ${takes(one)}`).join('; ')
  return [usage, settings.description, how].filter((part) => part !== '').join(' · ')
}

/** Where anybody can check what was drawn: of a raffle that is on, of games, and of raffles. */
export function fairAnswer(world: World): string {
  const { address } = readSetting(world, homeSetting)
  if (address === '') return 'Every draw can be checked on the viewer page. Ask the streamer for its address.'
  // One that is only planned is nobody's business yet.
  const raffle = runningRaffles(world).find(({ status }) => status !== 'planned')
  const raffles = raffle === undefined ? `${address}/raffles` : `${address}/raffles/${raffle.id}`
  return `Everybody can check every draw: games at ${address}/games, raffles at ${raffles}`
}

/** What a reward's own word buys, for how much, and what is to be said to it. */
function rewardHelp(world: World, { settings }: RewardRow): string {
  const { word, name, description, price, asks } = settings
  const usage = asks.of === 'nothing' ? `!${word}` : `!${word} <text>`
  const costs = price === 0 ? 'free' : inWords(price, readSetting(world, currencySetting))
  const said = asks.of === 'nothing' ? '' : asks.question
  return [usage, `${name}, ${costs}`, description, said].filter((part) => part !== '').join(' · ')
}
