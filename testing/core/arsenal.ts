import type { Argument, CommandSettings } from '#core/words'
import type { Intent } from '../../core/engine/index.ts'
import type { Step } from '../../core/steps/index.ts'
import { COMMAND, TALLY, TRIGGER } from './channel.ts'

const caller = { of: 'caller' } as const
const present = { of: 'present' } as const
const named = { of: 'argument', name: 'who' } as const
const who: Argument = { name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 }
const amount: Argument = { name: 'n', kind: 'amount', needed: true, choices: [], most: 1 }
const note: Argument = { name: 'note', kind: 'text', needed: false, choices: [], most: 60 }
const say = (text: string): Step => ({ do: 'say', text })
const NO_RULES = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }

/** The words of the arsenal's commands. */
export const ARSENAL_WORDS = ['gain', 'give2', 'rain', 'luck', 'later', 'join', 'fine', 'mark', 'tops', 'once'] as const

/**
 * The intents that give a new channel a command of every kind of step, a tally, a circle and triggers. Ids are given out in
 * order, so the tally and the circle bear those that the commands name.
 * @param next - The next id that the channel gives out.
 */
export function arsenal(next: number): Intent[] {
  // The seed takes the first.
  const [tally, circle] = [next + 1, next + 2]
  const command = (word: (typeof ARSENAL_WORDS)[number], more: Partial<CommandSettings>): Intent => ({
    kind: 'command.save',
    command: null,
    settings: { ...COMMAND, word, ...more },
  })
  const stamp = (to: typeof caller | typeof named | typeof present): Step => ({
    do: 'tally',
    tally,
    how: 'add',
    to,
    amount: { fixed: 1 },
  })
  const branches = [
    { weight: 2, name: 'pays', steps: [{ do: 'pay', to: caller, amount: { fixed: 3 } } as Step, say('{{ paid }}')] },
    {
      weight: 1,
      name: 'asks',
      steps: [{ do: 'when', if: { balanceFrom: 20 }, steps: [stamp(caller)], otherwise: [say('poor')] } as Step],
    },
  ]
  return [
    { kind: 'fairness.seed', seed: 'ab'.repeat(32), first: true },
    { kind: 'tally.save', tally: null, settings: { ...TALLY, ceiling: 9, passing: true } },
    { kind: 'circle.save', circle: null, settings: { name: 'Crew', rules: NO_RULES, keep: true } },
    command('gain', {
      steps: [{ do: 'pay', to: caller, amount: { fixed: 7 } }, say('{{ viewer.has }} {{ viewer.tally.stamps.has }}')],
    }),
    command('give2', {
      cost: 2,
      arguments: [who, amount, note],
      steps: [
        { do: 'take', from: caller, amount: { argument: 'n' } },
        { do: 'pay', to: named, amount: { argument: 'n' } },
        say('{{ args.who.name }} {{ args.who.has }} {{ args.note }}'),
      ],
    }),
    command('rain', {
      limits: { everyoneSeconds: 30, eachSeconds: 0, perViewer: 2, perShow: 5 },
      steps: [{ do: 'pay', to: present, amount: { fixed: 2 } }, stamp(present)],
    }),
    command('luck', { limits: { ...COMMAND.limits, eachSeconds: 5 }, steps: [{ do: 'choose', branches }] }),
    command('later', {
      cost: 4,
      steps: [say('a'), { do: 'wait', seconds: 2 }, stamp(caller), { do: 'take', from: caller, amount: { fixed: 30 } }],
    }),
    command('join', {
      steps: [
        { do: 'circle', circle, how: 'in', who: caller },
        { do: 'pay', to: { of: 'circle', circle }, amount: { fixed: 1 } },
      ],
    }),
    command('fine', {
      arguments: [who],
      who: { ...COMMAND.who, everyone: false, standings: ['moderator', `circle:${circle}`] },
      steps: [{ do: 'take', from: named, amount: { fixed: 5 } }],
    }),
    command('mark', {
      arguments: [who],
      steps: [{ do: 'tally', tally, how: 'pass', to: named, amount: { fixed: 1 } }],
    }),
    command('tops', {
      steps: [
        say('{{ top.balance | places }} {{ tally.stamps.top | places }} {{ counts.present }} {{ present.random }}'),
      ],
    }),
    command('once', {
      onAir: true,
      reply: 'mention',
      limits: { ...COMMAND.limits, perShow: 1 },
      steps: [
        { do: 'alert', title: '{{ viewer.rank }}', line: '', picture: 'lamp', sound: 'bell', seconds: 4 },
        { do: 'sound', sound: 'bell' },
        { do: 'tell', to: caller, text: 'x' },
      ],
    }),
    {
      kind: 'trigger.save',
      trigger: null,
      settings: { ...TRIGGER, source: { of: 'firstInShow' }, steps: [{ do: 'pay', to: caller, amount: { fixed: 1 } }] },
    },
    {
      kind: 'trigger.save',
      trigger: null,
      settings: { ...TRIGGER, name: 'Clock', source: { of: 'timer', minutes: 1, lines: 1 }, steps: [say('tick')] },
    },
  ]
}
