import type { Who } from '../access/index.ts'
import { isNobody } from '../access/index.ts'
import type { Step } from '../steps/index.ts'
import type { CommandSettings } from '../words/index.ts'
import { type Fault, listsOf } from './within.ts'

/** How everything around stands that a command or trigger needs in order to work. */
export interface Environment {
  readonly muted: boolean
  /** What the bot says nothing about. */
  readonly silent: readonly string[]
  readonly chatConnected: boolean
  readonly overlays: number
  readonly overlaysConnected: number
  readonly onAir: boolean
}

/** Whether something works now, as a sentence; where not all is well: where to fix it. */
export interface Readiness {
  readonly ready: boolean
  readonly sentence: string
  /** How much else keeps it from working, beside what the sentence says. */
  readonly more: number
  /** The page of the desk to fix it on; null: here, or nothing to do. */
  readonly fix: { readonly page: string; readonly label: string } | null
}

/** What keeps something from working, and where to fix that. */
export const notReady = (sentence: string, page?: string, label = 'Fix it'): Readiness => ({
  ready: false,
  sentence,
  more: 0,
  fix: page === undefined ? null : { page, label },
})

/** The kinds of steps there are in a list, those within others included. */
export const kindsIn = (steps: readonly Step[]): Set<Step['do']> =>
  new Set(steps.flatMap((step) => [step.do, ...listsOf(step).flatMap((list) => [...kindsIn(list)])]))

/** What keeps steps from doing all they should; empty: nothing. */
export function stepsReady(
  steps: readonly Step[],
  faults: readonly Fault[],
  around: Environment,
  answers: boolean,
): Readiness[] {
  const kinds = kindsIn(steps)
  const found: Readiness[] = []
  const fault = faults.find(({ hint }) => !hint)
  if (steps.length === 0) found.push(notReady('It does nothing yet: add a step.'))
  if (fault !== undefined) found.push(notReady(`A step no longer works: ${fault.sentence}`))
  const speaks = kinds.has('say') || kinds.has('tell')
  if (speaks && !around.chatConnected)
    found.push(notReady('Chat is not connected: nothing is said.', '/connections', 'See the connection'))
  else if (speaks && around.muted)
    found.push(notReady('The bot is muted: everything happens, but nothing is said.', '/', 'Let it speak'))
  const topic = answers ? 'answers' : 'triggers'
  if (kinds.has('say') && around.silent.includes(topic))
    found.push(notReady('The bot is set to say nothing of this kind.', '/commands/voice', 'See its settings'))
  if (kinds.has('alert') || kinds.has('sound')) {
    if (around.overlays === 0) found.push(notReady('There is no overlay to play this.', '/screen', 'Add an overlay'))
    else if (around.overlaysConnected === 0)
      found.push(notReady('No overlay is connected that would play this.', '/screen', 'Connect one'))
  }
  return found
}

/** What keeps people from it. */
export function peopleReady(who: Who, on: boolean, onAir: boolean, around: Environment): Readiness[] {
  const found: Readiness[] = []
  if (!on) found.push(notReady('It is switched off.'))
  if (isNobody(who)) found.push(notReady('Nobody may use it: choose who.'))
  if (onAir && !around.onAir) found.push(notReady('Only on air, and you are off air.', '/', 'Go on air'))
  return found
}

const READY: Readiness = { ready: true, sentence: 'Ready.', more: 0, fix: null }

/** The one line of what keeps something from working: the first thing, and how many more there are. */
export function inOneLine(found: readonly Readiness[]): Readiness {
  const [first, ...rest] = found
  if (first === undefined) return READY
  return { ...first, more: rest.length }
}

/** Whether a command works now. */
export const commandReady = (settings: CommandSettings, faults: readonly Fault[], around: Environment): Readiness =>
  inOneLine([
    ...peopleReady(settings.who, settings.on, settings.onAir, around),
    ...(around.chatConnected
      ? []
      : [notReady('Chat is not connected: nobody is heard.', '/connections', 'See the connection')]),
    ...stepsReady(settings.steps, faults, around, true),
  ])
