import { EVERYONE_MAY, NO_LIMITS } from '../access/index.ts'
import type { Step } from '../steps/index.ts'
import type { TriggerSettings } from '../triggers/index.ts'
import type { CommandSettings } from '../words/index.ts'
import type { StarterPiece } from './piece.ts'

const say = (text: string): Step => ({ do: 'say', text })

const command = (
  word: string,
  description: string,
  text: string,
  more: Partial<CommandSettings> = {},
): StarterPiece => ({
  key: `command/${word}`,
  name: `!${word}`,
  says: description,
  made: {
    of: 'command',
    settings: {
      ...{
        word,
        aliases: [],
        description,
        group: '',
        on: true,
        who: EVERYONE_MAY,
        where: 'both',
        onAir: false,
        cost: 0,
      },
      ...{
        limits: { ...NO_LIMITS, everyoneSeconds: 10 },
        refusals: true,
        reply: null,
        arguments: [],
        steps: [say(text)],
      },
      ...more,
    },
  },
})

const MODERATORS = { ...EVERYONE_MAY, everyone: false, streamer: true, standings: ['moderator'] }

/** Words that people expect. @param page - The address of the viewer page. */
export const commandPieces = (page: string): StarterPiece[] => [
  command('page', 'Where balance, store and games are', `Your balance, the store and the games: ${page}`, {
    aliases: ['store', 'shop'],
  }),
  command(
    'visit',
    'Points everybody to somebody',
    'Have a look at what {{ args.who.name }} does, it is worth your time.',
    { who: MODERATORS, arguments: [{ name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 }] },
  ),
  command('quiet', 'Says that you are there quietly', '{{ viewer.name }} is here quietly. Good to have you.', {
    limits: { ...NO_LIMITS, eachSeconds: 600 },
  }),
  command('howlong', 'How long the show has been on', 'On air for {{ show.minutes }} minutes.', { onAir: true }),
]

const trigger = (
  key: string,
  name: string,
  says: string,
  more: Pick<TriggerSettings, 'source' | 'steps' | 'onAir'>,
): StarterPiece => ({
  key: `trigger/${key}`,
  name,
  says,
  made: { of: 'trigger', settings: { name, group: '', on: true, who: EVERYONE_MAY, limits: NO_LIMITS, ...more } },
})

/** What happens by itself. @param page - The address of the viewer page. */
export const triggerPieces = (page: string): StarterPiece[] => [
  trigger('welcome', 'Welcome newcomers', 'A line for everybody who speaks here for the first time', {
    source: { of: 'firstEver' },
    onAir: true,
    steps: [say('Welcome, {{ viewer.name }}! You have {{ viewer.has }} already. What they buy: !page')],
  }),
  trigger('address', 'Say where the page is', 'Every 30 minutes on air, where chat has moved on', {
    source: { of: 'timer', minutes: 30, lines: 20 },
    onAir: true,
    steps: [say(`Spend what you have earned: ${page}`)],
  }),
]
