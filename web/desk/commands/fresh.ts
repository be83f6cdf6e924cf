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
  const { id, key, name, many, passing } = tally
  const word = (text: string) =>
    text
      .toLowerCase()
      .replace(/[^\p{L}\p{N}_-]/gu, '')
      .slice(0, 30)
  const base = { ...FRESH, group }
  const who = { name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 } as const
  const count = { name: 'count', kind: 'number', needed: true, choices: [], most: 1 } as const
  const to = { of: 'argument', name: 'who' } as const
  const words: TallyWord[] = [
    {
      about: `Says how many ${many} a viewer has`,
      settings: {
        ...base,
        word: word(many),
        description: `How many ${many} you have`,
        steps: [{ do: 'say', text: `{{ viewer.name }} has {{ viewer.tally.${key}.has }}.` }],
      },
    },
    {
      about: `Lists who has most`,
      settings: {
        ...base,
        word: word(`top${many}`),
        description: `Who has most ${many}`,
        limits: { ...NO_LIMITS, everyoneSeconds: 30 },
        steps: [{ do: 'say', text: `${name}: {{ tally.${key}.top | places: 5 }}` }],
      },
    },
    {
      about: 'Moderators set somebody’s count',
      settings: {
        ...base,
        word: word(`set${many}`),
        description: `Sets somebody’s ${many}`,
        who: MODERATORS,
        limits: NO_LIMITS,
        arguments: [
          { ...who, choices: [] },
          { ...count, choices: [] },
        ],
        steps: [
          { do: 'tally', tally: id, how: 'set', to, amount: { argument: 'count' } },
          { do: 'say', text: `{{ args.who.name }} has {{ args.who.tally.${key}.has }} now.` },
        ],
      },
    },
  ]
  if (!passing) return words
  const pass: TallyWord = {
    about: `Gives ${many} to another viewer`,
    settings: {
      ...base,
      word: word(`pass${many}`),
      description: `Gives some of your ${many} to somebody`,
      arguments: [
        { ...who, choices: [] },
        { ...count, choices: [] },
      ],
      steps: [
        { do: 'tally', tally: id, how: 'pass', to, amount: { argument: 'count' } },
        {
          do: 'say',
          text: `{{ viewer.name }} gave some away: {{ args.who.name }} has {{ args.who.tally.${key}.has }} now.`,
        },
      ],
    },
  }
  return [...words, pass]
}
