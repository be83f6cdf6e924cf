import { whoInWords } from '#core/access'
import { rewardReady } from '#core/buying'
import { earningSetting, planDraftSetting } from '#core/earning'
import { checkSteps, type Environment } from '#core/runs'
import type { Amount } from '#core/schema'
import { playing } from '#core/screen'
import { zoneSetting } from '#core/settings'
import { codesLeft, countsIn, leftOf, nowAt, type RewardRow, rewardHints } from '#core/store'
import { whoNames } from '../../access/index.ts'
import type { ChatState } from '../../chat/index.ts'
import type { Reader } from '../../database/index.ts'
import { alertsOf, overlaysOf } from '../../screen/index.ts'
import { settingOf } from '../../settings/index.ts'
import { openShowOf } from '../../show/index.ts'
import { archivedOf, codeListsOf, holdingsIn, periodOf, rewardsOf, salesOf, soldBy } from '../../store/index.ts'
import { talliesOf } from '../../tallies/index.ts'
import { aroundOf, standingOf } from '../read.ts'

/** The store as the desk shows it: every reward with its sales, what is left and whether it works, and what tells what to charge. */
export async function storeView(db: Reader, channel: number, now: number, chat: ChatState) {
  const rewards = await rewardsOf(db, channel)
  const { plan, scheduled } = await planToCome(db, channel)
  const overlays = await overlaysOf(db, channel, now)
  const shown = await shownBy(db, channel, now, chat, rewards, overlays, plan.cap ?? 0)
  return {
    rewards: rewards.map(shown),
    archived: await archivedOf(db, channel),
    ...(await salesOf(db, channel, rewards)),
    holdings: await holdingsIn(db, channel, now),
    plan,
    scheduled,
    tallies: await talliesOf(db, channel),
    timeZone: (await settingOf(db, channel, zoneSetting)).timeZone,
    alerts: (await alertsOf(db, channel)).map(({ id, settings }) => ({ id, settings })),
    overlays: overlays.map(({ id, name, pieces, connected }) => ({ id, name, pieces, connected })),
    onAir: (await openShowOf(db, channel))?.status === 'on',
  }
}

/** The plan that prices are looked at by: the one that begins with the next show, where one waits for it. */
async function planToCome(db: Reader, channel: number) {
  const draft = await settingOf(db, channel, planDraftSetting)
  return draft.nextShow && draft.plan !== null
    ? { plan: draft.plan, scheduled: true }
    : { plan: await settingOf(db, channel, earningSetting), scheduled: false }
}

type Overlays = Awaited<ReturnType<typeof overlaysOf>>

async function shownBy(
  db: Reader,
  channel: number,
  now: number,
  chat: ChatState,
  rewards: readonly RewardRow[],
  overlays: Overlays,
  cap: Amount,
) {
  const standing: Environment = await standingOf(db, channel, now, chat)
  const around = await aroundOf(db, channel)
  const soldOf = await soldBy(db, channel, rewards, null)
  const lists = await codeListsOf(db, channel)
  const names = await whoNames(db, channel, rewards)
  const { timeZone } = await settingOf(db, channel, zoneSetting)
  const period = nowAt(now, timeZone, await periodOf(db, channel))
  const readyOf = ({ id, settings }: RewardRow, left: number | null) => {
    const plays = playing(overlays, settings.alert)
    const playsNow = plays.filter(({ connected }) => connected).length
    const own = { arguments: [], figures: {}, viewer: true, order: true, selfReward: id }
    const faults = checkSteps(settings.steps, { ...around, ...own })
    return rewardReady(settings, faults, standing, { at: now, left, plays: plays.length, playsNow })
  }
  return (row: RewardRow) => {
    const { id, settings, place } = row
    const [all, codes] = [soldOf(id), lists(id)]
    const left = leftOf(settings, all, period, codesLeft(codes))
    const who = whoInWords(settings.who, names)
    const hints = rewardHints(settings, cap, codes.count)
    const sold = { total: all.total, ...countsIn(all, period) }
    return { id, place, settings, left, sold, codes, who, hints, ready: readyOf(row, left) }
  }
}
