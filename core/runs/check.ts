import { openBetTemplates } from '../bets/index.ts'
import { type CircleRow, openCircles } from '../people/index.ts'
import { openSetups, type SetupRow } from '../raffles/index.ts'
import type { CommandId, RewardId } from '../schema.ts'
import { openAlerts } from '../screen/index.ts'
import { DEEPEST, type HowMany, type Step, type StepOf, type Target } from '../steps/index.ts'
import type { RewardKind } from '../store/index.ts'
import { openTallies, type TallyRow } from '../tallies/index.ts'
import { type Field, faultsOf } from '../texts/index.ts'
import { type Argument, type CommandRow, openCommands } from '../words/index.ts'
import type { World } from '../world/index.ts'
import { fieldsFor } from './catalogue.ts'
import { textsOf } from './mentions.ts'
import { rewardsAround } from './order.ts'
import { laterFaults, mintFaults, moneyFaults } from './sequence.ts'
import { type Fault, listsOf } from './within.ts'

/** A reward as steps refer to it. */
export interface RewardAround {
  readonly id: number
  readonly name: string
  readonly kind: RewardKind
  readonly steps: readonly Step[]
}

/** What steps can refer to. */
export interface Around {
  readonly arguments: readonly Argument[]
  readonly figures: Readonly<Record<string, string>>
  /** Whether somebody sets them off. */
  readonly viewer: boolean
  readonly tallies: readonly TallyRow[]
  readonly circles: readonly CircleRow[]
  readonly rewards: readonly RewardAround[]
  readonly alerts: readonly { readonly id: number }[]
  readonly commands: readonly CommandRow[]
  /** The set-ups of raffles. */
  readonly setups: readonly Pick<SetupRow, 'id' | 'settings'>[]
  /** The templates of bets. */
  readonly bets: readonly { readonly id: number }[]
  /** The command whose steps they are, or the reward: it may not call itself. */
  readonly self?: number | undefined
  readonly selfReward?: number | undefined
  /** Whether they are steps of a reward, which can tell of the order. */
  readonly order?: boolean | undefined
}

/** What there is around steps in a world. */
export const aroundIn = (
  world: World,
  own: Pick<Around, 'arguments' | 'figures' | 'viewer' | 'self' | 'selfReward' | 'order'>,
): Around => ({
  ...own,
  tallies: openTallies(world),
  circles: openCircles(world),
  rewards: rewardsAround(world),
  alerts: openAlerts(world),
  commands: openCommands(world),
  setups: openSetups(world),
  bets: openBetTemplates(world),
})

/** Everything that is wrong with steps, each with its place. */
export function checkSteps(steps: readonly Step[], around: Around): Fault[] {
  const fields = fieldsFor(around)
  return [
    ...walk(steps, [], around, fields),
    ...moneyFaults(steps),
    ...laterFaults(steps, []),
    ...mintFaults(steps, [], steps),
  ]
}

function walk(steps: readonly Step[], at: readonly number[], around: Around, fields: readonly Field[]): Fault[] {
  if (at.length > DEEPEST * 2)
    return [
      {
        at,
        sentence: `Steps stand within one another more than ${DEEPEST} deep. Call another command instead.`,
        hint: false,
      },
    ]
  return steps.flatMap((step, i) => {
    const here = [...at, i]
    const own = [...textFaults(step, fields), ...stepFaults(step, around)]
    const faults = own.map((sentence): Fault => ({ at: here, sentence, hint: false }))
    const within = listsOf(step).flatMap((list, k) => walk(list, [...here, k], around, fields))
    return [...faults, ...within]
  })
}

function textFaults(step: Step, fields: readonly Field[]): string[] {
  const texts = textsOf(step)
  const shown = step.do === 'alert' && step.alert === undefined
  const empty = (step.do === 'say' || step.do === 'tell' || shown) && texts[0]?.trim() === ''
  const missing = step.do === 'alert' ? 'Give the alert a title.' : 'Write what is to be said.'
  return [...(empty ? [missing] : []), ...texts.flatMap((text) => faultsOf(text, fields))]
}

function tallyFaults({ tally: id, how, to, amount }: StepOf<'tally'>, around: Around): string[] {
  const tally = around.tallies.find((one) => one.id === id)
  const passing = how === 'pass' && tally?.passing === false
  return [
    ...(tally === undefined ? ['Choose a tally.'] : []),
    ...(passing ? [`${tally.name} cannot be passed on. Allow it where the tally is set up.`] : []),
    ...(how === 'pass' ? oneOnly(to) : []),
    ...targetFaults(to, around),
    ...amountFaults(amount, around, how === 'set'),
  ]
}

