import type { Intent } from '#core/engine'
import type { Step } from '#core/steps'
import type { TriggerSettings } from '#core/triggers'
import type { Argument, CommandSettings } from '#core/words'
import { NATIVE_REWARDS } from '../../standin/src/points.ts'

const EVERYONE = { everyone: true, streamer: false, standings: [], rank: null, people: [] }
const MODERATORS = { ...EVERYONE, everyone: false, streamer: true, standings: ['moderator'] }
const NO_LIMITS = { everyoneSeconds: 0, eachSeconds: 0, perViewer: 0, perShow: 0 }
const caller = { of: 'caller' } as const
const say = (text: string): Step => ({ do: 'say', text })
const who: Argument = { name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 }

const command = (
  word: string,
  description: string,
  group: string,
  more: Partial<CommandSettings>,
): CommandSettings => ({
  word,
  aliases: [],
  description,
  group,
  on: true,
  who: EVERYONE,
  where: 'both',
  onAir: false,
  cost: 0,
  limits: { ...NO_LIMITS, everyoneSeconds: 5 },
  refusals: true,
  reply: null,
  arguments: [],
  steps: [],
  ...more,
})

const trigger = (
  name: string,
  source: TriggerSettings['source'],
  steps: Step[],
  more: Partial<TriggerSettings> = {},
): TriggerSettings => ({
  name,
  group: 'Platform points',
  on: true,
  source,
  who: EVERYONE,
  onAir: false,
  limits: NO_LIMITS,
  steps,
  ...more,
})

const count = (tally: number, more: Partial<Extract<Step, { do: 'tally' }>> = {}): Step => ({
  do: 'tally',
  tally,
  how: 'add',
  to: caller,
  amount: { fixed: 1 },
  ...more,
})

const LUCK: Step = {
  do: 'choose',
  branches: [
    { weight: 5, name: 'only dust', steps: [say('{{ viewer.name }} rummages and finds dust.')] },
    {
      weight: 3,
      name: 'a rivet',
      steps: [{ do: 'pay', to: caller, amount: { fixed: 1 } }, say('{{ viewer.name }} finds 1 rivet under the mat.')],
    },
    {
      weight: 1,
      name: 'a handful',
      steps: [
        { do: 'pay', to: caller, amount: { fixed: 12 } },
        say('{{ viewer.name }} finds a handful: {{ paid | in_words }}!'),
      ],
    },
  ],
}

function stampCommands(stamps: number): CommandSettings[] {
  return [
    command('stamps', 'How many stamps are on your card', 'The stamp card', {
      aliases: ['card', 'stmaps'],
      steps: [say('{{ viewer.name }} has {{ viewer.tally.stamps.has }}.')],
    }),
    command('topstamps', 'Who has most stamps', 'The stamp card', {
      limits: { ...NO_LIMITS, everyoneSeconds: 30 },
      steps: [say('{{ tally.stamps.name }}: {{ tally.stamps.top | places: 5 }}')],
    }),
    command('stamp', 'Stamps somebody’s card', 'The stamp card', {
      who: MODERATORS,
      arguments: [who],
      steps: [
        count(stamps, { to: { of: 'argument', name: 'who' } }),
        say('Stamped: {{ args.who.name }} has {{ args.who.tally.stamps.has }} now.'),
      ],
    }),
  ]
}

const otherCommands = (): CommandSettings[] => [
  command('toast', 'Raises a mug to somebody', '', {
    cost: 5,
    arguments: [who],
    limits: { ...NO_LIMITS, eachSeconds: 30 },
    steps: [say('{{ viewer.name }} raises a mug of {{ "cocoa, tea, coffee" | pick }} to {{ args.who.name }}.')],
  }),
  command('bellows', 'Pumps the bellows: a blast on stream', '', {
    cost: 20,
    onAir: true,
    limits: { ...NO_LIMITS, everyoneSeconds: 60, perViewer: 3 },
    steps: [
      {
        do: 'alert',
        title: 'Whoosh!',
        line: '{{ viewer.name }} is at the bellows',
        picture: 'sparks',
        sound: 'ratchet',
        seconds: 6,
      },
      say('{{ viewer.name }} pumps the bellows. That was number {{ counts.used }} this show.'),
    ],
  }),
  command('rummage', 'Rummages in the spare-part drawer', '', {
    limits: { ...NO_LIMITS, eachSeconds: 300 },
    steps: [LUCK],
  }),
]

