import { whoInWords } from '#core/access'
import { checkSteps, rewardReady, type Standing } from '#core/commands'
import { earningSetting } from '#core/earning'
import { dayIn } from '#core/people'
import { playing } from '#core/screen'
import { zoneSetting } from '#core/settings'
import { codesLeft, leftOf, type RewardRow, rewardHints } from '#core/store'
import { whoNames } from '../../access/index.ts'
import type { ChatState } from '../../chat/index.ts'
import type { Reader } from '../../database/index.ts'
import { alertsOf, overlaysOf } from '../../screen/index.ts'
import { settingOf } from '../../settings/index.ts'
import { openShowOf } from '../../show/index.ts'
import { archivedOf, codeListsOf, holdingsIn, periodOf, rewardsOf, salesOf, soldBy } from '../../store/index.ts'
import { aroundOf, standingOf } from '../read.ts'

/** The store as the desk shows it: every reward with its sales, what is left and whether it works, and what tells what to charge. */
export async function storeView(db: Reader, channel: number, now: number, chat: ChatState) {
  const rewards = await rewardsOf(db, channel)
  const plan = await settingOf(db, channel, earningSetting)
  const overlays = await overlaysOf(db, channel, now)
  const shown = await shownBy(db, channel, now, chat, rewards, overlays, plan.cap ?? 0)
  return {
    rewards: rewards.map(shown),
    archived: await archivedOf(db, channel),
    ...(await salesOf(db, channel, rewards)),
    holdings: await holdingsIn(db, channel, now),
    plan,
    timeZone: (await settingOf(db, channel, zoneSetting)).timeZone,
    alerts: (await alertsOf(db, channel)).map(({ id, settings }) => ({ id, name: settings.name })),
    overlays: overlays.map(({ id, name, pieces, connected }) => ({ id, name, pieces, connected })),
    onAir: (await openShowOf(db, channel))?.status === 'on',
  }
}

type Overlays = Awaited<ReturnType<typeof overlaysOf>>

async function shownBy(
  db: Reader,
  channel: number,
  now: number,
  chat: ChatState,
  rewards: readonly RewardRow[],
  overlays: Overlays,
  cap: number,
) {
  const standing: Standing = await standingOf(db, channel, now, chat)
  const around = await aroundOf(db, channel)
  const sold = await soldBy(db, channel, rewards, null)
  const lists = await codeListsOf(db, channel)
  const names = await whoNames(db, channel, rewards)
  const { timeZone } = await settingOf(db, channel, zoneSetting)
  const period = { period: await periodOf(db, channel), day: dayIn(timeZone, now) }
  return ({ id, settings, place }: RewardRow) => {
    const all = sold(id)
    const list = lists(id)
    const left = leftOf(settings, all, period, codesLeft(list))
    const playsIt = playing(overlays, settings.alert)
    const own = { arguments: [], figures: {}, viewer: true, order: true, selfReward: id }
    return {
      id,
      place,
      settings,
      left,
      sold: {
        total: all.total,
        show: all.show === period.period ? all.shown : 0,
        day: all.day === period.day ? all.dayed : 0,
      },
      codes: list,
      who: whoInWords(settings.who, names),
      hints: rewardHints(settings, cap, list.count),
      ready: rewardReady(settings, checkSteps(settings.steps, { ...around, ...own }), standing, {
        at: now,
        left,
        plays: playsIt.length,
        playsNow: playsIt.filter(({ connected }) => connected).length,
      }),
    }
  }
}
