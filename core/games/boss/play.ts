import { amount, digits } from '../../currency/index.ts'
import type { ViewerRow } from '../../people/index.ts'
import { ok, type Result, type World } from '../../world/index.ts'
import { readStake, restAfter } from '../allowed.ts'
import { callOff } from '../callOff.ts'
import { comeIn, gatheringFields, mayGather, openOne } from '../gather.ts'
import { type GamePlay, stakeIn, usage } from '../play.ts'
import type { Played } from '../played.ts'
import { endRound, openRound, scheduleNext, settleSeat } from '../pot.ts'
import { type RoundOf, type RoundRow, rounds, type SeatRow, seats, seatsOf } from '../rounds.ts'
import { settingsOf } from '../settings.ts'
import { listed, tell } from '../tell.ts'
import { tellRound } from '../tellRound.ts'
import { bossChance, hitChance, neededHits, paidFor, strike, winChance } from './boss.ts'
import type { BossState } from './schema.ts'

type BossRound = RoundOf<BossState>

/** Opens a fight that everybody can come into. @param opener - Null: the desk. */
function openFight(world: World, opener: string | null): RoundRow {
  const { name, picture, gatherSeconds, ...settings } = settingsOf(world, 'boss')
  const { ownPpm, bonusPpm, capPpm, blows, needPpm, multiplier, lastBlowBonus } = settings
  const strength = { ownPpm, bonusPpm, capPpm, blows, needPpm, multiplier, lastBlowBonus }
  const state: BossState = { of: 'boss', name, picture, strength, needed: 0, hits: 0, step: 0, lastBlow: null }
  const nextAt = world.at + gatherSeconds
  return openRound(world, { game: 'boss', status: 'gathering', state, nextAt, openerName: opener })
}

/** Comes into the fight that gathers, or opens one. @param typed - The stake as it is typed. */
function joinFight(world: World, viewer: ViewerRow, typed: string): Result<Played> {
  const open = mayGather(world, 'boss', viewer)
  if (!open.ok) return open
  const stake = readStake(world, 'boss', viewer, typed)
  if (!stake.ok) return stake
  return comeIn(world, 'boss', viewer, {
    round: open.value ?? openFight(world, viewer.name),
    stake: stake.value,
    opened: open.value === undefined ? (now) => tellOpened(world, now, viewer.name) : undefined,
  })
}

/** Says that a fight gathers. */
function tellOpened(world: World, round: RoundRow, opener: string): string {
  const { word, name } = settingsOf(world, 'boss')
  const boss = round.state.of === 'boss' ? round.state.name : name
  return tell(world, 'boss.opened', { ...gatheringFields(world, round, opener), word: word.word, boss })
}

/** What a fight does when its time has come: it begins, or everybody strikes once more. */
function advanceFight(world: World, round: BossRound): void {
  if (round.status === 'gathering') begin(world, round)
  else nextBlow(world, round)
}

function begin(world: World, round: BossRound): void {
  const { leastCrew, pauseSeconds } = settingsOf(world, 'boss')
  if (round.seats < leastCrew) {
    if (round.seats > 0) tell(world, 'boss.tooFew', { crew: round.seats, needed: leastCrew })
    callOff(world, round, 'Too few came.')
    return
  }
  const needed = neededHits(round.state.strength, round.seats)
  const state = { ...round.state, needed }
  const running = scheduleNext(world, { ...round, status: 'running', state }, world.at + pauseSeconds)
  tellRound(world, running, seatsOf(world, running))
  tell(world, 'boss.started', {
    boss: state.name,
    crew: round.seats,
    needed: digits(needed),
    blows: digits(round.seats * state.strength.blows),
    chance: `${digits(Math.round(winChance(state.strength, round.seats) * 1000) / 10)} %`,
  })
}

/** Everybody strikes once, in the order of joining. */
function nextBlow(world: World, round: BossRound): void {
  const { strength, step, hits, needed } = round.state
  const all = seatsOf(world, round)
  const chance = bossChance(round.seed, round.id, all)
  for (let i = 0; i < step * all.length; i++) chance.below(1_000_000)
  const struck = strike(chance, hitChance(strength, all.length), all.length)
  let [now, lastBlow] = [hits, round.state.lastBlow]
  for (const [i, hit] of struck.entries()) {
    const seat = all[i]
    if (!hit || seat === undefined) continue
    now++
    if (now === needed) lastBlow = seat.viewer
    world.put(seats, { ...seat, plan: { ...seat.plan, hits: (seat.plan.hits ?? 0) + 1 } })
  }
  const next = world.put(rounds, { ...round, state: { ...round.state, step: step + 1, hits: now, lastBlow } })
  if (step + 1 < strength.blows) goOn(world, next, now - hits)
  else finish(world, next)
}

function goOn(world: World, round: BossRound, struck: number): void {
  const { name, needed, hits, strength, step } = round.state
  const { pauseSeconds } = settingsOf(world, 'boss')
  const waiting = scheduleNext(world, round, world.at + pauseSeconds)
  tellRound(world, waiting, mostHits(seatsOf(world, waiting)))
  const left = Math.max(0, needed - hits)
  tell(world, 'boss.blow', { boss: name, struck: digits(struck), left: digits(left), blows: strength.blows - step })
}

function finish(world: World, round: BossRound): void {
  const { name, strength, hits, needed, lastBlow } = round.state
  const won = hits >= needed
  const all = seatsOf(world, round)
  const now = all.reduce<RoundRow>((before, seat) => {
    const pays = paidFor(strength, seat.stake, won, seat.viewer === lastBlow)
    return settleSeat(world, before, seat, pays > 0 ? 'won' : 'lost', pays)
  }, round)
  const best = mostHits(all).slice(0, 5)
  const fields = {
    boss: name,
    hits: digits(hits),
    needed: digits(needed),
    best: listed(best.map((seat) => `${seat.name} ${seat.plan.hits ?? 0}`)),
    paid: amount(world, now.paid),
    last: { name: nameOf(all, lastBlow) },
  }
  tell(world, won ? 'boss.won' : 'boss.lost', fields)
  endRound(world, now, 'settled', null, mostHits(seatsOf(world, now)))
  restAfter(world, 'boss')
}

/** Who hit most first; of equals the earlier. */
const mostHits = (all: readonly SeatRow[]): SeatRow[] =>
  [...all].sort((a, b) => (b.plan.hits ?? 0) - (a.plan.hits ?? 0))

const nameOf = (all: readonly SeatRow[], viewer: number | null): string =>
  all.find((seat) => seat.viewer === viewer)?.name ?? 'nobody'

export const bossPlay: GamePlay<'boss'> = {
  acts: {
    boss: {
      read: (world, { first }) =>
        first === '' ? usage(`!${settingsOf(world, 'boss').word.word} 50`) : ok({ do: 'boss', stake: stakeIn(first) }),
      rounds: openOne('boss'),
      play: (world, viewer, { stake }) => joinFight(world, viewer, stake),
    },
  },
  opens: { open: (world) => openFight(world, null), tell: tellOpened },
  advance: advanceFight,
}
