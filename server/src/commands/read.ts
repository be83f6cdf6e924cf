import { and, asc, desc, eq, ilike, isNull, lt, or, sql } from 'drizzle-orm'
import { type WhoNames, whoInWords } from '#core/access'
import { goalsSetting } from '#core/goals'
import { checkSteps, commandReady, type Environment } from '#core/runs'
import type { UnixSeconds } from '#core/schema'
import { figuresOf, hasViewer, type TriggerSettings, triggerReady } from '#core/triggers'
import { voiceSetting } from '#core/voice'
import { betListeners, type CommandRow, gameListeners, goalListeners, raffleListeners, wordsSetting } from '#core/words'
import { whoNames } from '../access/index.ts'
import { betDefaultsOf, betTemplatesOf } from '../bets/index.ts'
import type { ChatState } from '../chat/index.ts'
import { type Reader, schema } from '../database/index.ts'
import { gameWordsOf } from '../games/index.ts'
import { runningRafflesOf, setupsOf } from '../raffles/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { alertsOf, overlaysOf } from '../screen/index.ts'
import { settingOf } from '../settings/index.ts'
import { openShowOf } from '../show/index.ts'
import { rewardsOf } from '../store/index.ts'
import { talliesOf } from '../tallies/index.ts'
import { outsideRewardsOf } from '../triggers/index.ts'

const { command, trigger, run, runTime } = schema

export const commandsOf = (db: Reader, channel: number): Promise<CommandRow[]> =>
  db
    .select({ id: command.id, settings: command.settings, goneAt: command.goneAt })
    .from(command)
    .where(and(eq(command.channel, channel), isNull(command.goneAt)))
    .orderBy(asc(command.id))

export const triggersOf = (db: Reader, channel: number) =>
  db
    .select({ id: trigger.id, settings: trigger.settings, dueAt: trigger.dueAt })
    .from(trigger)
    .where(and(eq(trigger.channel, channel), isNull(trigger.goneAt)))
    .orderBy(asc(trigger.id))

/** How everything stands that commands need in order to work. */
export async function standingOf(db: Reader, channel: number, now: number, chat: ChatState): Promise<Environment> {
  const voice = await settingOf(db, channel, voiceSetting)
  const overlays = await overlaysOf(db, channel, now)
  const show = await openShowOf(db, channel)
  return {
    muted: voice.muted,
    silent: voice.silent,
    chatConnected: chat.status === 'connected',
    overlays: overlays.length,
    overlaysConnected: overlays.filter(({ connected }) => connected).length,
    onAir: show?.status === 'on',
  }
}

/** What steps can refer to in a channel. */
export async function aroundOf(db: Reader, channel: number) {
  const rewards = (await rewardsOf(db, channel)).map(({ id, settings }) => {
    const { name, word, command, kind, steps } = settings
    return { id, name, kind, steps, settings: { word, command, name } }
  })
  const alerts = (await alertsOf(db, channel)).map(({ id, settings }) => ({ id, name: settings.name }))
  const [tallies, commands] = [await talliesOf(db, channel), await commandsOf(db, channel)]
  const [setups, bets] = [await setupsOf(db, channel), await betTemplatesOf(db, channel)]
  return { tallies, commands, circles: await circlesOf(db, channel), rewards, alerts, setups, bets }
}

interface Around extends Awaited<ReturnType<typeof aroundOf>> {
  readonly names: WhoNames
  readonly standing: Environment
}

function commandShown({ id, settings }: CommandRow, { names, standing, ...around }: Around) {
  const own = { arguments: settings.arguments, figures: {}, viewer: true, self: id }
  const faults = checkSteps(settings.steps, { ...around, ...own })
  return { id, settings, who: whoInWords(settings.who, names), ready: commandReady(settings, faults, standing) }
}

