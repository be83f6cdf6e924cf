import { earningSetting } from '#core/earning'
import { ranksSetting } from '#core/ranks'
import type { Made, StarterPiece } from '#core/starter'
import { commandsOf, triggersOf } from '../commands/index.ts'
import type { Reader } from '../database/index.ts'
import { gameSettingsOf } from '../games/index.ts'
import { setupsOf } from '../raffles/index.ts'
import { overlaysOf } from '../screen/index.ts'
import { settingOf } from '../settings/index.ts'
import { rewardsOf } from '../store/index.ts'

/** What a channel has of what a starter makes. */
export async function knownOf(db: Reader, channel: number, now: number) {
  const [overlay] = await overlaysOf(db, channel, now)
  return {
    plan: await settingOf(db, channel, earningSetting),
    ranks: (await settingOf(db, channel, ranksSetting)).ranks,
    rewards: (await rewardsOf(db, channel)).map(({ settings }) => settings),
    commands: (await commandsOf(db, channel)).map(({ settings }) => settings),
    triggers: (await triggersOf(db, channel)).map(({ settings }) => settings),
    setups: (await setupsOf(db, channel)).map(({ settings }) => settings),
    games: await gameSettingsOf(db, channel),
    overlay,
  }
}

export type Known = Awaited<ReturnType<typeof knownOf>>

/** Whether there is a plan that somebody has made: one that pays for more than being there. */
const isMade = ({ standings, welcome, support }: Known['plan']): boolean =>
  Object.keys(standings).length > 0 || welcome > 0 || support.follow > 0

/** Whether the channel has what a piece makes, or something in its place: that is never overwritten. */
export function isThere(known: Known, { made }: Pick<StarterPiece, 'made'>): boolean {
  switch (made.of) {
    case 'earning':
      return isMade(known.plan)
    case 'ranks':
      return known.ranks.length > 0
    case 'reward':
      return known.rewards.some(({ word, name }) => word === made.settings.word || name === made.settings.name)
    case 'command':
      return known.commands.some(({ word, aliases }) => [word, ...aliases].includes(made.settings.word))
    case 'trigger':
      return known.triggers.some(({ name }) => name === made.settings.name)
    case 'raffle':
      return known.setups.length > 0
    case 'game':
      return known.games[made.game].on
    case 'overlay':
      return known.overlay !== undefined && known.overlay.pieces.length > 1
  }
}

/** The kinds of pieces. */
export type Kind = Made['of']
