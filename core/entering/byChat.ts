import { mayUse, needLimits, tellsRefusal } from '../access/index.ts'
import { currencySetting, readAmount } from '../currency/index.ts'
import { findViewer, type ViewerRow } from '../people/index.ts'
import {
  type ActOnRaffle,
  actOn,
  enterRaffle,
  leaveRaffle,
  MOST_TICKETS,
  needAct,
  needEntry,
  type RaffleRow,
  runningRaffle,
  type Wanted,
} from '../raffles/index.ts'
import type { RaffleId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { type Asker, answer, voiceSetting } from '../voice/index.ts'
import { type Need, ok, type Result, refuse, type World } from '../world/index.ts'

/** What is typed behind a raffle's word. */
type Typed =
  | { readonly of: 'enter'; readonly wanted: Wanted }
  | { readonly of: 'leave' }
  | { readonly of: 'run'; readonly does: ActOnRaffle['does'] }

const RUNS: Readonly<Record<string, ActOnRaffle['does']>> = {
  open: 'open',
  close: 'close',
  draw: 'draw',
  off: 'callOff',
  finish: 'finish',
}
const LEAVES: ReadonlySet<string> = new Set(['leave', 'out'])
/** What looks like an amount is meant as one; any other word behind is talk. */
const NUMBER = /^[\d.,'’]+[km]?$/iu

function typedIn(world: World, { settings }: RaffleRow, rest: string): Result<Typed> {
  const first = rest.split(/\s+/u)[0]?.normalize('NFKC').toLowerCase() ?? ''
  const does = Object.hasOwn(RUNS, first) ? RUNS[first] : undefined
  if (does !== undefined) return ok({ of: 'run', does })
  if (LEAVES.has(first)) return ok({ of: 'leave' })
  if (first === 'max' || first === 'all') return ok({ of: 'enter', wanted: 'max' })
  if (!NUMBER.test(first)) return ok({ of: 'enter', wanted: 'some' })
  const read = readAmount(first, 0, readSetting(world, currencySetting))
  if (settings.guess !== null) return ok({ of: 'enter', wanted: read.ok ? read.value : 'some' })
  if (!read.ok || read.value > MOST_TICKETS)
    return refuse('arguments_wrong', `"${first.slice(0, 20)}" is not a number of tickets. Type a whole number, or max.`)
  return ok({ of: 'enter', wanted: read.value })
}

const mayRun = (world: World, { settings }: RaffleRow, viewer: ViewerRow): boolean =>
  mayUse(world, settings.run, viewer)

/** What a line with a raffle's word needs. */
export function needRaffleLine(world: World, raffle: RaffleId, rest: string, account: string): Need[] {
  const row = runningRaffle(world, raffle)
  const viewer = findViewer(world, account)
  const needed = [...needEntry(raffle, viewer?.id), ...needLimits(`f${raffle}`, viewer?.id)]
  const typed = row === undefined ? undefined : typedIn(world, row, rest)
  if (row === undefined || viewer === undefined || !typed?.ok || typed.value.of !== 'run') return needed
  return mayRun(world, row, viewer) ? [...needed, ...needAct(world, row, typed.value.does)] : needed
}

/** Enters, leaves or runs a raffle, as a line of chat says it, and answers. Needs `needRaffleLine`. */
export function raffleByChat(world: World, viewer: ViewerRow, raffle: RaffleRow, rest: string, asker: Asker): void {
  const before = world.mark()
  const typed = typedIn(world, raffle, rest)
  const done = typed.ok ? doTyped(world, viewer, raffle, typed.value) : typed
  if (done.ok) {
    if (done.value !== '') answer(world, asker, done.value, { likeness: `raffle/${raffle.id}` })
    return
  }
  world.undo(before)
  const { code, sentence } = done.refusal
  const told = tellsRefusal(world, `f${raffle.id}`, viewer.id, code, 0)
  if (told || asker.privately || readSetting(world, voiceSetting).reply === 'private')
    answer(world, asker, `${viewer.name}: ${sentence}`)
}

function doTyped(world: World, viewer: ViewerRow, raffle: RaffleRow, typed: Typed): Result<string> {
  if (typed.of === 'leave') {
    const left = leaveRaffle(world, raffle, viewer)
    return left.ok ? ok(left.value.told) : left
  }
  if (typed.of === 'run' && mayRun(world, raffle, viewer)) {
    const done = actOn(world, raffle, typed.does, { by: viewer.name })
    return done.ok ? ok('') : done
  }
  const entered = enterRaffle(world, raffle, viewer, typed.of === 'enter' ? typed.wanted : 'some', 'word')
  return entered.ok ? ok(entered.value.told) : entered
}