function stepFaults(step: Step, around: Around): string[] {
  switch (step.do) {
    case 'tell':
      return [...targetFaults(step.to, around), ...oneOnly(step.to)]
    case 'pay':
      return [...targetFaults(step.to, around), ...amountFaults(step.amount, around)]
    case 'take':
      return [...targetFaults(step.from, around), ...amountFaults(step.amount, around)]
    case 'tally':
      return tallyFaults(step, around)
    case 'order':
      return [...orderFaults(step.reward, around), ...targetFaults(step.to, around), ...oneOnly(step.to)]
    case 'raffle':
      return setupFaults(step.setup, around)
    case 'bet':
      return around.bets.some(({ id }) => id === step.template) ? [] : ['Choose a template of a bet.']
    case 'tickets':
      return [
        ...setupFaults(step.setup, around),
        ...targetFaults(step.to, around),
        ...oneOnly(step.to),
        ...amountFaults(step.tickets, around),
      ]
    case 'circle':
      return [
        ...(around.circles.some(({ id }) => id === step.circle) ? [] : ['Choose a circle.']),
        ...targetFaults(step.who, around),
      ]
    case 'alert': {
      const { alert } = step
      return alert === undefined || around.alerts.some(({ id }) => id === alert) ? [] : ['Choose an alert.']
    }
    case 'when':
      return conditionFaults(step.if, around)
    case 'call':
      return callFaults(step.command, around)
    default:
      return []
  }
}

const setupFaults = (setup: number, { setups }: Around): string[] =>
  setups.some(({ id }) => id === setup) ? [] : ['Choose a set-up of a raffle.']

const oneOnly = (target: Target): string[] =>
  target.of === 'present' || target.of === 'circle' ? ['This can be about one person only.'] : []

function targetFaults(target: Target, { arguments: wanted, circles, viewer }: Around): string[] {
  if (target.of === 'caller' && !viewer) return ['Nobody sets this off: choose whom it is about.']
  if (target.of === 'circle' && !circles.some(({ id }) => id === target.circle)) return ['Choose a circle.']
  if (target.of !== 'argument') return []
  const found = wanted.find(({ name, kind }) => name === target.name && kind === 'viewer')
  if (found === undefined) return [`There is no argument "${target.name}" that names a viewer.`]
  return found.needed ? [] : [`"${target.name}" can be left out: then there is nobody to do this for. Make it needed.`]
}

function amountFaults(amount: HowMany, { arguments: wanted }: Around, zero = false): string[] {
  if ('fixed' in amount) return amount.fixed > 0 || zero ? [] : ['Give an amount above 0.']
  const found = wanted.find(({ name, kind }) => name === amount.argument && (kind === 'amount' || kind === 'number'))
  if (found === undefined) return [`There is no argument "${amount.argument}" that is an amount.`]
  return found.needed ? [] : [`"${amount.argument}" can be left out: then the amount is 0. Make it needed.`]
}

function conditionFaults(condition: Extract<Step, { do: 'when' }>['if'], around: Around): string[] {
  const asks = Object.values(condition).some((value) => value !== undefined)
  const { tally, standing } = condition
  const circle = /^circle:(\d+)$/.exec(standing ?? '')?.[1]
  return [
    ...(asks ? [] : ['Choose what must hold.']),
    ...(tally !== undefined && !around.tallies.some(({ id }) => id === tally.tally) ? ['Choose a tally.'] : []),
    ...(circle !== undefined && !around.circles.some(({ id }) => id === Number(circle)) ? ['Choose a circle.'] : []),
  ]
}

/** A command may be called if it leads back to nobody on the way, and asks for nothing that is not given here. */
function callFaults(id: number, around: Around): string[] {
  const command = around.commands.find((one) => one.id === id)
  if (command === undefined) return ['Choose a command.']
  if (leadsBack({ command: id }, around))
    return [`!${command.settings.word} comes back to this one: that would never end.`]
  const missing = command.settings.arguments.filter(
    ({ needed, name, kind }) =>
      needed && !around.arguments.some((own) => own.name === name && own.kind === kind && own.needed),
  )
  return missing.map(({ name }) => `!${command.settings.word} needs "${name}". Ask for it here, too, under that name.`)
}

function orderFaults(id: number, around: Around): string[] {
  const reward = around.rewards.find((one) => one.id === id)
  if (reward === undefined) return ['Choose a reward.']
  return leadsBack({ reward: id }, around) ? [`${reward.name} comes back to this one: that would never end.`] : []
}

/** Where steps go on: those of a command, or of a reward that happens by itself. */
type Way = { readonly command: CommandId } | { readonly reward: RewardId }

const wayKey = (way: Way): string => ('command' in way ? `c${way.command}` : `r${way.reward}`)

/** Whether a way leads to what is being checked, or round in a circle. */
function leadsBack(from: Way, around: Around, path: readonly string[] = []): boolean {
  const key = wayKey(from)
  if (path.includes(key)) return true
  if ('command' in from ? from.command === around.self : from.reward === around.selfReward) return true
  return waysIn(stepsAt(from, around)).some((next) => leadsBack(next, around, [...path, key]))
}

function stepsAt(way: Way, { commands, rewards }: Around): readonly Step[] {
  if ('command' in way) return commands.find(({ id }) => id === way.command)?.settings.steps ?? []
  const reward = rewards.find(({ id }) => id === way.reward)
  return reward?.kind === 'itself' ? reward.steps : []
}

const waysIn = (steps: readonly Step[]): Way[] =>
  steps.flatMap((step): Way[] => {
    if (step.do === 'call') return [{ command: step.command }]
    if (step.do === 'order') return [{ reward: step.reward }]
    return listsOf(step).flatMap(waysIn)
  })
