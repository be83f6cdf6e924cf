import { openAlerts, openOverlays } from '../screen/index.ts'
import type { Step } from '../steps/index.ts'
import { openRewards } from '../store/index.ts'
import { type TriggerSettings, triggers } from '../triggers/index.ts'
import { type CommandSettings, commands } from '../words/index.ts'
import type { World } from '../world/index.ts'

/** What may use something of the library. */
export interface Users {
  readonly rewards: readonly {
    readonly settings: {
      readonly name: string
      readonly picture: string
      readonly alert: number | null
      readonly steps: readonly Step[]
    }
  }[]
  readonly alerts: readonly {
    readonly settings: { readonly name: string; readonly picture: string | null; readonly sound: string }
  }[]
  readonly overlays: readonly { readonly name: string; readonly background: string | null }[]
  readonly commands: readonly { readonly settings: Pick<CommandSettings, 'word' | 'steps'> }[]
  readonly triggers: readonly { readonly settings: Pick<TriggerSettings, 'name' | 'steps'> }[]
}

export const usersIn = (world: World): Users => ({
  rewards: openRewards(world),
  alerts: openAlerts(world),
  overlays: openOverlays(world),
  commands: world.all(commands).filter(({ goneAt }) => goneAt === null),
  triggers: world.all(triggers).filter(({ goneAt }) => goneAt === null),
})

const some = (steps: readonly Step[], test: (step: Step) => boolean): boolean =>
  steps.some((step) => {
    if (test(step)) return true
    if (step.do === 'choose') return step.branches.some((branch) => some(branch.steps, test))
    return step.do === 'when' && (some(step.steps, test) || some(step.otherwise, test))
  })

function bySteps({ rewards, commands: own, triggers: waiting }: Users, test: (step: Step) => boolean): string[] {
  return [
    ...rewards
      .filter(({ settings }) => some(settings.steps, test))
      .map(({ settings }) => `the steps of “${settings.name}”`),
    ...own.filter(({ settings }) => some(settings.steps, test)).map(({ settings }) => `!${settings.word}`),
    ...waiting
      .filter(({ settings }) => some(settings.steps, test))
      .map(({ settings }) => `the trigger “${settings.name}”`),
  ]
}

/** Where a file is used, in words: "the reward “Factory whistle”". @param ref - "media/" and the file's name. */
export function usesOfMedia(users: Users, ref: string): string[] {
  const step = (one: Step): boolean =>
    (one.do === 'alert' && one.alert === undefined && (one.picture === ref || one.sound === ref)) ||
    (one.do === 'sound' && one.sound === ref)
  return [
    ...users.rewards
      .filter(({ settings }) => settings.picture === ref)
      .map(({ settings }) => `the reward “${settings.name}”`),
    ...users.alerts
      .filter(({ settings }) => settings.picture === ref || settings.sound === ref)
      .map(({ settings }) => `the alert “${settings.name}”`),
    ...users.overlays.filter(({ background }) => background === ref).map(({ name }) => `the overlay “${name}”`),
    ...bySteps(users, step),
  ]
}

/** Where an alert is used, in words. */
export const usesOfAlert = (users: Users, alert: number): string[] => [
  ...users.rewards
    .filter(({ settings }) => settings.alert === alert)
    .map(({ settings }) => `the reward “${settings.name}”`),
  ...bySteps(users, (step) => step.do === 'alert' && step.alert === alert),
]

/** "the reward “Lights out”, !lamp and 2 more". */
export function usesInWords(uses: readonly string[]): string {
  if (uses.length < 3) return uses.join(' and ')
  return `${uses.slice(0, 2).join(', ')} and ${uses.length - 2} more`
}
