import type { Step, StepKind } from '#core/steps'
import type { CommandsView } from '../view.ts'

/** What each kind of step is called, and one of it as it begins. */
export interface Kind {
  readonly kind: StepKind
  readonly name: string
  readonly fresh: (view: CommandsView, viewer: boolean) => Step
}

const whom = (viewer: boolean) => (viewer ? ({ of: 'caller' } as const) : ({ of: 'present' } as const))
const one = { fixed: 1 }

export const KINDS: readonly Kind[] = [
  { kind: 'say', name: 'Say in chat', fresh: () => ({ do: 'say', text: '' }) },
  { kind: 'tell', name: 'Send privately', fresh: () => ({ do: 'tell', to: { of: 'caller' }, text: '' }) },
  { kind: 'pay', name: 'Pay', fresh: (_, viewer) => ({ do: 'pay', to: whom(viewer), amount: { fixed: 10 } }) },
  { kind: 'take', name: 'Take', fresh: (_, viewer) => ({ do: 'take', from: whom(viewer), amount: { fixed: 10 } }) },
  {
    kind: 'tally',
    name: 'Change a tally',
    fresh: ({ tallies }, viewer) => ({
      do: 'tally',
      tally: tallies[0]?.id ?? 1,
      how: 'add',
      to: whom(viewer),
      amount: one,
    }),
  },
  {
    kind: 'order',
    name: 'Order a reward for free',
    fresh: ({ rewards }) => ({ do: 'order', reward: rewards[0]?.id ?? 1, to: { of: 'caller' }, text: '' }),
  },
  {
    kind: 'alert',
    name: 'Show on screen',
    fresh: () => ({ do: 'alert', title: '', line: '', picture: 'lamp', sound: 'bell', seconds: 7 }),
  },
  { kind: 'round', name: 'Open a game or call it off', fresh: () => ({ do: 'round', how: 'open', game: 'heist' }) },
  {
    kind: 'raffle',
    name: 'Run a raffle',
    fresh: ({ setups }) => ({ do: 'raffle', how: 'start', setup: setups[0]?.id ?? 1 }),
  },
  {
    kind: 'tickets',
    name: 'Give raffle tickets',
    fresh: ({ setups }) => ({ do: 'tickets', setup: setups[0]?.id ?? 1, to: { of: 'caller' }, tickets: one }),
  },
  {
    kind: 'bet',
    name: 'Run a bet',
    fresh: ({ bets }) => ({ do: 'bet', how: 'open', template: bets[0]?.id ?? 1 }),
  },
  { kind: 'sound', name: 'Play a sound', fresh: () => ({ do: 'sound', sound: 'bell' }) },
  {
    kind: 'circle',
    name: 'Change who is in a circle',
    fresh: ({ circles }, viewer) => ({ do: 'circle', circle: circles[0]?.id ?? 1, how: 'in', who: whom(viewer) }),
  },
  {
    kind: 'choose',
    name: 'Choose at random',
    fresh: () => ({
      do: 'choose',
      branches: [
        { weight: 1, name: '', steps: [] },
        { weight: 1, name: '', steps: [] },
      ],
    }),
  },
  { kind: 'when', name: 'Only if', fresh: () => ({ do: 'when', if: {}, steps: [], otherwise: [] }) },
  { kind: 'wait', name: 'Wait', fresh: () => ({ do: 'wait', seconds: 3 }) },
  {
    kind: 'call',
    name: 'Run another command’s steps',
    fresh: ({ commands }) => ({ do: 'call', command: commands[0]?.id ?? 1 }),
  },
]

export const kindName = (kind: StepKind): string => KINDS.find((one) => one.kind === kind)?.name ?? kind

let next = 0
const ids = new WeakMap<Step, string>()

/** A step's own mark, by which a list knows it while it is moved and changed. */
export function markOf(step: Step): string {
  const known = ids.get(step)
  if (known !== undefined) return known
  const mark = `step-${next++}`
  ids.set(step, mark)
  return mark
}

/** A step in place of another: it is still the same one to whoever looks at the list. */
export function inPlaceOf(old: Step, step: Step): Step {
  ids.set(step, markOf(old))
  return step
}
