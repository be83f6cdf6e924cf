import type { PlaceOrder } from '#core/buying'
import type { UseCommand } from '#core/commands'
import type { AnswerTo, Intent } from '#core/engine'
import { seedSetting } from '#core/fairness'
import { accounts } from '#core/ledger'
import { viewers } from '#core/people'
import type { ContinueRun } from '#core/runs'
import type { UnixSeconds, ViewerId } from '#core/schema'
import { writeSetting } from '#core/settings'
import { latestShow, showOnAir, shows } from '#core/show'
import { type RewardSettings, rewards } from '#core/store'
import { hasViewer, type RunTrigger, type TriggerSettings, triggers } from '#core/triggers'
import { type CommandSettings, commands } from '#core/words'
import type { Refusal, Timer, World } from '#core/world'
import type { Client, Pool } from '../database/index.ts'
import { newSeed } from '../fairness/index.ts'
import { decideOnCopy, envelope, onCopy } from '../writer/index.ts'
import type { Tried } from './answers.ts'
import { whatHappened } from './tried.ts'

export const MADE_UP = ['newcomer', 'follower', 'subscriber', 'moderator'] as const
export type MadeUp = (typeof MADE_UP)[number]

type Figures = Readonly<Record<string, string | number>>

/** Something to try: a command or trigger as it stands in the form, saved or not, and who would set it off. */
export interface Trial {
  readonly what:
    | {
        readonly kind: 'command'
        readonly id: number | null
        readonly settings: CommandSettings
        readonly typed: string
      }
    | {
        readonly kind: 'reward'
        readonly id: number | null
        readonly settings: RewardSettings
        readonly typed: string
      }
    | {
        readonly kind: 'trigger'
        readonly id: number | null
        readonly settings: TriggerSettings
        readonly figures: Figures
      }
  readonly as: { readonly viewer: ViewerId } | { readonly madeUp: MadeUp }
  /** Whether to try it as if the show were on air; left out: as it is. */
  readonly onAir?: boolean | undefined
}

/** What is tried, and how it goes on after a wait. */
type Tries = UseCommand | PlaceOrder | RunTrigger | ContinueRun

const MOST_WAITS = 25

/** Tries something on a copy of the channel: the same rules on the same rows, and nothing of it is written. */
export const tryOut = (pool: Pool, channel: number, at: UnixSeconds, trial: Trial): Promise<Tried> =>
  onCopy(pool, channel, (client, world) => play(client, channel, world, at, trial))

async function play(client: Client, channel: number, world: World, at: UnixSeconds, trial: Trial): Promise<Tried> {
  const hand = async <I extends Intent>(intent: I, now: number) => {
    const sent = { ...intent, ...envelope(`trial/${now}`, now) }
    return decideOnCopy<I>(client, channel, world, sent)
  }
  if ('madeUp' in trial.as) await hand({ kind: 'presence.arrived', who: madeUpWho(trial.as.madeUp) }, at)
  world.begin(envelope('trial', at))
  // What is drawn for real must not be known from trying.
  writeSetting(world, seedSetting, { id: 0, seed: newSeed(), openedAt: at })
  if (trial.onAir !== undefined) setAir(world, trial.onAir)
  const viewer = 'viewer' in trial.as ? trial.as.viewer : standAs(world, trial.as.madeUp)
  let intent = intentOf(world, trial, viewer)
  world.takeChanges()
  let refusal: Refusal | null = null
  let now = at
  for (let i = 0; i < MOST_WAITS; i++) {
    const result = await hand(intent, now)
    refusal ??= result.ok ? refusalIn(result.value) : result.refusal
    const next = world.timers.find((timer) => continues(timer) && timer.at > now)
    if (next === undefined || !continues(next)) break
    now = next.at
    intent = { ...next.intent, depth: 0 }
  }
  return whatHappened(world, at, refusal)
}

/** Whether a timer has a run go on. */
const continues = (timer: Timer): timer is Timer & { readonly intent: ContinueRun } =>
  'intent' in timer && timer.intent.kind === 'run.continue'

/** The refusal within an answer: a run that was refused is an answer, too. */
function refusalIn(answer: AnswerTo<Tries>): Refusal | null {
  if ('used' in answer) return answer.used.refusal ?? null
  return ('refusal' in answer ? answer.refusal : undefined) ?? null
}

const madeUpWho = (madeUp: MadeUp) => ({
  account: `made-up/${madeUp}`,
  name: `a_${madeUp}`,
  moderator: madeUp === 'moderator',
})

const LONG_AGO_SECONDS = 90 * 86_400
/** What somebody made up holds, so that prices can be tried; a newcomer has what newcomers are given. */
const HOLDS = 500

/** Gives somebody made up the standing they are to have. @returns Their id. */
function standAs(world: World, madeUp: MadeUp): number {
  const viewer = world.find(viewers, 'accountKey', madeUpWho(madeUp).account)
  if (viewer === undefined) throw new Error('Nobody was made up.')
  if (madeUp === 'newcomer') return viewer.id
  const known = { ...viewer, firstSeenAt: world.at - LONG_AGO_SECONDS, followedAt: world.at - LONG_AGO_SECONDS }
  world.put(
    viewers,
    madeUp === 'subscriber' ? { ...known, tier: 1, subscribedSince: world.at - LONG_AGO_SECONDS } : known,
  )
  const account = world.get(accounts, viewer.id)
  if (account !== undefined) world.put(accounts, { ...account, balance: HOLDS })
  return viewer.id
}

function setAir(world: World, onAir: boolean): void {
  const show = showOnAir(world)
  if (!onAir && show !== undefined) world.put(shows, { ...show, status: 'ended', endedAt: world.at })
  if (!onAir || show !== undefined) return
  const last = latestShow(world)
  const number = (last?.number ?? 0) + 1
  const fresh = {
    title: 'A try',
    startedAt: world.at,
    countsFrom: world.at,
    endedAt: null,
    pausedAt: null,
    guest: null,
  }
  world.put(shows, { id: world.nextId(), number, status: 'on', ...fresh, paid: 0, spent: 0, lines: 0 })
}

/** Puts what is tried in place, as if it had been saved and switched on. @returns The intent that sets it off. */
function intentOf(world: World, { what }: Trial, viewer: ViewerId): Tries {
  const id = what.id ?? world.nextId()
  if (what.kind === 'reward') {
    const known = world.get(rewards, id)
    world.put(rewards, { place: 0, ...known, id, word: what.settings.word, settings: what.settings, goneAt: null })
    const { account, name } = world.get(viewers, viewer) as { account: string; name: string }
    const asked = { text: what.typed, address: 'tried', confirmed: true, again: true }
    return { kind: 'store.buy', who: { account, name }, word: what.settings.word, ...asked }
  }
  if (what.kind === 'command') {
    world.put(commands, { id, settings: what.settings, goneAt: null })
    return { kind: 'command.use', command: id, viewer, typed: what.typed }
  }
  // Approval by hand would end the try where it begins.
  const { source } = what.settings
  const settings =
    source.of === 'outside' ? { ...what.settings, source: { ...source, approval: 'itself' as const } } : what.settings
  world.put(triggers, { id, settings, goneAt: null, dueAt: null, linesAt: 0, showId: 0 })
  return {
    kind: 'trigger.run',
    trigger: id,
    viewer: hasViewer(source.of) ? viewer : null,
    figures: what.figures,
    depth: 1,
  }
}