/** @param listed - The rewards of the platform that are for sale there. */
function triggerShown(
  {
    id,
    settings,
    dueAt,
  }: { readonly id: number; readonly settings: TriggerSettings; readonly dueAt: UnixSeconds | null },
  { names, standing, ...around }: Around,
  listed: ReadonlySet<string>,
) {
  const { of } = settings.source
  const own = { arguments: [], figures: figuresOf(of), viewer: hasViewer(of) }
  const faults = checkSteps(settings.steps, { ...around, ...own })
  const ready = triggerReady(settings, faults, standing, listed)
  return { id, settings, dueAt, who: whoInWords(settings.who, names), ready }
}

/** Triggers, and whether each of them works now. */
export async function triggersShown(db: Reader, channel: number, now: number, chat: ChatState) {
  const triggers = await triggersOf(db, channel)
  const names = await whoNames(db, channel, triggers)
  const around = { ...(await aroundOf(db, channel)), names, standing: await standingOf(db, channel, now, chat) }
  const listed = new Set((await outsideRewardsOf(db, channel)).filter((one) => one.listed).map(({ id }) => id))
  return triggers.map((row) => triggerShown(row, around, listed))
}

/** Commands, triggers and tallies with all that their forms need, and whether each of them works now. */
export async function commandsView(db: Reader, channel: number, now: number, chat: ChatState) {
  const triggers = await triggersOf(db, channel)
  const around = await aroundOf(db, channel)
  const { commands, tallies, circles, rewards, alerts, setups, bets } = around
  const names = await whoNames(db, channel, [...commands, ...triggers])
  const outside = await outsideRewardsOf(db, channel)
  const standing = await standingOf(db, channel, now, chat)
  const listed = new Set(outside.filter((one) => one.listed).map(({ id }) => id))
  const all = { ...around, names, standing }
  return {
    commands: commands.map((row) => commandShown(row, all)),
    triggers: triggers.map((row) => triggerShown(row, all, listed)),
    tallies,
    circles,
    rewards,
    alerts,
    outside,
    names,
    standing,
    voice: await settingOf(db, channel, voiceSetting),
    words: await settingOf(db, channel, wordsSetting),
    games: [
      ...gameListeners(await gameWordsOf(db, channel)),
      ...betListeners(await betDefaultsOf(db, channel)),
      ...goalListeners(await settingOf(db, channel, goalsSetting)),
    ],
    raffles: raffleListeners(await runningRafflesOf(db, channel)),
    setups,
    bets,
  }
}

export interface RunsAsked {
  readonly outcome?: string | undefined
  /** The id of a command or trigger. */
  readonly of?: number | undefined
  readonly text?: string | undefined
  readonly before?: number | undefined
}

const RUNS_SHOWN = 100

/** What ran lately, newest first: who, when, what came of it and how long it took (ms; null: not measured). */
export async function runsOf(db: Reader, channel: number, { outcome, of, text, before }: RunsAsked) {
  const like = text === undefined ? undefined : `%${text.replaceAll(/[%_\\]/g, '\\$&')}%`
  const { id, at, endedAt, source, name, viewerName, why, log, seed } = run
  const rows = await db
    .select({
      id,
      at,
      endedAt,
      source,
      of: run.of,
      name,
      viewer: run.viewer,
      viewerName,
      outcome: run.outcome,
      why,
      log,
      seed,
      ms: runTime.ms,
    })
    .from(run)
    .leftJoin(runTime, and(eq(runTime.channel, run.channel), eq(runTime.run, run.id)))
    .where(
      and(
        eq(run.channel, channel),
        outcome === undefined ? undefined : sql`${run.outcome} = ${outcome}`,
        of === undefined ? undefined : eq(run.of, of),
        like === undefined ? undefined : or(ilike(name, like), ilike(viewerName, like), ilike(why, like)),
        before === undefined ? undefined : lt(id, before),
      ),
    )
    .orderBy(desc(id))
    .limit(RUNS_SHOWN)
  return { runs: rows, before: rows.length === RUNS_SHOWN ? (rows.at(-1)?.id ?? null) : null }
}
