import { isNobody } from '../access/index.ts'
import { type Faults, foundFaults } from '../faults.ts'
import { openAlerts } from '../screen/index.ts'
import { lookAlike } from '../texts/index.ts'
import type { World } from '../world/index.ts'
import type { BetOutcome, BetSettings, BetTerms } from './schema.ts'

/** What keeps bets from being held on such terms, by the place in them. @param alerts - Ids of the alerts there are. */
export function termsFaults(terms: BetTerms, alerts: ReadonlySet<number>): Faults {
  const { stakes, who, announce, openSeconds } = terms
  const gone = (id: number | null) =>
    id === null || alerts.has(id) ? undefined : 'This alert was removed. Choose another, or none.'
  return foundFaults({
    'stakes.largest':
      stakes.largest > 0 && stakes.largest < stakes.smallest
        ? 'The largest stake is below the smallest. Change one of the two.'
        : undefined,
    who: isNobody(who) ? 'Nobody may bet: choose who.' : undefined,
    'announce.opened': gone(announce.opened),
    'announce.settled': gone(announce.settled),
    'announce.soonSeconds':
      openSeconds > 0 && announce.soonSeconds >= openSeconds
        ? 'Chat would be told before it opens. Make this shorter than the time for betting.'
        : undefined,
  })
}

/** What keeps a bet from being opened, by the place in its settings. */
export const betFaults = (settings: BetSettings, alerts: ReadonlySet<number>): Faults => ({
  ...outcomeFaults(settings.outcomes),
  ...termsFaults(settings, alerts),
})

/** A number is a place in the list: as a word it would mean two outcomes. */
function outcomeFaults(outcomes: readonly BetOutcome[]): Faults {
  const found: Record<string, string> = {}
  const words = new Map<string, number>()
  const names = new Map<string, number>()
  for (const [i, { name, word }] of outcomes.entries()) {
    const [look, called] = [lookAlike(word), name.trim().toLowerCase()]
    if (/^\d+$/.test(word) && Number(word) !== i + 1)
      found[`outcomes.${i}.word`] = 'A number stands for a place in the list. Use a word.'
    else if (words.has(look)) found[`outcomes.${i}.word`] = `Outcome ${(words.get(look) ?? 0) + 1} has this word, too.`
    if (names.has(called)) found[`outcomes.${i}.name`] = `Outcome ${(names.get(called) ?? 0) + 1} is called that, too.`
    words.set(look, i)
    names.set(called, i)
  }
  return found
}

export const alertIds = (world: World): ReadonlySet<number> => new Set(openAlerts(world).map(({ id }) => id))

/** The outcome that somebody means: by its number from 1, by its word, or by its name; undefined: none. */
export function outcomeCalled(outcomes: readonly BetOutcome[], typed: string): number | undefined {
  const wanted = typed.normalize('NFKC').trim().toLowerCase()
  if (/^\d{1,2}$/.test(wanted))
    return Number(wanted) >= 1 && Number(wanted) <= outcomes.length ? Number(wanted) - 1 : undefined
  const at = outcomes.findIndex(({ name, word }) => [name.toLowerCase(), word.toLowerCase()].includes(wanted))
  return at === -1 ? undefined : at
}

/** The first term of a bet that differs of those that people bet on, in words; undefined: none. */
export function fixedIn(before: BetSettings, after: BetSettings): string | undefined {
  const same = (one: keyof BetSettings) => JSON.stringify(before[one]) === JSON.stringify(after[one])
  return Object.entries(FIXED).find(([one]) => !same(one as keyof BetSettings))?.[1]
}

const FIXED: Partial<Record<keyof BetSettings, string>> = {
  question: 'the question',
  outcomes: 'the outcomes',
  rakeBp: 'what the house keeps',
  several: 'whether one may bet on several outcomes',
  takeBack: 'whether bets can be taken back',
  lateSeconds: 'which bets go back',
}
