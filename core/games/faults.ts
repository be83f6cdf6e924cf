import type { ByGame, Game, SettingsOf, Stakes } from './schema.ts'

const FAULTS: ByGame<string | undefined> = {
  heist: (settings) => stakesFault(settings) ?? heistFault(settings),
  duel: (settings) => stakesFault(settings),
  roulette: (settings) => stakesFault(settings),
  reels: (settings) => stakesFault(settings) ?? reelsFault(settings),
  coin: (settings) => stakesFault(settings),
  cup: () => undefined,
}

/** What is wrong with how a game is set, beyond what its schema says; undefined: nothing. */
export const settingsFault = <G extends Game>(game: G, settings: SettingsOf[G]): string | undefined =>
  FAULTS[game](settings)

function stakesFault({ stakes }: { readonly stakes: Stakes }): string | undefined {
  return stakes.largest > 0 && stakes.largest < stakes.smallest
    ? 'The largest stake is below the smallest. Make it larger, or 0 for none.'
    : undefined
}

function heistFault({ sites, leastCrew, mostCrew }: SettingsOf['heist']): string | undefined {
  if (mostCrew < leastCrew) return 'The largest crew is below the smallest. Make it larger.'
  const from = sites.map(({ fromCrew }) => fromCrew)
  if (new Set(from).size < from.length)
    return 'Two sites begin with the same crew. Give one of them another number, so that it is clear where the crew goes.'
  return undefined
}

function reelsFault({ strip, table }: SettingsOf['reels']): string | undefined {
  const symbols = strip.map(({ symbol }) => symbol)
  const twice = symbols.find((one, i) => symbols.indexOf(one) < i)
  if (twice !== undefined)
    return `The symbol ${twice} is on the strip twice. Remove one and give the other more weight.`
  const unknown = table.find(({ symbol }) => !symbols.includes(symbol))
  if (unknown !== undefined) return `A line of the table pays for ${unknown.symbol}, which is not on the strip.`
  const lines = table.map(({ match, symbol }) => `${match} ${symbol}`)
  const same = lines.find((one, i) => lines.indexOf(one) < i)
  return same === undefined
    ? undefined
    : `The table has two lines for ${same}. Remove one: only the first would ever pay.`
}
