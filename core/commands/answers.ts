import { currencySetting, durationInWords, inWords, REPLY } from '../currency/index.ts'
import { checkIn, showPeriod, uncountedSeconds } from '../earning/index.ts'
import { balanceOf, earnedOf } from '../ledger/index.ts'
import { attendedOfLast, standingsOf, type ViewerRow, watchOf } from '../people/index.ts'
import { measureOf, nextRank, rankName, ranksSetting } from '../ranks/index.ts'
import type { Seconds } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { latestShow } from '../show/index.ts'
import { fillIn } from '../texts/index.ts'
import type { World } from '../world/index.ts'

/** What somebody holds, in the streamer's words. */
export function balanceAnswer(world: World, viewer: ViewerRow): string {
  const currency = readSetting(world, currencySetting)
  return fillIn(currency.reply ?? REPLY, {
    viewer: { name: viewer.name, rank: rankName(world, viewer.id) },
    balance: inWords(balanceOf(world, viewer.id), currency),
  })
}

/** The rank held and the way to the next: "pia is Fitter; 3 h 20 min more to Master." */
export function rankAnswer(world: World, viewer: ViewerRow): string {
  const plan = readSetting(world, ranksSetting)
  if (plan.ranks.length === 0) return 'There are no ranks here.'
  const { watchedSeconds } = watchOf(world, viewer.id)
  const measure = measureOf(plan, { watchedSeconds, earned: earnedOf(world, viewer.id) })
  const held = standingsOf(viewer, world.at)
  const next = nextRank(plan.ranks, measure, held)
  const name = rankName(world, viewer.id)
  const is = name === '' ? `${viewer.name} has no rank yet` : `${viewer.name} is ${name}`
  if (next === undefined) return `${is}.`
  const missing = next.from - measure
  const way =
    plan.measure === 'hours' ? durationInWords(missing * 60) : inWords(missing, readSetting(world, currencySetting))
  return `${is}; ${way} more to ${next.name}.`
}

/** Hours watched in all and this show: "pia has watched 12 h 5 min, 1 h 2 min of it this show." */
export function hoursAnswer(world: World, viewer: ViewerRow): string {
  const watch = watchOf(world, viewer.id)
  const show = latestShow(world)
  const running =
    show === undefined || show.status === 'ended' ? 0 : uncountedSeconds(watch, showPeriod(show), world.at)
  const inAll = minutesInWords(watch.watchedSeconds + running)
  if (show?.status !== 'on' || (watch.showId !== show.id && running === 0)) {
    const attended = attendedOfLast(watch, show?.number ?? 0, 10)
    return `${viewer.name} has watched ${inAll}; ${attended} of the last ${Math.min(10, show?.number ?? 0)} shows.`
  }
  const here = (watch.showId === show.id ? watch.showSeconds : 0) + running
  return `${viewer.name} has watched ${inAll}, ${minutesInWords(here)} of it this show.`
}

/** Whole minutes, as people say how long they have watched. */
const minutesInWords = (seconds: Seconds): string =>
  seconds < 60 ? 'less than a minute' : durationInWords(seconds - (seconds % 60))

/** Checks somebody in and says what it paid. Needs their habits. */
export function checkInAnswer(world: World, viewer: ViewerRow): string {
  const done = checkIn(world, viewer)
  if (!done.ok) return `${viewer.name}: ${done.refusal.sentence}`
  const { paid, streak } = done.value
  const row = streak > 1 ? `, ${streak} shows in a row` : ''
  return `${viewer.name} is checked in${row}: ${inWords(paid, readSetting(world, currencySetting))}.`
}
