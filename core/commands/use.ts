import { checkLimits, countUse, type LimitKey, needLimits, tellsRefusal, whyNotFor } from '../access/index.ts'
import { currencySetting, inWords } from '../currency/index.ts'
import { maySpend } from '../earning/index.ts'
import { BOOKS, balanceOf, transfer } from '../ledger/index.ts'
import { findViewer, type ViewerRow, viewers } from '../people/index.ts'
import { finishRun, needSteps, newRun, type Price, queued, refusedRun, runs } from '../runs/index.ts'
import type { UnixSeconds } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { showOnAir } from '../show/index.ts'
import { cutForChat, render } from '../texts/index.ts'
import { type Asker, answer } from '../voice/index.ts'
import {
  type CommandRow,
  type CommandSettings,
  type Given,
  needArguments,
  peopleNamed,
  readArguments,
} from '../words/index.ts'
import { type Need, ok, type Refusal, type Result, refuse, type World } from '../world/index.ts'

export const commandKey = (id: number): LimitKey => `c${id}`

/**
 * All that using a command may need. Steps that will not be done need nothing: of a thousand people who use what rests for
 * everyone, one needs everyone present.
 * @param account - Of who uses it. @param at - When.
 */
export function needUse(
  world: World,
  { id, settings }: CommandRow,
  { account, typed, at }: { readonly account: string; readonly typed: string; readonly at: UnixSeconds },
): Need[] {
  const viewer = findViewer(world, account)
  const needed = [...needLimits(commandKey(id), viewer?.id), ...needArguments(world, settings.arguments, typed)]
  if (!needed.every((need) => world.rows.has(need))) return needed
  if (!checkLimits(world, commandKey(id), settings.limits, viewer?.id ?? null, at).ok) return needed
  const named = peopleNamed(world, settings.arguments, typed)
  return [...needed, ...needSteps(world, settings.steps, { caller: viewer?.id, named }, [id])]
}

/** What came of using a command. */
export interface Used {
  readonly run: number
  readonly outcome: 'done' | 'refused' | 'failed' | 'waiting'
  readonly refusal?: Refusal
}

/**
 * Uses a command as somebody who said it: checks who may and how often, takes the price, does the steps. All of it happens
 * or nothing but the answer that says why. Needs `needUse` and the viewer's watch row.
 */
export function carryOut(world: World, command: CommandRow, viewer: ViewerRow, typed: string, asker: Asker): Used {
  const { id: of, settings } = command
  const before = world.mark()
  const allowed = mayNow(world, command, viewer, typed, asker)
  const began = allowed.ok ? begin(world, command, viewer, allowed.value, asker) : allowed
  if (began.ok) return began.value
  world.undo(before)
  const { refusal } = began
  const base = { id: world.nextId(), at: world.at, source: 'command', of, name: settings.word } as const
  world.append(runs, refusedRun({ ...base, viewer: viewer.id, viewerName: viewer.name }, refusal))
  const until = Number(refusal.data?.until ?? 0)
  if (settings.refusals && tellsRefusal(world, commandKey(of), viewer.id, refusal.code, until))
    answer(
      world,
      asker,
      refusalTold(settings, asker.name, refusal),
      settings.reply === null ? {} : { reply: settings.reply },
    )
  world.fact('run.ended', 'desk', { run: base.id, outcome: 'refused' })
  return { run: base.id, outcome: 'refused', refusal }
}

/** What who was refused hears: the streamer's words, or whose line it was and why. */
function refusalTold({ refusalText = '' }: CommandSettings, name: string, { sentence }: Refusal): string {
  const own = refusalText.trim() === '' ? '' : render(refusalText, { viewer: { name }, why: sentence })
  return typeof own === 'object' && own.ok && own.text !== '' ? cutForChat(own.text) : `${name}: ${sentence}`
}

function mayNow(
  world: World,
  { id, settings }: CommandRow,
  viewer: ViewerRow,
  typed: string,
  { privately }: Asker,
): Result<Given> {
  const { who, where, onAir, limits, cost } = settings
  if (!settings.on) return refuse('command_off', `!${settings.word} is switched off.`)
  if (viewer.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  const why = whyNotFor(world, who, viewer, `!${settings.word}`)
  if (why !== undefined) return refuse('command_not_allowed', why)
  if (where === 'room' && privately) return refuse('command_wrong_place', `Say !${settings.word} in the room.`)
  if (where === 'private' && !privately)
    return refuse('command_wrong_place', `Send !${settings.word} to the bot privately.`)
  if (onAir && showOnAir(world) === undefined)
    return refuse('command_off_air', `!${settings.word} works only while the show is on air.`)
  const given = readArguments(world, settings.word, settings.arguments, typed, viewer)
  if (!given.ok) return given
  const limited = checkLimits(world, commandKey(id), limits, viewer.id)
  if (!limited.ok) return limited
  const newcomer = cost > 0 ? maySpend(world, viewer) : ok(true)
  return newcomer.ok ? given : newcomer
}

function begin(world: World, command: CommandRow, viewer: ViewerRow, given: Given, asker: Asker): Result<Used> {
  const { id: of, settings } = command
  const limitKey = commandKey(of)
  countUse(world, limitKey, settings.limits, viewer.id)
  const id = world.nextId()
  const price = charge(world, id, settings, viewer)
  if (!price.ok) return price
  const run = newRun({
    world,
    id,
    source: { source: 'command', of, name: settings.word },
    limitKey,
    caller: world.get(viewers, viewer.id),
    wanted: settings.arguments,
    given,
    figures: {},
    depth: 0,
    asker,
    reply: settings.reply,
    paid: 0,
    taken: 0,
  })
  const finished = finishRun(run, queued(settings.steps), price.value)
  return finished.ok ? ok({ run: id, outcome: finished.value }) : finished
}

/** Takes a command's price. */
function charge(world: World, run: number, { cost, word }: CommandSettings, viewer: ViewerRow): Result<Price | null> {
  if (cost === 0) return ok(null)
  const balance = balanceOf(world, viewer.id)
  if (balance < cost) {
    const currency = readSetting(world, currencySetting)
    const short = inWords(cost - balance, currency)
    const sentence = `!${word} costs ${inWords(cost, currency)}; you are ${short} short.`
    return refuse('balance_too_small', sentence, { price: cost, balance })
  }
  const detail = { name: `!${word}` }
  const moved = transfer(world, {
    from: viewer.id,
    to: BOOKS.spent,
    amount: cost,
    reason: 'charged',
    about: run,
    detail,
  })
  if (!moved.ok) return moved
  world.fact('balance.changed', `viewer:${viewer.id}`, { balance: balanceOf(world, viewer.id) })
  return ok({ transfer: moved.value.id, amount: cost })
}