function outsideTriggers(stamps: number): TriggerSettings[] {
  const [card, first, swap, advice] = NATIVE_REWARDS.map(({ id }) => id)
  const outside = (reward = '', approval: 'itself' | 'hand' = 'itself') =>
    ({ of: 'outside', reward, approval }) as const
  return [
    trigger(
      'Stamp of the evening',
      outside(card),
      [count(stamps), say('{{ viewer.name }} has {{ viewer.tally.stamps.has }} now.')],
      {
        limits: { ...NO_LIMITS, perViewer: 1 },
      },
    ),
    trigger(
      'First at the bench',
      outside(first),
      [
        { do: 'pay', to: caller, amount: { fixed: 25 } },
        {
          do: 'alert',
          title: 'First at the bench',
          line: '{{ viewer.name }} was quickest',
          picture: 'tag',
          sound: 'bell',
          seconds: 6,
        },
      ],
      { limits: { ...NO_LIMITS, perShow: 1 }, onAir: true },
    ),
    trigger('Points into rivets', outside(swap), [{ do: 'pay', to: caller, amount: { fixed: 50 } }]),
    trigger('Advice', outside(advice, 'hand'), [say('Advice for {{ viewer.name }} is coming up: {{ event.text }}')]),
  ]
}

const welcomeTriggers = (): TriggerSettings[] => [
  trigger(
    'Big raids',
    { of: 'raid', from: 20, to: null },
    [
      {
        do: 'alert',
        title: 'A whole tram of people!',
        line: '{{ viewer.name }} brought {{ event.viewers }}',
        picture: 'whistle',
        sound: 'whistle',
        seconds: 8,
      },
    ],
    { group: 'Welcome' },
  ),
  trigger(
    'New face',
    { of: 'firstEver' },
    [say('Welcome to the workshop, {{ viewer.name }}! Type !help to see what chat can do.')],
    { group: 'Welcome', onAir: true },
  ),
  trigger(
    'Reminder',
    { of: 'timer', minutes: 20, lines: 15 },
    [say('You are watching show {{ show.number }}. What chat can do: !help')],
    { group: 'Welcome' },
  ),
]

type ButtonColour = Extract<TriggerSettings['source'], { of: 'button' }>['colour']

const button = (
  name: string,
  steps: Step[],
  { board = '', colour = 'plain', confirm = false }: { board?: string; colour?: ButtonColour; confirm?: boolean } = {},
): TriggerSettings =>
  trigger(name, { of: 'button', board, colour, confirm }, steps, {
    group: 'Buttons',
    limits: { ...NO_LIMITS, everyoneSeconds: 10 },
  })

const buttons = (): TriggerSettings[] => [
  button('Bell', [{ do: 'sound', sound: 'bell' }], { colour: 'brass' }),
  button('Tea break', [say('The kettle is on: back in ten minutes.')]),
  button(
    'A repair is done',
    [
      {
        do: 'alert',
        title: 'It works again!',
        line: 'One more for the shelf',
        picture: 'lamp',
        sound: 'ratchet',
        seconds: 8,
      },
    ],
    { colour: 'moss' },
  ),
  button('10 rivets for everyone', [{ do: 'pay', to: { of: 'present' }, amount: { fixed: 10 } }], {
    colour: 'brick',
    confirm: true,
  }),
  button('Open a heist', [{ do: 'round', how: 'open', game: 'heist' }], { board: 'Games' }),
  button('Spin the wheel', [{ do: 'round', how: 'open', game: 'roulette' }], { board: 'Games' }),
]

/** Gives the demo its stamp card, commands, triggers and buttons. */
export async function seedCommands(
  now: number,
  submit: (intent: Intent) => Promise<{ ok: boolean; value?: unknown }>,
): Promise<void> {
  const listed = { kind: 'event.received', source: 'demo', type: 'ricompensa.rewards.listed', happenedAt: now } as const
  const settings = { name: 'Stamps', one: 'stamp', many: 'stamps', key: 'stamps', ceiling: null, passing: false }
  const made = await submit({ kind: 'tally.save', tally: null, settings })
  const stamps = Number((made.value as { tally?: number } | undefined)?.tally)
  const wanted: Intent[] = [
    ...[...stampCommands(stamps), ...otherCommands()].map(
      (one) => ({ kind: 'command.save', command: null, settings: one }) as const,
    ),
    ...[...outsideTriggers(stamps), ...welcomeTriggers(), ...buttons()].map(
      (one) => ({ kind: 'trigger.save', trigger: null, settings: one }) as const,
    ),
  ]
  const rewards = await submit({ ...listed, body: { rewards: NATIVE_REWARDS } } as unknown as Intent)
  if (!rewards.ok) throw new Error('The demo’s outside rewards could not be noted.')
  for (const intent of wanted) {
    const done = await submit(intent)
    if (!done.ok) throw new Error(`The demo’s ${intent.kind} was refused: ${JSON.stringify(done)}`)
  }
}
