import type { Intent } from '#core/engine'
import { type AlertSettings, PLAIN_ALERT } from '#core/screen'
import { PLAIN_REWARD, type RewardSettings, UNLIMITED } from '#core/store'

interface DemoReward {
  readonly settings: Omit<Partial<RewardSettings>, 'alert'> &
    Pick<RewardSettings, 'word' | 'name' | 'price' | 'picture'>
  readonly alert?: Partial<AlertSettings> & Pick<AlertSettings, 'title' | 'line'>
}

const asks = (question: string, most = 80): RewardSettings['asks'] => ({ of: 'text', question, least: 2, most })
const SHOW = 'On the stream'
const BENCH = 'At the bench'
const HOME = 'To take home'

/** What the demo's store sells, cheapest first, each with the alert it shows. */
const REWARDS: readonly DemoReward[] = [
  {
    settings: {
      word: 'whistle',
      command: true,
      name: 'Factory whistle',
      description: 'One long blast on the stream, at once.',
      group: SHOW,
      price: 60,
      kind: 'itself',
      picture: 'whistle',
      rest: { everyoneSeconds: 20, eachSeconds: 0 },
    },
    alert: { title: 'End of shift!', line: '{{ viewer.name }} pulled the whistle', sound: 'whistle', seconds: 6 },
  },
  {
    settings: {
      word: 'sparks',
      name: 'Sparks on screen',
      description: 'A shower of sparks over the picture.',
      group: SHOW,
      price: 120,
      kind: 'itself',
      picture: 'sparks',
      stock: { ...UNLIMITED, show: 20 },
    },
    alert: { title: 'Mind your eyebrows', line: 'sparks by {{ viewer.name }}', sound: 'ratchet', enter: 'grow' },
  },
  {
    settings: {
      word: 'lights-out',
      name: 'Lights out for a minute',
      description: 'The bench by candlelight, for one minute.',
      group: SHOW,
      price: 200,
      picture: 'lamp',
      onAir: true,
      confirm: 'I know that the picture goes dark, too.',
      stock: { ...UNLIMITED, show: 2 },
      rest: { everyoneSeconds: 600, eachSeconds: 0 },
    },
    alert: { title: 'Lights out', line: '{{ viewer.name }} wants it dark', sound: 'bell' },
  },
  {
    settings: {
      word: 'name-it',
      name: 'Name the mended thing',
      description: 'It goes home with the name you give it.',
      group: BENCH,
      price: 450,
      picture: 'tag',
      asks: asks('What is its name?', 40),
      doneText: '{{ viewer.name }}, it is called {{ order.text }} from now on.',
    },
    alert: { title: 'It is called {{ order.text }}', line: 'named by {{ viewer.name }}', sound: 'bell' },
  },
  {
    settings: {
      word: 'apron',
      name: 'The apron, for a week',
      description: 'You are one of the bench crew for seven days: more rivets, and first pick of the scrap box.',
      group: BENCH,
      price: 800,
      kind: 'itself',
      picture: 'tag',
      each: { ...UNLIMITED, show: 1 },
      perk: { seconds: 7 * 86_400, circle: null },
    },
    alert: { title: '{{ viewer.name }} ties the apron', line: 'bench crew for a week', sound: 'ratchet' },
  },
  {
    settings: {
      word: 'next-repair',
      name: 'Choose the next repair',
      description: 'You say which thing from the shelf is mended next.',
      group: BENCH,
      price: 900,
      picture: 'radio',
      asks: asks('Which thing should be next?'),
    },
    alert: {
      title: 'Next on the bench: {{ order.text }}',
      line: 'chosen by {{ viewer.name }} for {{ order.cost }}',
      sound: 'bell',
    },
  },
  {
    settings: {
      word: 'tool',
      name: 'Which tool first?',
      description: 'The next repair begins with the tool you name.',
      group: BENCH,
      price: 250,
      picture: 'clock',
      each: { ...UNLIMITED, show: 1 },
      asks: {
        of: 'choice',
        question: 'Which tool first?',
        choices: ['Screwdriver', 'Soldering iron', 'Hammer', 'Tweezers'],
      },
    },
  },
  {
    settings: {
      word: 'postcard',
      name: 'Postcard from the bench',
      description: 'A real postcard with a drawing of tonight’s repair, sent to you by post.',
      group: HOME,
      price: 600,
      picture: 'postcard',
      asks: asks('What should it say?', 120),
      post: { days: 14 },
      stock: { ...UNLIMITED, all: 40 },
    },
    alert: { title: 'A postcard is on its way', line: 'ordered by {{ viewer.name }}', sound: 'bell' },
  },
  {
    settings: {
      word: 'guide',
      name: 'Repair guide, download',
      description: 'The guide to mending radios: a code to load it with.',
      group: HOME,
      price: 1500,
      kind: 'code',
      picture: 'guide',
      each: { ...UNLIMITED, all: 1 },
      low: 5,
    },
  },
  {
    settings: {
      word: 'attic',
      name: 'A look into the attic',
      description: 'The box that nobody has opened yet.',
      group: HOME,
      price: 300,
      picture: 'lamp',
      secret: 'cobweb',
    },
  },
]

const CODES = Array.from(
  { length: 8 },
  (_, i) => `BENCH-${(7919 * (i + 3)).toString(36).toUpperCase()}-${1000 + i * 37}`,
)

/** Puts the demo's rewards into the store, with their alerts and codes. @returns What can be bought with a word and a text alone. */
export async function seedRewards(
  submit: (intent: Intent) => Promise<{ readonly ok: boolean; readonly value?: unknown }>,
  circle: number,
): Promise<RewardSettings[]> {
  const made: RewardSettings[] = []
  for (const { settings, alert } of REWARDS) {
    const shown =
      alert && (await id(submit({ kind: 'alert.save', alert: null, settings: alertOf(settings, alert) }), 'alert'))
    const perk = settings.perk == null ? null : { ...settings.perk, circle }
    const whole = { ...PLAIN_REWARD, ...settings, alert: shown ?? null, perk }
    const reward = await id(submit({ kind: 'store.save', reward: null, settings: whole }), 'reward')
    if (whole.kind === 'code') await submit({ kind: 'store.codes', reward, codes: CODES })
    made.push(whole)
  }
  return made
}

const alertOf = (settings: DemoReward['settings'], alert: NonNullable<DemoReward['alert']>): AlertSettings => ({
  ...PLAIN_ALERT,
  name: settings.name,
  picture: settings.picture,
  ...alert,
})

async function id(answer: Promise<{ readonly ok: boolean; readonly value?: unknown }>, name: string): Promise<number> {
  const { ok, value } = await answer
  if (!ok) throw new Error(`The demo’s ${name} could not be made.`)
  return Number((value as Record<string, unknown>)[name])
}
