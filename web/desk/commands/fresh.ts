import { EVERYONE_MAY, NO_LIMITS } from '#core/access'
import type { TallyRow } from '#core/tallies'
import type { CommandSettings } from '#core/words'

/** A command as it begins: everyone may use it, and it says something. */
export const FRESH: CommandSettings = {
  word: '',
  aliases: [],
  description: '',
  group: '',
  on: true,
  who: EVERYONE_MAY,
  where: 'both',
  onAir: false,
  cost: 0,
  limits: { ...NO_LIMITS, everyoneSeconds: 5 },
  refusals: true,
  reply: null,
  arguments: [],
  steps: [{ do: 'say', text: '' }],
}

const MODERATORS = { ...EVERYONE_MAY, everyone: false, streamer: true, standings: ['moderator'] }

/** A word that can be made for a tally. */
export interface TallyWord {
  readonly about: string
  readonly settings: CommandSettings
}

/** The words that are offered for a new tally: to ask, who has most, to correct, and to pass on where that is allowed. */
export function wordsFor(tally: TallyRow, group: string): TallyWord[] {
  const words = [toAsk(tally), toList(tally), toSet(tally), ...(tally.passing ? [toPass(tally)] : [])]
  return words.map(({ about, settings }) => ({ about, settings: { ...settings, group } }))
}

const wordOf = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}_-]/gu, '')
    .slice(0, 30)

const WHO_AND_COUNT: CommandSettings['arguments'] = [
  { name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 },
  { name: 'count', kind: 'number', needed: true, choices: [], most: 1 },
]
const TO = { of: 'argument', name: 'who' } as const

const toAsk = ({ key, many }: TallyRow): TallyWord => ({
  about: `Says how many ${many} a viewer has`,
  settings: {
    ...FRESH,
    word: wordOf(many),
    description: `How many ${many} you have`,
    steps: [{ do: 'say', text: `{{ viewer.name }} has {{ viewer.tally.${key}.has }}.` }],
  },
})

const toList = ({ key, name, many }: TallyRow): TallyWord => ({
  about: `Lists who has most`,
  settings: {
    ...FRESH,
    word: wordOf(`top${many}`),
    description: `Who has most ${many}`,
    limits: { ...NO_LIMITS, everyoneSeconds: 30 },
    steps: [{ do: 'say', text: `${name}: {{ tally.${key}.top | places: 5 }}` }],
  },
})

const toSet = ({ id, key, many }: TallyRow): TallyWord => ({
  about: 'Moderators set somebody’s count',
  settings: {
    ...FRESH,
    word: wordOf(`set${many}`),
    description: `Sets somebody’s ${many}`,
    who: MODERATORS,
    limits: NO_LIMITS,
    arguments: WHO_AND_COUNT,
    steps: [
      { do: 'tally', tally: id, how: 'set', to: TO, amount: { argument: 'count' } },
      { do: 'say', text: `{{ args.who.name }} has {{ args.who.tally.${key}.has }} now.` },
    ],
  },
})

const toPass = ({ id, key, many }: TallyRow): TallyWord => ({
  about: `Gives ${many} to another viewer`,
  settings: {
    ...FRESH,
    word: wordOf(`pass${many}`),
    description: `Gives some of your ${many} to somebody`,
    arguments: WHO_AND_COUNT,
    steps: [
      { do: 'tally', tally: id, how: 'pass', to: TO, amount: { argument: 'count' } },
      {
        do: 'say',
        text: `{{ viewer.name }} gave some away: {{ args.who.name }} has {{ args.who.tally.${key}.has }} now.`,
      },
    ],
  },
})
