import { type Faults, foundFaults } from '../faults.ts'
import type { ByGame, Game, SettingsOf, Stakes } from './schema.ts'

const FAULTS: ByGame<Faults> = {
  heist: (settings) => foundFaults({ ...stakesFault(settings), ...heistFaults(settings) }),
  duel: (settings) => foundFaults(stakesFault(settings)),
  roulette: (settings) => foundFaults(stakesFault(settings)),
  reels: (settings) => foundFaults({ ...stakesFault(settings), ...reelsFaults(settings) }),
  coin: (settings) => foundFaults(stakesFault(settings)),
  cup: () => ({}),
  scramble: ({ leastCrew, mostCrew, sharesPpm, stake, adds }) =>
    foundFaults({
      mostCrew: crewFault(leastCrew, mostCrew),
      sharesPpm: sum(sharesPpm) > 1_000_000 ? 'The places get more than all of the prize. Lower a share.' : undefined,
      adds:
        stake === 0 && adds === 0 ? 'There is nothing to win: set a stake, or let the house add something.' : undefined,
    }),
  boss: (settings) =>
    foundFaults({ ...stakesFault(settings), mostCrew: crewFault(settings.leastCrew, settings.mostCrew) }),
}

/** What is wrong with how a game is set, by its places, beyond what its schema says. */
export const settingsFaults = <G extends Game>(game: G, settings: SettingsOf[G]): Faults => FAULTS[game](settings)

const crewFault = (least: number, most: number): string | undefined =>
  most < least ? 'The largest crew is below the smallest. Make it larger.' : undefined

const sum = (list: readonly number[]): number => list.reduce((all, one) => all + one, 0)

type Looked = Readonly<Record<string, string | undefined>>

const stakesFault = ({ stakes: { smallest, largest } }: { readonly stakes: Stakes }): Looked => ({
  stakes:
    largest > 0 && largest < smallest
      ? 'The largest stake is below the smallest. Make it larger, or 0 for none.'
      : undefined,
})

function heistFaults({ sites, leastCrew, mostCrew }: SettingsOf['heist']): Looked {
  const from = sites.map(({ fromCrew }) => fromCrew)
  return {
    mostCrew: crewFault(leastCrew, mostCrew),
    sites:
      new Set(from).size < from.length
        ? 'Two sites begin with the same crew. Give one of them another number, so that it is clear where the crew goes.'
        : undefined,
  }
}

function reelsFaults({ strip, table }: SettingsOf['reels']): Looked {
  const symbols = strip.map(({ symbol }) => symbol)
  const twice = symbols.find((one, i) => symbols.indexOf(one) < i)
  const unknown = table.find(({ symbol }) => !symbols.includes(symbol))
  const lines = table.map(({ match, symbol }) => `${match} ${symbol}`)
  const same = lines.find((one, i) => lines.indexOf(one) < i)
  return {
    strip: twice && `The symbol ${twice} is on the strip twice. Remove one and give the other more weight.`,
    table: unknown
      ? `A line of the table pays for ${unknown.symbol}, which is not on the strip.`
      : same && `The table has two lines for ${same}. Remove one: only the first would ever pay.`,
  }
}
